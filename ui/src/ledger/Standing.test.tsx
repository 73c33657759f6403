import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { PlanAnswer } from '../api/client';
import { CutContext, type CutOnDesk } from '../cut/CutContext';
import { type Edit, newDraft } from '../cut/draft';
import type { Plan } from '../cut/planDesk';
import { Store } from '../frame/store';
import { answered, field, planned, shown } from '../test/desk';
import { Standing } from './Standing';

const WRONG = { ...field('overhang', '', '12 potatoes'), label: 'Overhang', error: '“potatoes” is not a unit I know.' };
const PAGE = shown({ sentence: [{ kind: 'VALUE', text: 'diameter', tail: '' }] });

function standing(part: Partial<Plan>, edits: Edit[] = []) {
  const desk: CutOnDesk = {
    draft: new Store({ ...newDraft('METRIC'), fields: { overhang: '12 potatoes' } }),
    plan: new Store(planned({ page: PAGE, ...part })),
    edit: (edit) => edits.push(edit),
    choices: {} as never,
    families: [],
    lathes: [],
  };
  return (
    <CutContext.Provider value={desk}>
      <Standing />
    </CutContext.Provider>
  );
}

const GOOD: PlanAnswer = answered({});

describe('how an answer stands to what is typed', () => {
  afterEach(cleanup);

  it('says nothing where it is the answer to it, and nothing before there is any', () => {
    expect(render(standing({ answer: GOOD })).container.textContent).toBe('');
    expect(render(standing({})).container.textContent).toBe('');
  });

  it('says what is wrong above the last good answer', () => {
    render(standing({ answer: GOOD, stale: true, fields: new Map([['overhang', WRONG]]) }));
    expect(screen.getByRole('status').textContent).toContain('Overhang: “potatoes” is not a unit I know.');
    expect(screen.getByRole('status').textContent).toContain('the last good answer');
  });

  it('says that what is shown is of before while the next one is late', () => {
    render(standing({ answer: GOOD, late: true }));
    expect(screen.getByRole('status').textContent).toContain('still the numbers of before');
  });

  it('lets be put right what would stand on a drawing, and stays until that is left', () => {
    const edits: Edit[] = [];
    const view = render(standing({ fields: new Map([['overhang', WRONG]]) }, edits));
    const input = screen.getByLabelText<HTMLInputElement>('Overhang');
    expect(input.value).toBe('12 potatoes');
    fireEvent.focus(input);
    fireEvent.change(input, { target: { value: '2' } });
    expect(edits).toEqual([{ kind: 'field', id: 'overhang', text: '2' }]);
    // The first figure is an answer already; the second is yet to be typed.
    const right = new Map([['overhang', { ...WRONG, typed: '2', error: '' }]]);
    view.rerender(standing({ answer: GOOD, fields: right }, edits));
    expect(screen.getByText('Put right.')).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Overhang'), { target: { value: '25' } });
    expect(edits.at(-1)).toEqual({ kind: 'field', id: 'overhang', text: '25' });
    fireEvent.blur(screen.getByLabelText('Overhang'));
    expect(screen.queryByText('Put right.')).toBeNull();
  });

  it('only names what stands in the sentence: that is put right there', () => {
    const diameter = { ...WRONG, id: 'diameter', label: 'Diameter' };
    render(standing({ fields: new Map([['diameter', diameter]]) }));
    expect(screen.getByText('12 potatoes')).toBeTruthy();
    expect(screen.queryByRole('textbox')).toBeNull();
  });
});
