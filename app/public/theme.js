// Before the first paint: the theme that was chosen here, or the system's.
(function () {
  var chosen = null;
  try {
    chosen = JSON.parse(localStorage.getItem('wellhydra.preferences') || '{}').theme;
  } catch {
    // Storage that is closed to us chooses nothing.
  }
  var dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.classList.toggle('dark', dark);
})();
