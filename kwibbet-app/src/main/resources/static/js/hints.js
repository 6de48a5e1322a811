// What a field is for, in one place at the foot of its form: for whoever points at it, tabs to it or touches it.
(() => {
  const hintOf = (target) => {
    const own = target.closest ? target.closest('button[data-hint]') : null;
    if (own) return own.dataset.hint;
    const field = target.closest ? target.closest('.field') : null;
    if (!field) return '';
    const hint = field.querySelector('.hint-of');
    return hint ? hint.textContent : '';
  };

  const show = (event) => {
    const line = document.getElementById('hint-line');
    const hint = hintOf(event.target);
    if (line && hint && event.target.closest('.hand')) line.textContent = hint;
  };

  ['focusin', 'pointerover'].forEach((kind) => document.addEventListener(kind, show));
})();
