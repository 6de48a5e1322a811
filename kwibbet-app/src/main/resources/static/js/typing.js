// Nothing typed is lost while an answer is on its way: what was entered since the form was sent is put back into the
// exchanged part of the page and sent in its turn, and a link or a button pressed meanwhile waits for the answer.
(() => {
  const FIELDS = '#work input:not([type="hidden"]):not([type="radio"]):not([type="checkbox"]), #work select, #work textarea';
  let kept = [];
  let answersDue = 0;
  let follow = null;
  let press = null;

  const asDrawn = (field) => {
    if (field.tagName !== 'SELECT') return field.defaultValue;
    const option = [...field.options].find((each) => each.defaultSelected) || field.options[0];
    return option ? option.value : '';
  };

  const send = (field) => field.dispatchEvent(new Event('change', { bubbles: true }));

  document.addEventListener('htmx:beforeRequest', () => {
    answersDue += 1;
    // An answer within the page takes an earlier notice away.
    document.getElementById('notice').textContent = '';
  });

  document.addEventListener('htmx:beforeSwap', (event) => {
    if (event.detail.target.id !== 'work') {
      return;
    }
    const form = event.detail.requestConfig.elt.closest('form');
    const sent = event.detail.requestConfig.formData;
    kept = [...document.querySelectorAll(FIELDS)]
      .filter((field) => {
        const known = form && form.contains(field) && sent.has(field.name) ? sent.get(field.name) : asDrawn(field);
        return field.id && field.value !== known;
      })
      .map((field) => ({ id: field.id, value: field.value, active: field === document.activeElement }));
  });

  document.addEventListener('htmx:afterSettle', () => {
    const put = kept;
    kept = [];
    put.forEach(({ id, value, active }) => {
      const field = document.getElementById(id);
      if (!field) {
        return;
      }
      field.value = value;
      if (active) {
        // Set by script, the browser would not report it as a change when the maker leaves the field.
        field.addEventListener('blur', () => field.isConnected && field.value !== asDrawn(field) && send(field), { once: true });
      } else {
        send(field);
      }
    });
  });

  document.addEventListener('htmx:afterRequest', () => {
    answersDue -= 1;
    if (answersDue === 0 && follow) {
      window.location.href = follow;
    } else if (answersDue === 0 && press) {
      const button = document.getElementById(press);
      press = null;
      if (button && !button.disabled) button.click();
    }
  });

  document.addEventListener('click', (event) => {
    const button = event.target.closest ? event.target.closest('#work button[id], #work a[id][hx-get]') : null;
    if (button && answersDue > 0) {
      event.preventDefault();
      event.stopPropagation();
      press = button.id;
    }
  }, true);

  document.addEventListener('click', (event) => {
    const link = event.target.closest ? event.target.closest('a[href]:not([hx-get])') : null;
    if (link && answersDue > 0 && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      follow = link.href;
    }
  });
})();
