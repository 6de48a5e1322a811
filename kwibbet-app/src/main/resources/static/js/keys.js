// Keys: 1 to 9 walk the run line, arrows and the space bar go from setting to setting at a tool, Ctrl+Z and Ctrl+Y or Ctrl+Shift+Z undo and redo, each outside of entry fields.
(() => {
  const typing = (target) => target.matches && target.matches('input:not([type="radio"]):not([type="checkbox"]), select, textarea');

  const press = (id) => {
    const button = document.getElementById(id);
    if (button && !button.disabled && button.getAttribute('aria-disabled') !== 'true') {
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
    } else if (!command && !event.altKey && !event.shiftKey && ['ArrowRight', ' ', 'ArrowLeft'].includes(event.key)
        && !event.target.closest('button, a, summary, [role="slider"]')) {
      if (press(event.key === 'ArrowLeft' ? 'step-back' : 'step-on')) event.preventDefault();
    } else if (!command && !event.altKey && /^[1-9]$/.test(event.key)) {
      const station = document.querySelector(`[data-key="${event.key}"]`);
      if (station) station.click();
    }
  });
})();
