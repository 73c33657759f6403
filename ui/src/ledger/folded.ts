import { useSyncExternalStore } from 'react';

/** Whether what holds is folded to one line: it stays so from station to station, and decides whether its workings are asked for. */
let folded = true;
const listeners = new Set<() => void>();

export function fold(now: boolean): void {
  folded = now;
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useFolded = (): boolean => useSyncExternalStore(subscribe, () => folded);
