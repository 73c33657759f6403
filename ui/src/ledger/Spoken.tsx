import { useEffect, useRef, useState } from 'react';
import type { Finding } from '../api/client';
import { useAnswer } from '../cut/CutContext';
import { WORDS } from './FindingRow';

/** Typing rests so long before it is said what came of it: not at every key. */
const REST_MS = 900;

/** What a cut comes to in one sentence: its worst doubt, and how many more there are. */
export function spokenOf(findings: Finding[]): string {
  const wrong = findings.filter((finding) => finding.verdict === 'WRONG');
  const doubted = [...wrong, ...findings.filter((finding) => finding.verdict === 'DOUBTFUL')];
  const [worst] = doubted;
  if (!worst) return 'Nothing is doubted.';
  const words = WORDS[worst.verdict];
  const more = doubted.length - 1;
  const rest = more === 0 ? '' : more === 1 ? ' One more is doubted.' : ` ${more} more are doubted.`;
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}: ${worst.statement}${rest}`;
}

/** For who does not see the page: after a change one polite sentence says what came of it. Silent while the cut opens, and where nothing changed. */
export function Spoken() {
  const { answer, stale, late } = useAnswer();
  const [said, say] = useState('');
  const last = useRef('');
  const now = answer && !stale && !late ? spokenOf(answer.findings) : '';
  useEffect(() => {
    if (now === '' || now === last.current) return;
    const first = last.current === '';
    const rested = window.setTimeout(() => {
      last.current = now;
      if (!first) say(now);
    }, REST_MS);
    return () => window.clearTimeout(rested);
  }, [now]);
  return (
    <p className="spoken sr-only" role="status">
      {said}
    </p>
  );
}
