import { replaceEqualDeep } from '@tanstack/react-query';
import { useLayoutEffect, useRef, useState } from 'react';
import { ask, type PlanAnswer, Refused, type Texts, type Units } from '../api/client';
import type { CutAnswer } from './CutContext';

const RECORDS_AWAY =
  'The shop’s records cannot be reached: this is planned with its machines and lessons as they were read last.';

export interface Plan extends CutAnswer {
  /** Why there was no answer, in a sentence; empty when there was. */
  trouble: string;
}

/** Plans on every change; keeps the last good answer while something typed cannot be used. */
export function usePlan(fields: Texts | undefined, units: Units): Plan {
  const [plan, setPlan] = useState<Plan>({ answer: undefined, fields: new Map(), stale: false, trouble: '' });
  const latest = useRef(0);
  // The question goes out before the page paints what was typed: the two overlap.
  useLayoutEffect(() => {
    if (!fields) return;
    const turn = ++latest.current;
    const abort = new AbortController();
    ask({ fields, units }, abort.signal)
      .then(([answer, away]) => {
        if (turn !== latest.current) return;
        // What stayed the same stays the same object, and is not painted again.
        setPlan((old) => {
          const kept = replaceEqualDeep<PlanAnswer>(old.answer, answer);
          return {
            answer: answer.worked ? kept : old.answer,
            fields: new Map(kept.fields.map((state) => [state.id, state])),
            stale: !answer.worked,
            trouble: away ? RECORDS_AWAY : '',
          };
        });
      })
      .catch((error: unknown) => {
        if (turn !== latest.current || !(error instanceof Refused)) return;
        setPlan((old) => ({ ...old, stale: true, trouble: error.message }));
      });
    return () => abort.abort();
  }, [fields, units]);
  return plan;
}
