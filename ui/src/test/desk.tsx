import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Choices, CutPageParts, Family, FieldState, PlanAnswer } from '../api/client';
import { AnswerContext, CutContext, EditContext } from '../cut/CutContext';
import { type Draft, type Edit, newDraft } from '../cut/draft';

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
  ...part,
});

/** Renders a part of the page on a desk with this draft and this answer; what is edited is collected. */
export function onDesk(part: ReactNode, draft: Partial<Draft>, answer: PlanAnswer, choices: Partial<Choices> = {}) {
  const families: Family[] = [];
  const edits: Edit[] = [];
  const plan = {
    answer,
    page: answer.page,
    stale: false,
    was: new Map<string, string>(),
    late: false,
    trouble: '',
    fields: new Map(answer.fields.map((state) => [state.id, state])),
  };
  const page = { draft: { ...newDraft('METRIC'), ...draft }, choices: choices as Choices, families, lathes: [] };
  const view = render(
    <EditContext.Provider value={(edit) => edits.push(edit)}>
      <AnswerContext.Provider value={plan}>
        <CutContext.Provider value={page}>{part}</CutContext.Provider>
      </AnswerContext.Provider>
    </EditContext.Provider>,
  );
  return { ...view, edits };
}
