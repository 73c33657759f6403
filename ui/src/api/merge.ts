import type { Texts } from './client';

/** An entry that two people have changed, each to something else. */
export interface Clash {
  field: string;
  /** What stood there before both. */
  was: string;
  mine: string;
  theirs: string;
  /** Who saved theirs, and when: another than who saved the card last, where this stood there before. */
  by?: string;
  at?: string;
}

/** Who saved a card last, and when. */
export type SavedBy = Pick<Clash, 'by' | 'at'>;

export interface Merged {
  texts: Texts;
  clashes: Clash[];
}

/**
 * Puts two people's changes of one card together, entry by entry: what only one has changed is taken from that one; where both have,
 * mine stands until one of the two is chosen.
 *
 * @param was as both found it
 * @param saved who saved theirs
 */
export function merged(was: Texts, mine: Texts, theirs: Texts, saved: SavedBy = {}): Merged {
  const texts: Texts = {};
  const clashes: Clash[] = [];
  for (const field of new Set([...Object.keys(was), ...Object.keys(mine), ...Object.keys(theirs)])) {
    const [before, here, there] = [was[field] ?? '', mine[field] ?? '', theirs[field] ?? ''];
    const takesTheirs = here === before;
    const text = takesTheirs ? there : here;
    if (text !== '' || field in (takesTheirs ? theirs : mine)) texts[field] = text;
    if (!takesTheirs && there !== before && there !== here)
      clashes.push({ field, was: before, mine: here, theirs: there, ...saved });
  }
  return { texts, clashes };
}
