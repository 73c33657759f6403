import type { Term } from './useGlossary';

/** The thing in white lines on the blue of the plates, bright what is meant of it; nothing where a word needs no drawing. */
export function TermDrawing({ term }: { term: Term }) {
  if (!term.outline) return null;
  return (
    <svg viewBox="-2 -1 64 38" className="my-2 w-full max-w-56 bg-plate p-1" aria-hidden="true">
      <path d={term.outline} fill="none" stroke="var(--scribe)" strokeWidth="0.7" strokeLinejoin="round" />
      <path d={term.mark} fill="none" stroke="var(--bright)" strokeWidth="1.1" strokeLinecap="round" />
    </svg>
  );
}
