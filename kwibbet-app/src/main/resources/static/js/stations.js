// On a narrow window the run line scrolls: the station one is at is in view.
(() => {
  const show = () => {
    const current = document.querySelector('.run-line [aria-current]');
    const line = current && current.closest('nav');
    // Only the line scrolls: whoever works further down the page stays there.
    if (line) line.scrollLeft = current.offsetLeft - (line.clientWidth - current.offsetWidth) / 2;
  };
  document.addEventListener('DOMContentLoaded', show);
  document.addEventListener('kwibbet:shown', show);
  document.addEventListener('kwibbet:figures', show);
  document.addEventListener('htmx:afterSettle', show);
})();
