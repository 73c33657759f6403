import { useCallback, useRef } from 'react';

/** A record with the id that it is to have. */
export type WithId<T> = T & { id: string };

/**
 * Gives a new record its id before it is sent. The same record sent twice, by a double click or because an answer was lost, goes
 * out under the same id and is kept once; another record gets another id.
 */
export function useNewRecord(): <T extends object>(record: T) => WithId<T> {
  const last = useRef({ text: '', id: '' });
  return useCallback((record) => {
    const text = JSON.stringify(record);
    if (last.current.text !== text) last.current = { text, id: crypto.randomUUID() };
    return { ...record, id: last.current.id };
  }, []);
}
