// Forms that leave the page: a button pressed twice acts once, and nothing typed is given to a service that does not answer.
(() => {
  const AGAIN = 1000;
  const sent = new WeakSet();
  const passed = new WeakSet();

  const answers = async () => {
    try {
      return (await fetch('/alive', { cache: 'no-store' })).ok;
    } catch (away) {
      return false;
    }
  };

  document.addEventListener('submit', async (event) => {
    const form = event.target;
    if (event.defaultPrevented || form.matches('[hx-get], [hx-post], [method="dialog"]')) return;
    if (passed.has(form)) {
      passed.delete(form);
      return;
    }
    event.preventDefault();
    if (sent.has(form)) return;
    sent.add(form);
    document.documentElement.classList.add('is-leaving');
    const wait = (millis) => new Promise((done) => { setTimeout(done, millis); });
    // What was asked before goes out before.
    while (sent.has(form) && Number(document.documentElement.dataset.waiting || 0) > 0) await wait(50);
    const notice = document.getElementById('notice');
    while (sent.has(form) && !(await answers())) {
      notice.innerHTML = document.getElementById('does-not-answer').innerHTML;
      await wait(AGAIN);
    }
    notice.textContent = '';
    if (!sent.has(form)) return;
    passed.add(form);
    form.requestSubmit(event.submitter);
    // What a browser lays down instead of showing it leaves the page where it is.
    if (form.matches('[data-stays]')) {
      setTimeout(() => {
        sent.delete(form);
        idle();
      }, AGAIN);
    }
  });

  const idle = () => document.documentElement.classList.remove('is-leaving');

  // What takes long can be let go: the page stays as it was, with all that was entered.
  document.addEventListener('click', (event) => {
    if (event.target.id !== 'stop-waiting') return;
    window.stop();
    document.querySelectorAll('form').forEach((form) => sent.delete(form));
    document.getElementById('notice').textContent = '';
    idle();
  });

  // What a download or a page that was gone back to left behind can be sent again.
  window.addEventListener('pageshow', (event) => {
    idle();
    if (event.persisted) document.querySelectorAll('form').forEach((form) => sent.delete(form));
  });

  const fails = () => {
    document.getElementById('notice').innerHTML = document.getElementById('does-not-answer').innerHTML;
  };
  ['htmx:sendError', 'htmx:timeout'].forEach((failure) => document.addEventListener(failure, fails));
  document.addEventListener('htmx:afterOnLoad', (event) => {
    if (event.detail.successful && document.querySelector('#notice .away')) document.getElementById('notice').textContent = '';
  });
})();
