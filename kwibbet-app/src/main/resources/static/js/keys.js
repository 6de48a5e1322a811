// Keys, and swipes at a tool: 1 to 9 walk the run line, arrows and the space bar go from setting to setting at a tool, the space bar ticks off at the bench, Ctrl+Z and Ctrl+Y or Ctrl+Shift+Z undo and redo, ? opens the help, each outside of entry fields.
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
      if ((event.key === ' ' && press('step-done')) || press(event.key === 'ArrowLeft' ? 'step-back' : 'step-on')) event.preventDefault();
    } else if (!command && event.key === '?') {
      press('help');
    } else if (!command && !event.altKey && /^[1-9]$/.test(event.key)) {
      const station = document.querySelector(`[data-key="${event.key}"]`);
      if (station) station.click();
    }
  });

  // A finger drawn across a tool walks its settings.
  const FAR = 60;
  let from = null;
  document.addEventListener('pointerdown', (event) => {
    const onTool = event.pointerType === 'touch' && event.target.closest && event.target.closest('.tool-now, .trial-sheets, .bench-step');
    from = onTool ? { x: event.clientX, y: event.clientY } : null;
  });
  document.addEventListener('pointerup', (event) => {
    if (!from) return;
    const across = event.clientX - from.x;
    const down = event.clientY - from.y;
    from = null;
    if (Math.abs(across) > FAR && Math.abs(down) < Math.abs(across) / 2) press(across < 0 ? 'step-on' : 'step-back');
  });
  document.addEventListener('pointercancel', () => { from = null; });
})();
