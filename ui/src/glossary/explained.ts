import type { Term } from './useGlossary';

/** A piece of a text: plain, or a word that is explained. */
export interface Piece {
  text: string;
  term?: Term;
}

/** In running text a short word may be another: "give", "lead", "life" are left alone there. */
const SURE_FROM_LETTERS = 8;

const escaped = (form: string) => form.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/**
 * Parts a text at the words that are explained, each where it comes first.
 *
 * @param prose whether it is running text, where only words that cannot be others are taken
 */
export function pieces(text: string, terms: readonly Term[], prose: boolean): Piece[] {
  const byForm = new Map<string, Term>();
  for (const term of terms) {
    for (const form of [term.word, ...term.forms]) {
      if (!prose || form.length >= SURE_FROM_LETTERS) byForm.set(form.toLowerCase(), term);
    }
  }
  if (byForm.size === 0) return [{ text }];
  const longestFirst = [...byForm.keys()].sort((a, b) => b.length - a.length).map(escaped);
  const found = new RegExp(`(?<![\\p{L}\\d-])(?:${longestFirst.join('|')})(?![\\p{L}\\d-])`, 'giu');
  const parts: Piece[] = [];
  const seen = new Set<string>();
  let from = 0;
  for (const match of text.matchAll(found)) {
    const term = byForm.get(match[0].toLowerCase());
    if (!term || seen.has(term.id)) continue;
    seen.add(term.id);
    if (match.index > from) parts.push({ text: text.slice(from, match.index) });
    parts.push({ text: match[0], term });
    from = match.index + match[0].length;
  }
  if (from < text.length) parts.push({ text: text.slice(from) });
  return parts;
}
