/** The light shop or the dim one; remembered, else as the machine prefers. */
export function startShade(): void {
  const kept = localStorage.getItem('bw.shade');
  const dim = kept ? kept === 'dim' : window.matchMedia?.('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.shade = dim ? 'dim' : 'light';
}

export function flipShade(): void {
  const next = document.documentElement.dataset.shade === 'dim' ? 'light' : 'dim';
  document.documentElement.dataset.shade = next;
  localStorage.setItem('bw.shade', next);
}
