import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FieldState } from '../api/client';
import { answered, field, onDesk, shown } from '../test/desk';
import { unitOf, ValueInput } from './ValueInput';

const RAKE: FieldState = {
  ...field('sideRake', '14°'),
  label: 'Side rake',
  advice: { low: '12°', high: '18°', advised: '14°', reason: 'Free-cutting steel likes a keen edge.' },
} as FieldState;

const value = (state: FieldState, typed = '', place: 'plate' | 'list' = 'plate') =>
  onDesk(
    <ValueInput field={state.id} place={place} caption />,
    { fields: typed ? { [state.id]: typed } : {} },
    answered({ fields: [state] }),
  );
const box = () => screen.getByLabelText<HTMLInputElement>('Side rake');

describe('a value that is typed over where it stands', () => {
  beforeEach(() => {
    // The tip is placed by the size of what it stands under.
    vi.stubGlobal(
      'ResizeObserver',
      class {
        observe() {}
        unobserve() {}
        disconnect() {}
      },
    );
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it('shows what was chosen, and what was typed in its place', () => {
    const { typed } = value(RAKE);
    expect(box().value).toBe('14°');
    act(() => typed.put({ ...typed.now, fields: { sideRake: '16' } }));
    expect(box().value).toBe('16');
  });

  it('has the unit beside a bare number, which stays as it was typed', () => {
    const state = { ...RAKE, typed: '14', spelled: '14°', chosen: false };
    const { typed, container } = value(state, '14');
    expect(box().value).toBe('14');
    expect(container.querySelector('.value-unit')?.textContent).toBe('°');
    act(() => typed.put({ ...typed.now, fields: { sideRake: '14 deg' } }));
    expect(container.querySelector('.value-unit')).toBeNull();
    expect(unitOf({ ...state, error: 'No.' }, '14')).toBe('');
    expect(unitOf({ ...state, typed: '', spelled: '' }, '')).toBe('');
  });

  it('takes each key, and stays empty while it is emptied and left so', () => {
    const { edits, typed } = value(RAKE);
    fireEvent.focus(box());
    fireEvent.change(box(), { target: { value: '' } });
    expect(edits).toEqual([{ kind: 'field', id: 'sideRake', text: '' }]);
    act(() => typed.put({ ...typed.now, fields: {} }));
    expect(box().value).toBe('');
    fireEvent.blur(box());
    expect(box().value).toBe('14°');
  });

  it('shows at once what undo has put there, though the caret is in it', () => {
    const { typed } = value(RAKE, '16');
    fireEvent.focus(box());
    fireEvent.change(box(), { target: { value: '17' } });
    act(() => typed.put({ ...typed.now, fields: { sideRake: '17' } }));
    expect(box().value).toBe('17');
    act(() => typed.put({ ...typed.now, fields: { sideRake: '16' } }));
    expect(box().value).toBe('16');
  });

  it('stays ready to be typed over when an answer changes what stands there', () => {
    const { plan, typed } = value(RAKE);
    act(() => box().focus());
    const answer = (text: string) =>
      act(() => plan.put({ ...plan.now, fields: new Map([['sideRake', { ...RAKE, text }]]) }));
    answer('15.437°');
    expect([box().selectionStart, box().selectionEnd]).toEqual([0, '15.437°'.length]);
    // One's own key leaves the caret where it is.
    fireEvent.change(box(), { target: { value: '1' } });
    act(() => typed.put({ ...typed.now, fields: { sideRake: '1' } }));
    box().setSelectionRange(1, 1);
    answer('15.5°');
    expect([box().selectionStart, box().selectionEnd]).toEqual([1, 1]);
  });

  it('goes back with Escape to what stood there, and without typing changes nothing', () => {
    const { edits, typed } = value(RAKE, '16');
    fireEvent.focus(box());
    fireEvent.keyDown(box(), { key: 'Escape' });
    expect(edits).toEqual([]);
    fireEvent.change(box(), { target: { value: '25' } });
    act(() => typed.put({ ...typed.now, fields: { sideRake: '25' } }));
    fireEvent.keyDown(box(), { key: 'Escape' });
    expect(edits.at(-1)).toEqual({ kind: 'field', id: 'sideRake', text: '16' });
  });

  it('tells what is advised and why while it is typed in', () => {
    value(RAKE);
    expect(screen.queryByRole('note')).toBeNull();
    fireEvent.focus(box());
    expect(screen.getByRole('note').textContent).toContain('12° to 18°, 14° advised. Free-cutting steel');
    fireEvent.blur(box());
    expect(screen.queryByRole('note')).toBeNull();
  });

  it('says what is wrong once, where it is typed in, else in the sentence', () => {
    const wrong = { ...RAKE, error: '“steep” is no angle.' };
    const part = { kind: 'VALUE' as const, text: RAKE.id, tail: '' };
    onDesk(
      <>
        <ValueInput field={RAKE.id} place="sentence" />
        <ValueInput field={RAKE.id} place="plate" />
      </>,
      { fields: { [RAKE.id]: 'steep' } },
      answered({ fields: [wrong], page: shown({ sentence: [part] }) }),
    );
    const [sentence, plate] = screen.getAllByLabelText('Side rake');
    const says = () => screen.getAllByRole('alert').map((alert) => alert.id);
    expect(says()).toEqual([sentence?.getAttribute('aria-describedby')]);
    if (plate) fireEvent.focus(plate);
    expect(says()).toEqual([plate?.getAttribute('aria-describedby')]);
  });

  it('tells what is wrong under it, typed in or not, but not where a list says it already', () => {
    const wrong = { ...RAKE, error: '“steep” is no angle.' };
    value(wrong, 'steep');
    expect(screen.getByRole('alert').textContent).toContain('“steep” is no angle.');
    expect(box().getAttribute('aria-invalid')).toBe('true');
    cleanup();
    value(wrong, 'steep', 'list');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
