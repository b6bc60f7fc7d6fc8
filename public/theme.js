// Before the first paint: the theme that was chosen, or the system's.
(() => {
  const kept = localStorage.getItem('aldaba.theme');
  const dark = kept ? kept === 'dark' : matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.theme = dark ? 'dark' : 'light';
})();
