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
    document.documentElement.classList.add('is-busy');
    const notice = document.getElementById('notice');
    while (!(await answers())) {
      notice.innerHTML = document.getElementById('does-not-answer').innerHTML;
      await new Promise((done) => { setTimeout(done, AGAIN); });
    }
    notice.textContent = '';
    passed.add(form);
    form.requestSubmit(event.submitter);
  });

  // What a download or a page that was gone back to left behind can be sent again.
  window.addEventListener('pageshow', (event) => {
    document.documentElement.classList.remove('is-busy');
    if (event.persisted) document.querySelectorAll('form').forEach((form) => sent.delete(form));
  });

  const fails = () => {
    document.getElementById('notice').innerHTML = document.getElementById('does-not-answer').innerHTML;
  };
  ['htmx:sendError', 'htmx:timeout'].forEach((failure) => document.addEventListener(failure, fails));
})();
