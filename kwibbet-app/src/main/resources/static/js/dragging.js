// Layers, their edges and scores are dragged in the flat drawing, by mouse, pen or finger; while they are, the server draws what would be. Alt and
// the arrow keys nudge the piece whose chip has the focus. Where it comes to lie, snapped to the trimmer's marks, the server says.
(() => {
  const FAR_ENOUGH = 5;
  const EDGE = 7;
  const TOWARDS = { ArrowLeft: 'left', ArrowUp: 'top', ArrowRight: 'right', ArrowDown: 'bottom' };
  const MIDDLES = { left: [0, 0.5], top: [0.5, 0], right: [1, 0.5], bottom: [0.5, 1] };
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

  // What can be taken hold of: what is put on the card, and scores; not the sheet itself.
  const movable = (target) => {
    const group = target.closest ? target.closest('.flat svg [data-piece]') : null;
    return group && group.dataset.piece !== 'base' && !group.dataset.piece.startsWith('face:') ? group : null;
  };

  const edgeAt = (box, event) => {
    if (event.pointerType === 'touch' || Math.min(box.width, box.height) < 4 * EDGE) return 'move';
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
      if (drawn && shown) {
        shown.replaceChildren(...drawn.childNodes);
        handles();
      }
    }
    mine.busy = false;
    if (drag === mine && mine.next) preview(mine.next);
  };

  const begin = (event, what, handle, matrix) => {
    drag = {
      what,
      handle,
      matrix,
      target: event.target,
      start: inDrawing(matrix, event),
      pointer: event.pointerId,
      x: event.clientX,
      y: event.clientY,
      moved: false,
    };
    // What it began on may be drawn anew under the finger; the part around it stays. A mouse needs no such hold, and its click would go astray by it.
    if (event.pointerType !== 'mouse') work().setPointerCapture(event.pointerId);
    event.preventDefault();
  };

  document.addEventListener('pointerdown', (event) => {
    if (event.button !== 0 || drag || !event.target.closest) return;
    const knob = event.target.closest('.knob');
    if (knob) {
      const drawing = document.querySelector('.flat svg');
      begin(event, knob.dataset.what, knob.dataset.edge, drawing.getScreenCTM().inverse());
      return;
    }
    const group = movable(event.target);
    if (!group) return;
    const score = group.dataset.piece.startsWith('score:');
    begin(event, group.dataset.piece, score ? 'move' : edgeAt(group.getBoundingClientRect(), event), group.ownerSVGElement.getScreenCTM().inverse());
  });

  // A finger on a layer drags it and does not scroll the page; no style can say so of a part of a drawing.
  document.addEventListener('touchstart', (event) => {
    if (movable(event.target) || (event.target.closest && event.target.closest('.knob'))) event.preventDefault();
  }, { passive: false });

  document.addEventListener('pointermove', (event) => {
    if (!drag || event.pointerId !== drag.pointer) return;
    drag.moved = drag.moved || Math.hypot(event.clientX - drag.x, event.clientY - drag.y) > FAR_ENOUGH;
    if (drag.moved) preview(event);
  });

  document.addEventListener('pointerup', (event) => {
    if (!drag || event.pointerId !== drag.pointer) return;
    const body = drag.moved ? fields(event) : null;
    const tapped = !drag.moved && event.pointerType === 'touch' ? drag.target : null;
    drag = null;
    if (body) {
      dragged = true;
      // What it began on may be drawn anew by now, and then no click follows: the next press is a press of its own.
      setTimeout(() => { dragged = false; });
      keep(body);
    } else if (tapped) {
      tapped.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    }
  });

  document.addEventListener('pointercancel', (event) => {
    if (drag && event.pointerId === drag.pointer) drag = null;
  });

  // The click that ends a drag takes nothing in hand.
  document.addEventListener('click', (event) => {
    if (dragged) {
      dragged = false;
      event.preventDefault();
      event.stopPropagation();
    }
  }, true);

  // Where fingers point, the edges of what is in hand have knobs that can be held.
  const handles = () => {
    document.querySelectorAll('.knob').forEach((knob) => knob.remove());
    const table = document.querySelector('.the-table');
    const frame = document.querySelector('.flat');
    if (!table || !frame || !window.matchMedia('(any-pointer: coarse)').matches) return;
    const group = frame.querySelector(`svg [data-piece="${CSS.escape(table.dataset.inHand)}"]`);
    if (!group || !movable(group)) return;
    const box = group.getBoundingClientRect();
    const around = frame.getBoundingClientRect();
    Object.entries(MIDDLES).forEach(([edge, [across, down]]) => {
      const knob = document.createElement('span');
      knob.className = 'knob';
      knob.dataset.edge = edge;
      knob.dataset.what = table.dataset.inHand;
      knob.style.left = `${box.left - around.left + across * box.width + (across - 0.5) * 20}px`;
      knob.style.top = `${box.top - around.top + down * box.height + (down - 0.5) * 20}px`;
      frame.append(knob);
    });
  };
  document.addEventListener('DOMContentLoaded', handles);
  document.addEventListener('htmx:load', handles);
  window.addEventListener('resize', handles);

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
