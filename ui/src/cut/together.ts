import type { CutRecord, Texts } from '../api/client';
import { type Clash, merged } from '../api/merge';
import type { Draft } from './draft';

/** A cut with what somebody else has saved of it meanwhile put together with what stands on the desk. */
export interface Together {
  now: Draft;
  clashes: Clash[];
  /** What was taken over from the other, by entry. */
  taken: Clash[];
}

const NAME = 'name';

/** A cut's entries and its name as texts. */
export const textsOf = (cut: { name: string; fields: Texts }): Texts => ({ ...cut.fields, [NAME]: cut.name });

/** Puts both together, entry by entry; undefined where their units differ: then one of the two has to be taken whole. */
export function together(mine: Draft, theirs: CutRecord): Together | undefined {
  const was = mine.kept;
  if (theirs.units !== mine.units || (was && was.units !== mine.units)) return undefined;
  // What stood there before both is not known of drafts that an earlier version of the page left: then both are asked of.
  const before = was ? textsOf(was) : {};
  const [here, there] = [textsOf(mine), textsOf(theirs)];
  const { texts, clashes } = merged(before, here, there, { by: theirs.savedBy, at: theirs.savedAt });
  const { [NAME]: name = '', ...fields } = texts;
  const taken = Object.keys(texts)
    .filter((field) => (texts[field] ?? '') !== (here[field] ?? ''))
    .map((field) => ({ field, was: here[field] ?? '', mine: here[field] ?? '', theirs: texts[field] ?? '' }));
  const changed = Object.keys({ ...texts, ...there }).some((field) => (texts[field] ?? '') !== (there[field] ?? ''));
  const kept = { name: theirs.name, units: theirs.units, fields: theirs.fields };
  return { now: { ...mine, version: theirs.version, name, fields, kept, changed }, clashes, taken };
}

/** Puts a chosen text into its entry. */
export function chosen(draft: Draft, field: string, text: string): Draft {
  return field === NAME
    ? { ...draft, name: text, changed: true }
    : { ...draft, fields: { ...draft.fields, [field]: text }, changed: true };
}
