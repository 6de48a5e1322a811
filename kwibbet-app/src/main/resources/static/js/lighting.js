// A piece touched anywhere lights everywhere; pressed in a drawing, it is taken in hand. A panel pressed is where the next thing goes.
(() => {
  const pieceAt = (target) => (target.closest ? target.closest('[data-piece]') : null);

  const warm = (piece) => {
    document.querySelectorAll('.warm').forEach((each) => each.classList.remove('warm'));
    if (piece) {
      document.querySelectorAll(`[data-piece="${CSS.escape(piece)}"]`).forEach((each) => each.classList.add('warm'));
    }
  };

  document.addEventListener('pointerover', (event) => {
    const at = pieceAt(event.target);
    warm(at && at.dataset.piece);
  });

  document.addEventListener('focusin', (event) => {
    const at = pieceAt(event.target);
    warm(at && at.dataset.piece);
  });

  document.addEventListener('click', (event) => {
    const at = event.target.closest ? event.target.closest('svg [data-piece]') : null;
    if (at && at.dataset.piece.startsWith('face:')) {
      const path = document.getElementById('work').dataset.path;
      const face = encodeURIComponent(at.dataset.piece.slice('face:'.length));
      document.dispatchEvent(new CustomEvent('kwibbet:look', { detail: { path: `${path}?held=base&on=${face}` } }));
      return;
    }
    const chip = at && document.getElementById(`chip-${at.dataset.piece}`);
    if (chip && !chip.contains(at)) {
      chip.click();
    }
  });
})();
