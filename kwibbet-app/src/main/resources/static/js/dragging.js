// Layers, their edges and scores are dragged in the flat drawing; while they are, the server draws what would be. Alt and the arrow
// keys nudge the piece whose chip has the focus. Where it comes to lie, snapped to the trimmer's marks, the server says.
(() => {
  const FAR_ENOUGH = 5;
  const EDGE = 7;
  const TOWARDS = { ArrowLeft: 'left', ArrowUp: 'top', ArrowRight: 'right', ArrowDown: 'bottom' };
  let drag = null;
  let dragged = false;

  const work = () => document.getElementById('work');

  const path = () => `${work().dataset.path}/move`;

  const seen = (fields) => {
    const body = new URLSearchParams(fields);
    document.querySelectorAll('#work form.count input[type="hidden"]').forEach((field) => body.set(field.name, field.value));
    return fetch(path(), { method: 'POST', headers: { 'HX-Request': 'true' }, body });
  };

  const keep = (fields, gesture) => document.dispatchEvent(new CustomEvent('kwibbet:edit', {
    detail: { path: path(), fields: { ...fields, keep: 'yes' }, gesture },
  }));

  const edgeAt = (box, event) => {
    if (Math.min(box.width, box.height) < 4 * EDGE) return 'move';
    if (Math.abs(event.clientX - box.left) < EDGE) return 'left';
    if (Math.abs(event.clientX - box.right) < EDGE) return 'right';
    if (Math.abs(event.clientY - box.top) < EDGE) return 'top';
    return Math.abs(event.clientY - box.bottom) < EDGE ? 'bottom' : 'move';
  };

  const inDrawing = (matrix, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);

  const fields = (event) => {
    const now = inDrawing(drag.matrix, event);
    return {
      what: drag.what,
      handle: drag.handle,
      right: (now.x - drag.start.x).toFixed(4),
      down: (now.y - drag.start.y).toFixed(4),
    };
  };

  const preview = async (event) => {
    if (drag.busy) {
      drag.next = event;
      return;
    }
    const mine = drag;
    mine.busy = true;
    mine.next = null;
    const answer = await seen(fields(event)).catch(() => null);
    if (answer && answer.ok && drag === mine) {
      const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
      const drawn = page.querySelector('.side-by-side');
      const shown = document.querySelector('.side-by-side');
      if (drawn && shown) shown.replaceChildren(...drawn.childNodes);
    }
    mine.busy = false;
    if (drag === mine && mine.next) preview(mine.next);
  };

  document.addEventListener('pointerdown', (event) => {
    const group = event.button === 0 && event.target.closest && event.target.closest('.flat svg [data-piece]');
    if (!group || group.dataset.piece === 'base' || group.dataset.piece.startsWith('face:')) return;
    const matrix = group.ownerSVGElement.getScreenCTM().inverse();
    const score = group.dataset.piece.startsWith('score:');
    drag = {
      what: group.dataset.piece,
      handle: score ? 'move' : edgeAt(group.getBoundingClientRect(), event),
      matrix,
      start: inDrawing(matrix, event),
      x: event.clientX,
      y: event.clientY,
      moved: false,
    };
    event.preventDefault();
  });

  document.addEventListener('pointermove', (event) => {
    if (!drag) return;
    drag.moved = drag.moved || Math.hypot(event.clientX - drag.x, event.clientY - drag.y) > FAR_ENOUGH;
    if (drag.moved) preview(event);
  });

  document.addEventListener('pointerup', (event) => {
    if (!drag) return;
    const body = drag.moved ? fields(event) : null;
    drag = null;
    if (body) {
      dragged = true;
      // What it began on may be drawn anew by now, and then no click follows: the next press is a press of its own.
      setTimeout(() => { dragged = false; });
      keep(body);
    }
  });

  // The click that ends a drag takes nothing in hand.
  document.addEventListener('click', (event) => {
    if (dragged) {
      dragged = false;
      event.preventDefault();
      event.stopPropagation();
    }
  }, true);

  // As long as the keys are held it is one gesture, and one step back undoes it.
  let gesture = null;
  document.addEventListener('keydown', (event) => {
    const chip = event.target.closest && event.target.closest('.chip[data-piece]');
    if (chip && event.altKey && TOWARDS[event.key] && chip.dataset.piece !== 'base') {
      event.preventDefault();
      if (!event.repeat || !gesture) gesture = crypto.randomUUID();
      keep({ what: chip.dataset.piece, handle: 'move', nudge: TOWARDS[event.key] }, gesture + event.key);
    }
  });
})();
