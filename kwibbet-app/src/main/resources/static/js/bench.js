// At the bench: the screen stays on, a finger that touches twice ticks off once, the timer runs, and who does not answer is told.
(() => {
  const TWICE = 400;
  const bench = () => document.querySelector('#work.bench');

  let lock = null;
  const stayOn = async () => {
    if (!bench() || !('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
    try {
      lock = await navigator.wakeLock.request('screen');
    } catch (refused) {
      lock = null;
    }
  };
  document.addEventListener('visibilitychange', stayOn);

  // Time of the timer, from the moment it was started.
  const tell = () => {
    const timer = document.querySelector('#timer[data-since]');
    if (!timer) return;
    const seconds = Math.max(0, Math.floor((Date.now() - Number(timer.dataset.since)) / 1000));
    timer.textContent = `Stop the timer, ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  };
  setInterval(tell, 1000);

  // The next step comes under the finger that ticked off this one.
  let ticked = 0;
  document.addEventListener('htmx:afterSwap', (event) => {
    if (!bench() || event.detail.target.id !== 'work') return;
    if (event.detail.pathInfo && event.detail.pathInfo.requestPath.endsWith('/tick')) ticked = Date.now();
    if (bench().dataset.title) document.title = bench().dataset.title;
    tell();
  });
  document.addEventListener('click', (event) => {
    const tick = event.target.closest && event.target.closest('.bench #step-done, .bench #step-one');
    if (tick && event.detail > 0 && Date.now() - ticked < TWICE) {
      event.preventDefault();
      event.stopPropagation();
    }
  }, true);

  document.addEventListener('htmx:afterRequest', (event) => {
    if (bench() && event.detail.successful) document.getElementById('notice').textContent = '';
  });
  document.addEventListener('htmx:sendError', () => {
    if (bench()) document.getElementById('notice').innerHTML = document.getElementById('does-not-answer').innerHTML;
  });
  document.addEventListener('DOMContentLoaded', () => {
    stayOn();
    tell();
  });
})();
