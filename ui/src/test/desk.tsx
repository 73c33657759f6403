import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Choices, CutPageParts, Family, FieldState, PlanAnswer } from '../api/client';
import { CutContext, type CutOnDesk } from '../cut/CutContext';
import { type Draft, type Edit, newDraft } from '../cut/draft';
import { NOTHING_YET, type Plan } from '../cut/planDesk';
import { Store } from '../frame/store';

/** A field as the program answers it. */
export const field = (id: string, text: string, typed = ''): FieldState =>
  ({ id, label: id, station: 'CUT', typed, text, spelled: typed, chosen: typed === '', error: '' }) as FieldState;

/** A cut of a family that shows nothing but what is given. */
export const shown = (part: Partial<CutPageParts>): CutPageParts => ({
  family: 'made-up',
  sentence: [],
  stations: [],
  printed: { sentence: '', scene: '', measured: [], settings: [] },
  crib: '',
  kept: [],
  keptWith: [],
  solid: '',
  ...part,
});

/** An answer with nothing in it but what is given. */
export const answered = (part: Partial<PlanAnswer>): PlanAnswer => ({
  worked: true,
  units: 'METRIC',
  fields: [],
  figures: [],
  findings: [],
  scenes: [],
  steps: [],
  page: shown({}),
  unheard: [],
  ...part,
});

/** A plan of which nothing is known but what is given. */
export const planned = (part: Partial<Plan>): Plan => ({ ...NOTHING_YET, ...part });

/** Renders a part of the page on a desk with this draft and this answer; what is edited is collected. */
export function onDesk(part: ReactNode, draft: Partial<Draft>, answer: PlanAnswer, choices: Partial<Choices> = {}) {
  const families: Family[] = [];
  const edits: Edit[] = [];
  const typed = new Store<Draft>({ ...newDraft('METRIC'), ...draft });
  const plan = new Store(
    planned({ answer, page: answer.page, fields: new Map(answer.fields.map((at) => [at.id, at])) }),
  );
  const desk: CutOnDesk = {
    draft: typed,
    plan,
    edit: (edit) => edits.push(edit),
    choices: choices as Choices,
    families,
    lathes: [],
  };
  const view = render(<CutContext.Provider value={desk}>{part}</CutContext.Provider>);
  return { ...view, edits, typed, plan };
}
