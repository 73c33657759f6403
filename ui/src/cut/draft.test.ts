import { beforeEach, describe, expect, it } from 'vitest';
import type { FieldState } from '../api/client';
import { edited, type History, newDraft, redone, spelledOut, store, stored, undone } from './draft';

function start(): History {
  return { now: newDraft('METRIC'), before: [], after: [], touched: '' };
}

const type = (history: History, id: string, text: string) => edited(history, { kind: 'field', id, text });

describe('a draft', () => {
  beforeEach(() => localStorage.clear());

  it('undoes typing in one place as one step, and brings it back', () => {
    let history = start();
    for (const text of ['1', '1.', '1.5']) history = type(history, 'depth', text);
    history = type(history, 'feed', '0.1');
    expect(history.now.fields).toEqual({ depth: '1.5', feed: '0.1' });
    history = undone(history);
    expect(history.now.fields).toEqual({ depth: '1.5' });
    history = undone(history);
    expect(history.now.fields).toEqual({});
    expect(undone(history)).toBe(history);
    history = redone(redone(history));
    expect(history.now.fields).toEqual({ depth: '1.5', feed: '0.1' });
  });

  it('keeps the saved version when it undoes across a save', () => {
    let history = type(start(), 'depth', '1');
    history = { ...history, now: { ...history.now, version: 7, id: 'kept' } };
    expect(undone(history).now).toMatchObject({ version: 7, id: 'kept', fields: {} });
  });

  it('spells out what is typed before units flip, but leaves alone what is wrong or left to the program', () => {
    const state = (id: string, spelled: string, error = '') => ({ id, spelled, error }) as FieldState;
    expect(spelledOut([state('diameter', '5 mm'), state('depth', ''), state('finish', 'x', 'no')])).toEqual({
      diameter: '5 mm',
    });
  });

  it('survives a reload, and a broken store', () => {
    const draft = { ...newDraft('INCH'), id: 'a', name: 'Pin', changed: true };
    store(draft);
    expect(stored('a')).toEqual(draft);
    localStorage.setItem('bw.draft.b', '{broken');
    expect(stored('b')).toBeUndefined();
    expect(stored('none')).toBeUndefined();
  });

  it('starts the next piece with what was moved when a change is done, as one step to undo', () => {
    let history = edited(start(), { kind: 'reading', id: 'near', text: '13.39' });
    history = edited(history, { kind: 'done', fields: { hold: 'centre' }, readings: { dialled: '-0.02 mm' } });
    expect(history.now.readings).toEqual({ dialled: '-0.02 mm' });
    expect(history.now.fields).toEqual({ hold: 'centre' });
    expect(history.now.changed).toBe(true);
    expect(undone(history).now.readings).toEqual({ near: '13.39' });
    const atTheMachine = edited(start(), { kind: 'done', fields: {}, readings: { dialled: '-0.02 mm' } });
    expect(atTheMachine.now.changed).toBe(false);
  });
});
