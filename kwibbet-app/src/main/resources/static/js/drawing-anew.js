// What is drawn anew while a maker types brings new values into fields that stay where they are: what was typed since, and what is chosen in a field, is left as it is.
(() => {
  let sent = new Map();

  document.addEventListener('htmx:beforeRequest', (event) => {
    const form = event.detail.elt.closest('form');
    if (form) sent = new Map([...form.elements].filter((field) => field.name).map((field) => [field.name, field.value]));
  });

  const bring = (field, value) => {
    if (field.type !== 'hidden' && sent.has(field.name) && field.value !== sent.get(field.name)) return;
    if (field.value === value) return;
    const isText = field.matches('input[type="text"]');
    const whole = isText && field.selectionStart === 0 && field.selectionEnd === field.value.length;
    field.value = value;
    if (whole && field === document.activeElement) field.select();
  };

  document.addEventListener('htmx:oobBeforeSwap', (event) => {
    const { target, fragment } = event.detail;
    const fields = [...fragment.querySelectorAll('input[name], select[name]')];
    if (fields.length === 0) return;
    event.detail.shouldSwap = false;
    fields.forEach((fresh) => {
      const field = target.querySelector(`[name="${CSS.escape(fresh.name)}"]`);
      if (field) bring(field, fresh.value);
    });
    fragment.querySelectorAll('[id$="-help"]').forEach((fresh) => {
      const said = document.getElementById(fresh.id);
      if (said) said.innerHTML = fresh.innerHTML;
    });
  });
})();
