import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Choices, FieldState, PlanAnswer } from '../api/client';
import { AnswerContext, CutContext, EditContext } from '../cut/CutContext';
import { type Draft, type Edit, newDraft } from '../cut/draft';

/** A field as the program answers it. */
export const field = (id: string, text: string, typed = ''): FieldState =>
  ({ id, label: id, station: 'CUT', typed, text, spelled: typed, chosen: typed === '', error: '' }) as FieldState;

/** An answer with nothing in it but what is given. */
export const answered = (part: Partial<PlanAnswer>): PlanAnswer => ({
  worked: true,
  units: 'METRIC',
  fields: [],
  figures: [],
  findings: [],
  scenes: [],
  steps: [],
  ...part,
});

/** Renders a part of the page on a desk with this draft and this answer; what is edited is collected. */
export function onDesk(part: ReactNode, draft: Partial<Draft>, answer: PlanAnswer, choices: Partial<Choices> = {}) {
  const edits: Edit[] = [];
  const plan = {
    answer,
    stale: false,
    trouble: '',
    fields: new Map(answer.fields.map((state) => [state.id, state])),
  };
  const page = { draft: { ...newDraft('METRIC'), ...draft }, choices: choices as Choices, lathes: [] };
  const view = render(
    <EditContext.Provider value={(edit) => edits.push(edit)}>
      <AnswerContext.Provider value={plan}>
        <CutContext.Provider value={page}>{part}</CutContext.Provider>
      </AnswerContext.Provider>
    </EditContext.Provider>,
  );
  return { ...view, edits };
}
