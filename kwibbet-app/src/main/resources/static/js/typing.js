// What is being typed while an answer arrives is not lost when the fragment around it is exchanged.
(() => {
  let kept = null;

  document.addEventListener('htmx:beforeSwap', (event) => {
    const field = document.activeElement;
    const typing = field && field.matches && field.matches('input.input, input[name="name"]') && field.value !== field.defaultValue;
    const asked = event.detail.requestConfig && event.detail.requestConfig.triggeringEvent;
    const sentByIt = asked && asked.target === field;
    kept = typing && !sentByIt && field.id ? { id: field.id, value: field.value } : null;
  });

  document.addEventListener('htmx:afterSwap', () => {
    const field = kept && document.getElementById(kept.id);
    if (field) {
      field.value = kept.value;
    }
    kept = null;
  });

  // An answer within the page takes an earlier notice away; the notice itself is swapped in after this.
  document.addEventListener('htmx:beforeRequest', () => {
    document.getElementById('notice').textContent = '';
  });
})();
