import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { sentenceOf } from '../api/client';
import { Header } from '../frame/Header';
import { SHOP } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { Meaning } from './Explained';
import { useGlossary } from './useGlossary';

/** Every word that the program explains, in the order of the alphabet; it prints as it stands. */
export function GlossaryPage() {
  useTitle('Words of the trade');
  const { data, error } = useGlossary();
  const { hash } = useLocation();
  useEffect(() => {
    if (data && hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'center' });
  }, [data, hash]);
  const terms = [...(data ?? [])].sort((a, b) => a.word.localeCompare(b.word, 'en'));
  return (
    <>
      <Header />
      <main className={`${SHOP} max-w-none!`}>
        <section aria-label="Words of the trade">
          <h1>Words of the trade</h1>
          {error && <p role="alert">{sentenceOf(error)}</p>}
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-8 gap-y-6">
            {terms.map((term) => (
              <li
                key={term.id}
                id={term.id}
                className={`break-inside-avoid ${hash === `#${term.id}` ? 'shadow-[-8px_0_var(--paper),-11px_0_var(--accent)]' : ''}`}
              >
                <Meaning term={term} />
                <p className="text-ink-2">{term.source}</p>
              </li>
            ))}
          </ul>
        </section>
      </main>
    </>
  );
}
