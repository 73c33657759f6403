import type { Texts } from '../api/client';

interface Set {
  name: string;
  fields: Texts;
}

/** A text that was another one then. */
export interface Change {
  id: string;
  was: string;
  is: string;
}

/** What is different in a later version. */
export function changedSince(one: Set, later: Set): Change[] {
  const ids = [...new Set([...Object.keys(one.fields), ...Object.keys(later.fields)])].sort();
  const changes = ids.map((id) => ({ id, was: one.fields[id] ?? '', is: later.fields[id] ?? '' }));
  return [{ id: 'name', was: one.name, is: later.name }, ...changes].filter((change) => change.was !== change.is);
}

/** What must be typed so that all stands as it did: what was not typed then is emptied. */
export function backTo(then: Texts, now: Texts): Texts {
  return { ...Object.fromEntries(Object.keys(now).map((id) => [id, ''])), ...then };
}
