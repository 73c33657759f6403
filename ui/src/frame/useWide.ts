import { useSyncExternalStore } from 'react';

/** From here on a drawing has room for what is typed on it. */
const WIDE = '(min-width: 1000px)';

function watch(told: () => void): () => void {
  const media = window.matchMedia?.(WIDE);
  media?.addEventListener('change', told);
  return () => media?.removeEventListener('change', told);
}

/** Whether the window is wide enough to type on a drawing. */
export const useWide = (): boolean => useSyncExternalStore(watch, () => window.matchMedia?.(WIDE).matches ?? false);
