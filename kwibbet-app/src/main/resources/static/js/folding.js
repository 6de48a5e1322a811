// The fold page: shows the frames the service worked out, by slider or by themselves; turned with the mouse or the arrow keys.
(() => {
  const A_STEP = 1100;
  const OPEN_VIEW = { yaw: -18, pitch: 38 };
  const STRAIGHT_VIEW = { yaw: 0, pitch: 0 };
  const TURNS = { ArrowLeft: [-15, 0], ArrowRight: [15, 0], ArrowUp: [0, 15], ArrowDown: [0, -15] };
  const SVG = 'http://www.w3.org/2000/svg';
  const still = window.matchMedia('(prefers-reduced-motion: reduce)');

  const outline = (leaf, path, fill) => {
    const element = document.createElementNS(SVG, 'path');
    element.setAttribute('d', path);
    element.setAttribute('fill', fill);
    element.setAttribute('fill-rule', 'evenodd');
    if (leaf.clear) element.setAttribute('fill-opacity', '0.45');
    return element;
  };

  // Keyframes of something that is shown, or hidden, only during some parts of the time.
  const swapped = (shown, during) => [
    { offset: 0, opacity: 1 - shown }, ...during.flatMap((part) => [
      { offset: part.from, opacity: 1 - shown }, { offset: part.from, opacity: shown },
      { offset: part.to, opacity: shown }, { offset: part.to, opacity: part.to < 1 ? 1 - shown : shown },
    ]), { offset: 1, opacity: during.at(-1).to < 1 ? 1 - shown : shown }];

  // A leaf and what makes it move, twice where its faces differ: each is then seen from its own side.
  const sheets = (leaf, timing) => (leaf.fill === leaf.under
    ? [sheet(leaf, leaf.fill, 'leaf', '', timing)]
    : [sheet(leaf, leaf.fill, 'leaf one-faced', '', timing), sheet(leaf, leaf.under, 'leaf one-faced behind', ' scaleZ(-1)', timing)]);

  // Where only a part of a leaf can be shown for a while, that part takes its place.
  const sheet = (leaf, fill, kind, turned, timing) => {
    const element = document.createElement('div');
    element.className = kind;
    const svg = document.createElementNS(SVG, 'svg');
    svg.setAttribute('width', leaf.width);
    svg.setAttribute('height', leaf.height);
    const whole = outline(leaf, leaf.path, fill);
    svg.append(whole);
    element.append(svg);
    const animations = [element.animate(leaf.moments.map((moment) => ({
      offset: moment.at, transform: moment.transform + turned, filter: `brightness(${moment.light})`,
    })), timing)];
    leaf.parts.forEach((part) => {
      const piece = outline(leaf, part.path, fill);
      svg.append(piece);
      animations.push(piece.animate(swapped(1, [part]), timing));
    });
    if (leaf.parts.length) animations.push(whole.animate(swapped(0, leaf.parts), timing));
    return { element, animations };
  };

  // From where the paper is seen.
  class View {
    constructor(stage, world) {
      this.world = world;
      this.look(OPEN_VIEW);
      stage.addEventListener('pointerdown', (down) => this.drag(stage, down));
      stage.addEventListener('keydown', (event) => {
        const turn = TURNS[event.key];
        if (!turn) return;
        event.preventDefault();
        this.look({ yaw: this.from.yaw + turn[0], pitch: this.from.pitch + turn[1] });
      });
    }

    look(from) {
      this.from = from;
      this.world.style.setProperty('--yaw', `${from.yaw}deg`);
      this.world.style.setProperty('--pitch', `${from.pitch}deg`);
    }

    drag(stage, down) {
      stage.setPointerCapture(down.pointerId);
      const before = this.from;
      const move = (event) => this.look({
        yaw: before.yaw + (event.clientX - down.clientX) / 2,
        pitch: before.pitch - (event.clientY - down.clientY) / 2,
      });
      stage.addEventListener('pointermove', move);
      stage.addEventListener('lostpointercapture', () => stage.removeEventListener('pointermove', move), { once: true });
    }

    straighten() {
      const isStraight = this.from.yaw === 0 && this.from.pitch === 0;
      this.look(isStraight ? OPEN_VIEW : STRAIGHT_VIEW);
    }
  }

  // All that moves, and where in time it stands.
  class Motion {
    animations = [];

    length = 0;

    constructor(turned) {
      this.turned = turned;
    }

    get at() {
      return this.animations.length ? Number(this.animations[0].currentTime) : 0;
    }

    lay(frames) {
      this.length = frames.steps * A_STEP;
      this.turned.replaceChildren();
      const timing = { duration: this.length, fill: 'both', easing: 'linear' };
      this.animations = frames.leaves.flatMap((leaf) => sheets(leaf, timing)).flatMap((made) => {
        this.turned.append(made.element);
        return made.animations;
      });
      this.animations.push(this.turned.animate(frames.turns.map((turn) => ({
        offset: turn.at, transform: `rotateY(${turn.degrees}deg)`,
      })), timing));
    }

    pause() {
      this.animations.forEach((animation) => animation.pause());
    }

    stand(time) {
      this.animations.forEach((animation) => { animation.pause(); animation.currentTime = time; });
    }

    go(from, rate) {
      this.animations.forEach((animation) => {
        animation.playbackRate = rate;
        animation.play();
        animation.currentTime = from;
      });
    }
  }

  // The slider, the buttons and the strip of steps of one figure.
  class Player {
    running = 0;

    until = 0;

    constructor(figure) {
      this.figure = figure;
      this.slider = figure.querySelector('.fold-at');
      this.play = figure.querySelector('.play');
      this.back = figure.querySelector('.back');
      this.spread = figure.querySelector('.spread');
      this.now = figure.querySelector('.now');
      this.film = [...figure.parentElement.querySelectorAll('.film-step')];
      this.motion = new Motion(figure.querySelector('.turned'));
      const view = new View(figure.querySelector('.stage'), figure.querySelector('.world'));
      figure.querySelector('.straight').addEventListener('click', () => view.straighten());
      this.listen();
    }

    listen() {
      this.slider.addEventListener('input', () => {
        this.stop();
        this.show((this.slider.value / 100) * A_STEP);
      });
      this.play.addEventListener('click', () => this.toggle(this.motion.at >= this.motion.length ? 0 : this.motion.at, this.motion.length));
      this.back.addEventListener('click', () => this.toggle(this.motion.at <= 0 ? this.motion.length : this.motion.at, 0));
      this.spread.addEventListener('change', () => { this.stop(); this.load(); });
      this.film.forEach((each, index) => each.addEventListener('click', () => this.run(index * A_STEP, (index + 1) * A_STEP)));
    }

    async load() {
      const answer = await fetch(this.figure.dataset.motion + (this.spread.checked ? '?spread=true' : ''), {
        method: this.figure.dataset.pattern ? 'POST' : 'GET',
        body: this.figure.dataset.pattern,
      });
      if (!answer.ok) return;
      const frames = await answer.json();
      const time = this.motion.at;
      this.motion.lay(frames);
      this.show(time);
      this.figure.classList.add('moving');
    }

    show(time) {
      this.motion.stand(time);
      this.mark(time);
    }

    // Which step it is, in the slider, in words and in the strip.
    mark(time) {
      this.slider.value = (time / A_STEP) * 100;
      const step = this.film[Math.min(this.film.length - 1, Math.floor((time - 1) / A_STEP))] || this.film[0];
      const words = this.running < 0 ? step.dataset.opening : step.dataset.sentence;
      this.film.forEach((each) => each.toggleAttribute('aria-current', each === step));
      if (this.now.textContent !== words) {
        this.now.textContent = words;
        const strip = step.closest('.film');
        strip.scrollTo({ left: step.parentElement.offsetLeft - strip.offsetLeft, behavior: still.matches ? 'auto' : 'smooth' });
      }
      this.slider.setAttribute('aria-valuetext', words);
    }

    toggle(from, to) {
      if (this.running) this.stop();
      else this.run(from, to);
    }

    stop() {
      this.running = 0;
      this.play.textContent = 'Play';
      this.play.setAttribute('aria-pressed', 'false');
      this.back.setAttribute('aria-pressed', 'false');
      this.motion.pause();
    }

    run(from, to) {
      this.running = to < from ? -1 : 1;
      if (still.matches) {
        this.step(from, to);
        return;
      }
      this.show(from);
      this.until = to;
      if (this.running > 0) this.play.textContent = 'Pause';
      (this.running > 0 ? this.play : this.back).setAttribute('aria-pressed', 'true');
      this.motion.go(from, this.running);
      requestAnimationFrame(() => this.tick());
    }

    // Step by step, as pictures: nothing moves for whoever asked for that.
    step(from, to) {
      this.show(this.running > 0
        ? Math.min(to, (Math.floor(from / A_STEP) + 1) * A_STEP)
        : Math.max(to, (Math.ceil(from / A_STEP) - 1) * A_STEP));
      this.running = 0;
    }

    tick() {
      if (!this.running || !this.figure.isConnected) return;
      const time = this.motion.at;
      if (this.running > 0 ? time >= this.until : time <= this.until) {
        this.stop();
        this.show(this.until);
      } else {
        this.mark(time);
        requestAnimationFrame(() => this.tick());
      }
    }
  }

  const find = (root) => root.querySelectorAll('.fold-stage:not([data-started])').forEach((figure) => {
    figure.dataset.started = 'yes';
    new Player(figure).load();
  });
  document.addEventListener('DOMContentLoaded', () => find(document));
  document.addEventListener('htmx:load', (event) => find(event.target.parentElement || document));
})();
