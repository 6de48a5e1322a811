// A file dropped anywhere on a page that loads one is loaded.
(() => {
  const form = () => document.querySelector('form[data-drop]');
  const isFile = (event) => Boolean(event.dataTransfer && [...event.dataTransfer.types].includes('Files'));

  document.addEventListener('dragover', (event) => {
    if (!form() || !isFile(event)) return;
    event.preventDefault();
    document.body.classList.add('dropping');
  });

  document.addEventListener('dragleave', (event) => {
    if (!event.relatedTarget) document.body.classList.remove('dropping');
  });

  document.addEventListener('drop', (event) => {
    document.body.classList.remove('dropping');
    if (!form() || !isFile(event)) return;
    event.preventDefault();
    const field = form().querySelector('input[type="file"]');
    field.files = event.dataTransfer.files;
    form().requestSubmit();
  });
})();
