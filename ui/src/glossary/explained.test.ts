import { describe, expect, it } from 'vitest';
import { pieces } from './explained';
import type { Term } from './useGlossary';

const term = (id: string, word: string, ...forms: string[]): Term => ({
  id,
  word,
  forms,
  sign: '',
  meaning: '',
  outline: '',
  mark: '',
  source: '',
});
const TERMS = [
  term('rake', 'rake', 'rake at the edge', 'γn'),
  term('nose', 'nose radius', 'nose'),
  term('give', 'give'),
  term('spring', 'spring pass', 'spring passes'),
];
const said = (text: string, prose: boolean) =>
  pieces(text, TERMS, prose).map((piece) => (piece.term ? `[${piece.text}:${piece.term.id}]` : piece.text));

describe('words that are explained', () => {
  it('takes the longest form, once for each word, and keeps every letter', () => {
    expect(said('Rake at the edge, γn', false)).toEqual(['[Rake at the edge:rake]', ', γn']);
    expect(said('Nose radius over nose', false).join('')).toBe('[Nose radius:nose] over nose');
    for (const text of ['Rake at the edge, γn', 'give (all)', 'nothing here']) {
      expect(
        pieces(text, TERMS, false)
          .map((piece) => piece.text)
          .join(''),
      ).toBe(text);
    }
  });
  it('does not take a part of another word', () => {
    expect(said('A brake, noses, forgive', false)).toEqual(['A brake, noses, forgive']);
  });
  it('leaves short words of running text alone', () => {
    expect(said('tool and work give; a spring pass helps', true)).toEqual([
      'tool and work give; a ',
      '[spring pass:spring]',
      ' helps',
    ]);
    expect(said('give', false)).toEqual(['[give:give]']);
  });
});
