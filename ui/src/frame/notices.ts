import { useSyncExternalStore } from 'react';
import { Store } from './store';

/** Something to be told, with what can be done about it. */
export interface Notice {
  sentence: string;
  /** A way back, such as "Undo". */
  action?: { words: string; does: () => void };
}

const said = new Store<Notice | undefined>(undefined);

/** Says a sentence on whatever page is open, for what has no place of its own there; it stays until it is put away or another is said. */
export function notice(sentence: string, action?: Notice['action']): void {
  said.put({ sentence, action });
}

/** What was said last, and how to put it away. */
export function useNotice(): [Notice | undefined, () => void] {
  return [useSyncExternalStore(said.subscribe, () => said.now), () => said.put(undefined)];
}
