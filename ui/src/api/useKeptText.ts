import { useCallback, useEffect, useState } from 'react';

const PREFIX = 'bw.card.';

function read<T>(name: string): T | undefined {
  try {
    const text = localStorage.getItem(PREFIX + name);
    return text ? (JSON.parse(text) as T) : undefined;
  } catch {
    return undefined;
  }
}

export interface KeptText<T> {
  /** What stands there: what is being written, else what the shop has; undefined until that is read. */
  entry: T | undefined;
  /** Whether something is written that is not saved. */
  unsaved: boolean;
  write: (next: T) => void;
  /** It is saved, or to be thrown away. */
  done: (saved?: T) => void;
}

/**
 * A card that is being written: kept in the browser from the first letter until it is saved, whichever page is opened meanwhile.
 *
 * @param name under which it is kept
 * @param there what the shop has, once it is read
 */
export function useKeptText<T>(name: string, there: T | undefined): KeptText<T> {
  const [written, setWritten] = useState<T | undefined>(() => read<T>(name));
  const [saved, setSaved] = useState<T>();
  useEffect(() => setWritten(read<T>(name)), [name]);
  const write = useCallback(
    (next: T) => {
      setWritten(next);
      try {
        localStorage.setItem(PREFIX + name, JSON.stringify(next));
      } catch {
        // A full store must not stop the writing; it is still on the page.
      }
    },
    [name],
  );
  const done = useCallback(
    (kept?: T) => {
      localStorage.removeItem(PREFIX + name);
      setWritten(undefined);
      setSaved(kept);
    },
    [name],
  );
  return { entry: written ?? saved ?? there, unsaved: written !== undefined, write, done };
}
