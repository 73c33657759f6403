import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, given, sentenceOf, type Texts, type Units } from '../api/client';
import { useChoices } from '../api/records';
import { FIELD, READING } from '../frame/looks';
import { ownStore } from '../frame/ownStore';

/** What is typed of an edge's wear stays in this browser: it is a reckoning, not a record. */
const key = (tool: string) => `bw.card.wear.${tool}`;

function typed(tool: string): Texts {
  try {
    return JSON.parse(ownStore.getItem(key(tool)) ?? '{}') as Texts;
  } catch {
    return {};
  }
}

/** Wear, regrinds and how many edges to have; of what is not typed nothing is said. */
export function WearPanel({ tool, units }: { tool: string; units: Units }) {
  const entries = useChoices().data?.edgeLife ?? [];
  const [texts, setTexts] = useState(() => typed(tool));
  const isTyped = Object.values(texts).some((text) => text.trim());
  const answer = useQuery({
    queryKey: ['edge-life', units, texts],
    queryFn: () => given(api.POST('/api/jobs/edge-life', { body: { fields: texts, units } })),
    enabled: isTyped,
    placeholderData: (old) => old,
  });
  useEffect(() => {
    if (isTyped) ownStore.setItem(key(tool), JSON.stringify(texts));
    else ownStore.removeItem(key(tool));
  }, [tool, texts, isTyped]);
  return (
    <details className="my-3 border-t border-line pt-1 print:hidden" open={isTyped || undefined} data-wear>
      <summary className="flex min-h-touch cursor-pointer items-center text-more font-semibold">
        Wear, regrinds, how many to have
      </summary>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 max-hand:grid-cols-[minmax(0,1fr)]">
        {entries.map((entry) => {
          const wrong = answer.data?.errors[entry.id];
          return (
            <label key={entry.id} className={READING}>
              <span>{entry.words}</span>
              <input
                className={FIELD}
                value={texts[entry.id] ?? ''}
                aria-invalid={!!wrong}
                data-entry={entry.id}
                onChange={(event) => setTexts({ ...texts, [entry.id]: event.target.value })}
              />
              {wrong && <em role="alert">{wrong}</em>}
            </label>
          );
        })}
      </div>
      {answer.error && <p role="alert">{sentenceOf(answer.error)}</p>}
      {isTyped && (
        <div aria-live="polite" className="mt-2 grid gap-1">
          {answer.data?.sentences.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
      )}
    </details>
  );
}
