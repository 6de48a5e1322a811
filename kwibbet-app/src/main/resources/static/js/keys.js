// Keys: 1 to 6 walk the run line, Ctrl+Z and Ctrl+Y or Ctrl+Shift+Z undo and redo, each outside of entry fields.
(() => {
  const typing = (target) => target.matches && target.matches('input:not([type="radio"]):not([type="checkbox"]), select, textarea');

  const press = (id) => {
    const button = document.getElementById(id);
    if (button && !button.disabled) {
      button.click();
      return true;
    }
    return false;
  };

  document.addEventListener('keydown', (event) => {
    if (typing(event.target)) {
      return;
    }
    const command = event.ctrlKey || event.metaKey;
    const letter = event.key.toLowerCase();
    if (command && (letter === 'y' || (letter === 'z' && event.shiftKey))) {
      if (press('redo')) event.preventDefault();
    } else if (command && letter === 'z') {
      if (press('undo')) event.preventDefault();
    } else if (!command && !event.altKey && /^[1-9]$/.test(event.key)) {
      const station = document.querySelector(`[data-key="${event.key}"]`);
      if (station) station.click();
    }
  });
})();
