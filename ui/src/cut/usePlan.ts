import { useEffect, useRef, useState } from 'react';
import { type FieldState, type PlanAnswer, Refused, send, type Texts, type Units } from '../api/client';

export interface Plan {
  answer: PlanAnswer | undefined;
  fields: Map<string, FieldState>;
  stale: boolean;
  trouble: string;
}

/** Plans on every change; keeps the last good answer while something typed cannot be used. */
export function usePlan(fields: Texts | undefined, units: Units): Plan {
  const [plan, setPlan] = useState<Plan>({ answer: undefined, fields: new Map(), stale: false, trouble: '' });
  const latest = useRef(0);
  useEffect(() => {
    if (!fields) return;
    const turn = ++latest.current;
    const abort = new AbortController();
    send<PlanAnswer>('POST', '/api/plan', { fields, units }, abort.signal)
      .then((answer) => {
        if (turn !== latest.current) return;
        const states = new Map(answer.fields.map((state) => [state.id, state]));
        performance.mark('bw-plan-answer');
        setPlan((old) => ({
          answer: answer.worked ? answer : old.answer,
          fields: states,
          stale: !answer.worked,
          trouble: '',
        }));
      })
      .catch((error: unknown) => {
        if (turn !== latest.current || !(error instanceof Refused)) return;
        setPlan((old) => ({ ...old, stale: true, trouble: error.message }));
      });
    return () => abort.abort();
  }, [fields, units]);
  return plan;
}
