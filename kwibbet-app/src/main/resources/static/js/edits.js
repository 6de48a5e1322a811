// What is asked of a card goes out one after the other, in the order it was asked, and nothing is left out: a field left, a button pressed,
// a look at another piece. Each is made from the page as it is when its turn comes, so that none sets back what the one before changed.
// What cannot be sent waits and is said; what was typed meanwhile stays where it stands, with the caret in it.
(() => {
  const TEXT = 'input:not([type="hidden"], [type="radio"], [type="checkbox"], [type="range"], [type="file"], [type="color"]), textarea';
  // Forms that are sent as soon as a field of theirs is left; the others wait for their button.
  const AT_ONCE = '[hx-trigger~="change"]';
  const AGAIN = 1000;
  const LONGEST = 60000;

  const waiting = [];
  let running = false;
  let held = false;
  let swapping = false;
  let follow = null;

  const work = () => document.getElementById('work');
  const isCard = () => Boolean(work() && work().dataset.path);
  const notice = () => document.getElementById('notice');

  // As the service drew it; null where a box is not ticked.
  const drawn = (field) => {
    if (field.type === 'checkbox' || field.type === 'radio') return field.defaultChecked ? field.value : null;
    if (field.tagName !== 'SELECT') return field.defaultValue;
    const option = [...field.options].find((each) => each.defaultSelected) || field.options[0];
    return option ? option.value : '';
  };
  const live = (field) => (field.type === 'checkbox' && !field.checked ? null : field.value);

  const formLike = (action) => [...document.querySelectorAll('#work form')].find((each) => each.getAttribute('action') === action);

  // What was last asked for a field: by what still waits, or else by the page.
  const asked = (field) => {
    const action = field.form.getAttribute('action');
    const last = waiting.findLast((task) => task.action === action && task.name === field.name);
    if (last) return last.value;
    if (field.type !== 'radio') return drawn(field);
    const ticked = [...field.form.elements].find((each) => each.name === field.name && each.defaultChecked);
    return ticked ? ticked.value : null;
  };

  const put = (data, name, value) => {
    if (value === null) data.delete(name);
    else data.set(name, value);
  };

  // A form as it was drawn, with one field as it was left.
  const changed = (task) => {
    const form = formLike(task.action);
    const data = new URLSearchParams();
    if (form) {
      [...form.elements].filter((field) => field.name && field.type !== 'submit').forEach((field) => {
        if (drawn(field) !== null) data.set(field.name, drawn(field));
      });
    } else {
      task.carried.forEach(([name, value]) => data.set(name, value));
    }
    put(data, task.name, task.value);
    return data;
  };

  const body = (task) => {
    const data = task.action ? changed(task) : new URLSearchParams(task.fields);
    const version = document.querySelector('#work [name="version"]');
    if (version) data.set('version', version.value);
    data.set('edit', task.id);
    return data;
  };

  const carried = (form) => [...form.elements].filter((field) => field.type === 'hidden').map((field) => [field.name, field.value]);

  const add = (task) => {
    waiting.push({ id: crypto.randomUUID(), ...task });
    next();
  };

  const leave = (field) => {
    if (swapping || !field.form || !field.name || live(field) === asked(field)) return;
    if (field.type === 'radio' && !field.checked) return;
    const path = field.form.getAttribute('action');
    add({ path, action: path, name: field.name, value: live(field), carried: carried(field.form) });
  };

  const press = (form, button) => {
    const path = form.getAttribute('action');
    // A button pressed twice acts once; steps back and forth are as many as are asked for.
    const what = button ? button.value : '';
    if (!(button && 'repeats' in button.dataset) && waiting.some((task) => task.button && task.path === path && task.what === what)) return;
    add({ path, button: true, what, fields: [...new FormData(form, button)] });
  };

  const look = (path, isKept) => {
    // Of several looks asked for one after the other only the last is of interest.
    const last = waiting.at(-1);
    if (last && last.isLook && !(waiting.length === 1 && running)) waiting.pop();
    add({ path, isLook: true, isKept });
  };

  // Between two swaps: what is typed and not asked yet, what is chosen beside a button that is not pressed yet, what was refused in other
  // forms, where the caret is.
  const remember = (task) => {
    const active = document.activeElement;
    const forms = [...document.querySelectorAll('#work form')];
    const named = (form) => [...form.elements].filter((field) => field.id && field.name);
    const fields = forms.filter((form) => form.matches(AT_ONCE)).flatMap(named);
    const pressed = forms.filter((form) => !form.matches(AT_ONCE) && !(task && task.path === form.getAttribute('action')));
    return {
      active: active && active.closest('#work') ? active.id : null,
      isLost: Boolean(active && active.closest('#work')),
      caret: active && active.matches(TEXT) ? [active.selectionStart, active.selectionEnd] : null,
      typed: fields.filter((field) => field.matches(TEXT) && live(field) !== asked(field)
        && !(task && task.action === field.form.getAttribute('action') && task.name === field.name && task.value === live(field)))
        .map((field) => [field.id, field.value]),
      chosen: pressed.flatMap(named).filter((field) => field.matches(`select, ${TEXT}`) && live(field) !== drawn(field))
        .map((field) => ({ id: field.id, value: field.value, offered: drawn(field) })),
      refused: fields.filter((field) => field.matches('[aria-invalid="true"]') && !(task && task.action === field.form.getAttribute('action')))
        .map((field) => ({ id: field.id, value: field.value, help: (field.getAttribute('aria-describedby') || '').split(' ').pop() }))
        .map((each) => ({ ...each, said: each.help && document.getElementById(each.help) ? document.getElementById(each.help).innerHTML : '' })),
    };
  };

  const restore = (before) => {
    before.refused.forEach(({ id, value, help, said }) => {
      const field = document.getElementById(id);
      if (!field || field.matches('[aria-invalid="true"]')) return;
      field.defaultValue = value;
      field.value = value;
      field.setAttribute('aria-invalid', 'true');
      field.classList.add('is-danger');
      if (help && document.getElementById(help)) document.getElementById(help).innerHTML = said;
    });
    before.typed.forEach(([id, value]) => {
      const field = document.getElementById(id);
      if (field) field.value = value;
    });
    // A choice stands until the page offers another than it did: taken in hand, a panel is where the next thing goes.
    before.chosen.forEach(({ id, value, offered }) => {
      const field = document.getElementById(id);
      const fits = field && (!field.options || [...field.options].some((option) => option.value === value));
      if (fits && drawn(field) === offered) field.value = value;
    });
    waiting.filter((task) => task.action).forEach((task) => show(task));
    if (!before.isLost || (document.activeElement && document.activeElement.id === before.active && before.active)) {
      // Where it was.
    } else {
      const same = before.active && document.getElementById(before.active);
      const next = same && !same.disabled ? same : document.getElementById('hand-title') || work();
      next.focus({ preventScroll: true });
    }
    const now = document.activeElement;
    if (before.caret && now && now.id === before.active && now.setSelectionRange) now.setSelectionRange(...before.caret);
  };

  // A field as it was left, in the page as it is now.
  const show = (task) => {
    const form = formLike(task.action);
    [...(form ? form.elements : [])].filter((field) => field.name === task.name).forEach((field) => {
      if (field.type === 'radio') field.checked = field.value === task.value;
      else if (field.type === 'checkbox') field.checked = task.value !== null;
      else field.value = task.value;
    });
  };

  // A card is shown before what it takes is planned: figures of that stand as they were, told apart, until those of the card as it is now come.
  const stations = () => document.querySelector('.run-line nav');
  const readings = () => [...document.querySelectorAll('.run-line nav a')].map((each) => each.innerHTML);
  const figures = async (before) => {
    const line = stations();
    if (!line || !line.dataset.figures) return;
    const links = [...line.querySelectorAll('a')];
    links.forEach((link, at) => {
      if (link.querySelector('.awaited') && before[at]) {
        link.innerHTML = before[at];
        link.querySelector('.reading').classList.add('awaited');
      }
    });
    const answer = await fetch(line.dataset.figures, { headers: { 'HX-Request': 'true' } }).catch(() => null);
    if (!answer) {
      setTimeout(() => { if (line.isConnected) figures([]); }, AGAIN);
      return;
    }
    if (!answer.ok) return;
    const drawn = new DOMParser().parseFromString(await answer.text(), 'text/html');
    if (!line.isConnected) return;
    [...drawn.querySelectorAll('a')].forEach((link, at) => { links[at].innerHTML = link.innerHTML; });
    delete line.dataset.figures;
    document.dispatchEvent(new CustomEvent('kwibbet:figures'));
  };

  // Everything is drawn anew: no element needs to be compared with the one whose name it has, as a swap by htmx does.
  const exchange = (html) => {
    const parsed = document.createElement('template');
    parsed.innerHTML = html;
    const fresh = parsed.content.getElementById('work');
    work().replaceWith(fresh);
    htmx.process(fresh);
    htmx.trigger(fresh, 'htmx:load');
  };

  const swap = (html, task) => {
    const before = remember(task);
    const read = readings();
    swapping = true;
    // What asks how the search goes on is replaced too: an answer still under way would find no place.
    const hunt = document.getElementById('hunt');
    if (hunt) htmx.trigger(hunt, 'htmx:abort');
    exchange(html);
    swapping = false;
    restore(before);
    tell();
    figures(read);
  };

  // The size, what is worth a look, and what the card is called, for the window's title and for those who listen.
  const tell = () => {
    if (!isCard()) return;
    if (work().dataset.title) document.title = work().dataset.title;
    if (work().dataset.here && `${location.pathname}${location.search}` !== work().dataset.here) history.replaceState({ htmx: true }, '', work().dataset.here);
    const said = document.getElementById('said');
    if (said && work().dataset.said && said.textContent !== work().dataset.said) said.textContent = work().dataset.said;
  };

  const say = (html) => {
    if (notice().innerHTML !== html) notice().innerHTML = html;
  };
  const template = (id) => document.getElementById(id).innerHTML;

  const send = (task) => {
    const headers = { 'HX-Request': 'true' };
    const signal = AbortSignal.timeout(LONGEST);
    return task.isLook
      ? fetch(task.path, { headers, signal })
      : fetch(task.path, { method: 'POST', headers, signal, body: body(task) });
  };

  // A press that has begun ends where it began: nothing is exchanged under a finger that is down, or its click would be lost.
  const LONGEST_PRESS = 2000;
  let pressed = false;
  const releases = [];
  const down = () => { pressed = true; };
  const up = () => setTimeout(() => {
    pressed = false;
    releases.splice(0).forEach((done) => done());
  });
  const released = () => (pressed
    ? Promise.race([new Promise((done) => { releases.push(done); }), new Promise((done) => { setTimeout(done, LONGEST_PRESS); })])
    : Promise.resolve());
  document.addEventListener('pointerdown', down, true);
  ['pointerup', 'pointercancel', 'keyup'].forEach((kind) => document.addEventListener(kind, up, true));
  document.addEventListener('keydown', (event) => { if (event.key === ' ' && !event.target.matches(TEXT)) down(); }, true);
  window.addEventListener('blur', up);

  const busy = () => {
    document.documentElement.classList.toggle('is-busy', waiting.length > 0);
    document.documentElement.dataset.waiting = String(waiting.length);
    if (work() && waiting.length > 0) work().setAttribute('aria-busy', 'true');
    else if (work()) work().removeAttribute('aria-busy');
  };

  const next = async () => {
    busy();
    if (running || held || waiting.length === 0) {
      if (waiting.length === 0 && follow) leaveFor();
      return;
    }
    running = true;
    const task = waiting[0];
    try {
      const answer = await send(task);
      const html = await answer.text();
      await released();
      running = false;
      answered(task, answer, html);
    } catch (unreachable) {
      running = false;
      later(template('does-not-answer'));
    }
  };

  const answered = (task, answer, html) => {
    if (answer.status === 503 || answer.status === 507) {
      later(html);
      return;
    }
    if (answer.status === 409) {
      held = true;
      follow = null;
      busy();
      say(html);
      return;
    }
    waiting.shift();
    const isPart = answer.ok || answer.status === 422;
    if (!answer.ok) follow = null;
    if (isPart) {
      say('');
      if (task.isLook && task.isKept) {
        history.replaceState({ htmx: true }, '');
        history.pushState({ htmx: true }, '', task.path);
      }
      swap(html, task);
    } else {
      say(html);
    }
    document.dispatchEvent(new CustomEvent('kwibbet:shown', { detail: { status: answer.status } }));
    next();
  };

  // Nothing is dropped: what could not be sent is sent again, once somebody answers.
  const later = (html) => {
    follow = null;
    say(html);
    held = true;
    const retry = async () => {
      try {
        if ((await fetch('/alive', { cache: 'no-store' })).ok) {
          held = false;
          next();
          return;
        }
      } catch (stillAway) {
        // It is asked again.
      }
      setTimeout(retry, AGAIN);
    };
    setTimeout(retry, AGAIN);
  };

  const leaveFor = () => {
    const there = follow;
    follow = null;
    window.location.href = there;
  };

  // After somebody else was first: the card as it is now, with what waits standing in its fields, or done to it.
  const afresh = async (isAsked) => {
    const mine = isAsked ? waiting : waiting.splice(0);
    const answer = await fetch(window.location.href, { headers: { 'HX-Request': 'true' } });
    if (!answer.ok) return;
    say('');
    swap(await answer.text(), null);
    held = false;
    if (!isAsked) {
      mine.filter((task) => task.action).forEach(show);
      const last = mine.find((task) => task.action && formLike(task.action));
      const field = last && [...formLike(last.action).elements].find((each) => each.name === last.name);
      if (field) field.focus();
    }
    next();
  };

  // Whatever htmx would send for a card's page is put in line instead.
  document.addEventListener('htmx:confirm', (event) => {
    const { elt, triggeringEvent, target } = event.detail;
    if (!isCard() || !target || target.id !== 'work' || !triggeringEvent) return;
    const form = elt.closest('form');
    if (form && triggeringEvent.type === 'submit') press(form, triggeringEvent.submitter);
    else if (form && triggeringEvent.type === 'change') leave(triggeringEvent.target);
    else if (elt.matches('a[hx-get]')) look(elt.getAttribute('hx-get'), elt.getAttribute('hx-push-url') === 'true');
    else return;
    event.preventDefault();
  });

  // Other parts of the page ask through these.
  document.addEventListener('kwibbet:edit', (event) => {
    const { path, fields, gesture } = event.detail;
    const last = waiting.at(-1);
    if (gesture && last && last.gesture === gesture && last !== waiting[0]) {
      last.fields.times = Number(last.fields.times || 1) + 1;
      return;
    }
    const form = document.querySelector('#work form.count');
    add({ path, gesture, fields: { ...Object.fromEntries(carried(form)), ...fields, ...(gesture && { gesture }) } });
  });
  document.addEventListener('kwibbet:look', (event) => look(event.detail.path, false));

  // A field that is left is taken, also where only a script wrote into it; Enter leaves it without going anywhere.
  document.addEventListener('focusout', (event) => {
    if (event.target.matches && event.target.matches(TEXT) && event.target.closest('#work form[hx-trigger~="change"]')) leave(event.target);
  });
  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (isCard() && form.matches('#work form[hx-trigger~="change"]')) {
      event.preventDefault();
      if (document.activeElement && document.activeElement.matches(TEXT)) leave(document.activeElement);
    }
  }, true);

  document.addEventListener('click', (event) => {
    const button = event.target.closest ? event.target.closest('[data-afresh]') : null;
    if (button) {
      event.preventDefault();
      afresh(button.dataset.afresh === 'mine');
      return;
    }
    const idle = event.target.closest ? event.target.closest('[aria-disabled="true"]') : null;
    if (idle) {
      event.preventDefault();
      event.stopPropagation();
      return;
    }
    const link = event.target.closest ? event.target.closest('a[href]:not([hx-get], [download])') : null;
    if (link && waiting.length > 0 && !held && !event.ctrlKey && !event.metaKey && !event.shiftKey && event.button === 0) {
      event.preventDefault();
      follow = link.href;
    }
  }, true);

  window.addEventListener('beforeunload', (event) => {
    if (waiting.length > 0) event.preventDefault();
  });

  // A page the browser kept shows what was; it is brought up to date before it can be used.
  window.addEventListener('pageshow', async (event) => {
    if (!event.persisted || !isCard()) return;
    work().inert = true;
    look(window.location.href, false);
  });

  // A part swapped in by somebody else, as by the search for fewer sheets, takes away nothing that was typed either.
  let before = null;
  document.addEventListener('htmx:beforeSwap', (event) => {
    if (isCard() && event.detail.target.id === 'work') {
      before = remember(null);
      swapping = true;
    }
  });
  document.addEventListener('htmx:afterSettle', () => {
    if (before) {
      const kept = before;
      before = null;
      swapping = false;
      restore(kept);
      tell();
    }
  });

  // What was typed or chosen before this was there is asked for now, but for what is still being typed. A page that is come back to has its fields filled by the
  // browser, with what was typed long ago.
  const [arrival] = performance.getEntriesByType('navigation');
  if (isCard() && arrival && arrival.type === 'navigate') {
    [...document.querySelectorAll(`#work form${AT_ONCE}`)].flatMap((form) => [...form.elements])
      .filter((field) => field.matches(`select, [type="radio"], [type="checkbox"], ${TEXT}`))
      .filter((field) => !(field === document.activeElement && field.matches(TEXT)))
      .forEach(leave);
  }
})();
