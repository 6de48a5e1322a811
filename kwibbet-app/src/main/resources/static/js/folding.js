// The fold page: shows the frames the service worked out, by slider or by themselves; turned with the mouse or the arrow keys.
(() => {
  const A_STEP = 1100;
  const OPEN_VIEW = { yaw: -18, pitch: 38 };

  const SVG = 'http://www.w3.org/2000/svg';

  const outline = (leaf, path) => {
    const element = document.createElementNS(SVG, 'path');
    element.setAttribute('d', path);
    element.setAttribute('fill', leaf.fill);
    element.setAttribute('fill-rule', 'evenodd');
    if (leaf.clear) element.setAttribute('fill-opacity', '0.45');
    return element;
  };

  // A leaf and what makes it move; where only a part of it can be shown for a while, that part takes its place.
  const sheet = (leaf, timing) => {
    const element = document.createElement('div');
    element.className = 'leaf';
    const svg = document.createElementNS(SVG, 'svg');
    svg.setAttribute('width', leaf.width);
    svg.setAttribute('height', leaf.height);
    const whole = outline(leaf, leaf.path);
    svg.append(whole);
    element.append(svg);
    const animations = [element.animate(leaf.moments.map((moment) => ({
      offset: moment.at, transform: moment.transform, filter: `brightness(${moment.light})`,
    })), timing)];
    const swapped = (shown, during) => [
      { offset: 0, opacity: 1 - shown }, ...during.flatMap((part) => [
        { offset: part.from, opacity: 1 - shown }, { offset: part.from, opacity: shown },
        { offset: part.to, opacity: shown }, { offset: part.to, opacity: part.to < 1 ? 1 - shown : shown },
      ]), { offset: 1, opacity: during.at(-1).to < 1 ? 1 - shown : shown }];
    leaf.parts.forEach((part) => {
      const piece = outline(leaf, part.path);
      svg.append(piece);
      animations.push(piece.animate(swapped(1, [part]), timing));
    });
    if (leaf.parts.length) animations.push(whole.animate(swapped(0, leaf.parts), timing));
    return { element, animations };
  };

  const start = async (figure) => {
    const stage = figure.querySelector('.stage');
    const world = figure.querySelector('.world');
    const turned = figure.querySelector('.turned');
    const slider = figure.querySelector('.fold-at');
    const play = figure.querySelector('.play');
    const back = figure.querySelector('.back');
    const spread = figure.querySelector('.spread');
    const now = figure.querySelector('.now');
    const film = [...figure.parentElement.querySelectorAll('.film-step')];
    const still = window.matchMedia('(prefers-reduced-motion: reduce)');
    let animations = [];
    let length = 0;
    let until = 0;
    let running = 0;

    const at = () => (animations.length ? Number(animations[0].currentTime) : 0);
    const show = (time) => {
      animations.forEach((animation) => { animation.pause(); animation.currentTime = time; });
      mark(time);
    };
    const mark = (time) => {
      slider.value = (time / A_STEP) * 100;
      const step = film[Math.min(film.length - 1, Math.floor((time - 1) / A_STEP))] || film[0];
      const words = running < 0 ? step.dataset.opening : step.dataset.sentence;
      film.forEach((each) => each.toggleAttribute('aria-current', each === step));
      if (now.textContent !== words) {
        now.textContent = words;
        const strip = step.closest('.film');
        strip.scrollTo({ left: step.parentElement.offsetLeft - strip.offsetLeft, behavior: still.matches ? 'auto' : 'smooth' });
      }
      slider.setAttribute('aria-valuetext', words);
    };
    const stop = () => {
      running = 0;
      play.textContent = 'Play';
      play.setAttribute('aria-pressed', 'false');
      back.setAttribute('aria-pressed', 'false');
      animations.forEach((animation) => animation.pause());
    };
    const tick = () => {
      if (!running || !figure.isConnected) return;
      const time = at();
      if (running > 0 ? time >= until : time <= until) {
        stop();
        show(until);
      } else {
        mark(time);
        requestAnimationFrame(tick);
      }
    };
    const run = (from, to) => {
      running = to < from ? -1 : 1;
      if (still.matches) {
        // Step by step, as pictures: nothing moves for whoever asked for that.
        const step = running > 0 ? Math.min(to, (Math.floor(from / A_STEP) + 1) * A_STEP) : Math.max(to, (Math.ceil(from / A_STEP) - 1) * A_STEP);
        show(step);
        running = 0;
        return;
      }
      show(from);
      until = to;
      if (running > 0) play.textContent = 'Pause';
      (running > 0 ? play : back).setAttribute('aria-pressed', 'true');
      animations.forEach((animation) => {
        animation.playbackRate = running;
        animation.play();
        animation.currentTime = from;
      });
      requestAnimationFrame(tick);
    };

    const load = async () => {
      const answer = await fetch(figure.dataset.motion + (spread.checked ? '?spread=true' : ''), {
        method: figure.dataset.pattern ? 'POST' : 'GET',
        body: figure.dataset.pattern,
      });
      if (!answer.ok) return;
      const motion = await answer.json();
      const time = at();
      length = motion.steps * A_STEP;
      turned.replaceChildren();
      const timing = { duration: length, fill: 'both', easing: 'linear' };
      animations = motion.leaves.flatMap((leaf) => {
        const made = sheet(leaf, timing);
        turned.append(made.element);
        return made.animations;
      });
      animations.push(turned.animate(motion.turns.map((turn) => ({
        offset: turn.at, transform: `rotateY(${turn.degrees}deg)`,
      })), timing));
      show(time);
      figure.classList.add('moving');
    };

    let view = { ...OPEN_VIEW };
    const look = () => {
      world.style.setProperty('--yaw', `${view.yaw}deg`);
      world.style.setProperty('--pitch', `${view.pitch}deg`);
    };
    stage.addEventListener('pointerdown', (down) => {
      stage.setPointerCapture(down.pointerId);
      const from = { ...view };
      const move = (event) => {
        view = {
          yaw: from.yaw + (event.clientX - down.clientX) / 2,
          pitch: from.pitch - (event.clientY - down.clientY) / 2,
        };
        look();
      };
      stage.addEventListener('pointermove', move);
      stage.addEventListener('lostpointercapture', () => stage.removeEventListener('pointermove', move), { once: true });
    });
    figure.querySelector('.straight').addEventListener('click', () => {
      const straight = view.yaw === 0 && view.pitch === 0;
      view = straight ? { ...OPEN_VIEW } : { yaw: 0, pitch: 0 };
      look();
    });
    slider.addEventListener('input', () => {
      stop();
      show((slider.value / 100) * A_STEP);
    });
    play.addEventListener('click', () => {
      if (running) stop();
      else run(at() >= length ? 0 : at(), length);
    });
    back.addEventListener('click', () => {
      if (running) stop();
      else run(at() <= 0 ? length : at(), 0);
    });
    stage.addEventListener('keydown', (event) => {
      const turn = { ArrowLeft: [-15, 0], ArrowRight: [15, 0], ArrowUp: [0, 15], ArrowDown: [0, -15] }[event.key];
      if (!turn) return;
      event.preventDefault();
      view = { yaw: view.yaw + turn[0], pitch: view.pitch + turn[1] };
      look();
    });
    spread.addEventListener('change', () => { stop(); load(); });
    film.forEach((each, index) => each.addEventListener('click', () => run(index * A_STEP, (index + 1) * A_STEP)));

    look();
    await load();
  };

  const find = (root) => root.querySelectorAll('.fold-stage:not([data-started])').forEach((figure) => {
    figure.dataset.started = 'yes';
    start(figure);
  });
  document.addEventListener('DOMContentLoaded', () => find(document));
  document.addEventListener('htmx:load', (event) => find(event.target.parentElement || document));
})();
