import { useSyncExternalStore } from 'react';

/** Something to be told, with what can be done about it. */
export interface Notice {
  sentence: string;
  /** A way back, such as "Undo". */
  action?: { words: string; does: () => void };
}

let said: Notice | undefined;
const listeners = new Set<() => void>();

function tell(next: Notice | undefined): void {
  said = next;
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Says a sentence on whatever page is open, for what has no place of its own there; it stays until it is put away or another is said. */
export function notice(sentence: string, action?: Notice['action']): void {
  tell({ sentence, action });
}

/** What was said last, and how to put it away. */
export function useNotice(): [Notice | undefined, () => void] {
  return [useSyncExternalStore(subscribe, () => said), () => tell(undefined)];
}
