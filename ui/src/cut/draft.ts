import type { CutRecord, FieldState, Texts, Units } from '../api/client';
import { ownStore } from '../frame/ownStore';

/** A cut as it stands on the page: what was typed, and what has been done to it since it was opened. */
export interface Draft {
  id: string;
  version: number;
  name: string;
  units: Units;
  fields: Texts;
  /** Reading texts of the trial being entered. */
  readings: Texts;
  /** Grinding steps ticked, and what was measured at them. */
  ticks: Record<string, boolean>;
  measured: Texts;
  /** What is being written on a card that is not kept yet: the tool's name, drawer and note, the trial's note. */
  card: Texts;
  /** Whether it differs from what the shop has kept. */
  changed: boolean;
  /** What the shop had at this version; missing where nothing is kept yet, and in drafts of earlier versions of the page. */
  kept?: { name: string; units: Units; fields: Texts };
}

export type Edit =
  | { kind: 'field'; id: string; text: string }
  | { kind: 'fields'; fields: Texts }
  | { kind: 'reading'; id: string; text: string }
  /** A change after a trial is done: the next piece is read anew, with what it is told of the change. */
  | { kind: 'done'; fields: Texts; readings: Texts }
  | { kind: 'measured'; id: string; text: string }
  | { kind: 'card'; id: string; text: string }
  | { kind: 'tick'; id: string; on: boolean }
  | { kind: 'name'; text: string }
  | { kind: 'units'; units: Units; spelled: Texts };

export interface History {
  now: Draft;
  before: Draft[];
  after: Draft[];
  /** What the last edit touched: typing on in one place is one step to undo. */
  touched: string;
}

const MOST_STEPS = 200;

/** A draft with nothing to undo yet. */
export const started = (now: Draft): History => ({ now, before: [], after: [], touched: '' });

/** A draft as the shop has it. */
export const fromRecord = (record: CutRecord): Draft => ({
  ...newDraft(record.units),
  id: record.id,
  version: record.version,
  name: record.name,
  fields: record.fields,
  kept: { name: record.name, units: record.units, fields: record.fields },
});

export function newDraft(units: Units): Draft {
  return {
    id: 'new',
    version: 0,
    name: '',
    units,
    fields: {},
    readings: {},
    ticks: {},
    measured: {},
    card: {},
    changed: false,
  };
}

function apply(draft: Draft, edit: Edit): Draft {
  switch (edit.kind) {
    case 'field':
      return { ...draft, fields: { ...draft.fields, [edit.id]: edit.text }, changed: true };
    case 'fields':
      return { ...draft, fields: { ...draft.fields, ...edit.fields }, changed: true };
    case 'reading':
      return { ...draft, readings: { ...draft.readings, [edit.id]: edit.text } };
    case 'done':
      return {
        ...draft,
        fields: { ...draft.fields, ...edit.fields },
        readings: edit.readings,
        changed: draft.changed || Object.keys(edit.fields).length > 0,
      };
    case 'measured':
      return { ...draft, measured: { ...draft.measured, [edit.id]: edit.text } };
    case 'card':
      return { ...draft, card: { ...draft.card, [edit.id]: edit.text } };
    case 'tick':
      return { ...draft, ticks: { ...draft.ticks, [edit.id]: edit.on } };
    case 'name':
      return { ...draft, name: edit.text, changed: true };
    case 'units':
      return { ...draft, units: edit.units, fields: { ...draft.fields, ...edit.spelled } };
  }
}

function touch(edit: Edit): string {
  return 'id' in edit ? `${edit.kind}:${edit.id}` : edit.kind === 'name' ? 'name' : '';
}

export function edited(history: History, edit: Edit): History {
  const touched = touch(edit);
  const goesOn = touched !== '' && touched === history.touched && edit.kind !== 'tick';
  return {
    now: apply(history.now, edit),
    before: goesOn ? history.before : [...history.before, history.now].slice(-MOST_STEPS),
    after: [],
    touched,
  };
}

export function undone(history: History): History {
  const last = history.before.at(-1);
  if (!last) return history;
  return {
    now: { ...last, version: history.now.version, kept: history.now.kept, id: history.now.id, changed: true },
    before: history.before.slice(0, -1),
    after: [history.now, ...history.after],
    touched: '',
  };
}

export function redone(history: History): History {
  const next = history.after[0];
  if (!next) return history;
  return {
    now: { ...next, version: history.now.version, kept: history.now.kept, id: history.now.id, changed: true },
    before: [...history.before, history.now],
    after: history.after.slice(1),
    touched: '',
  };
}

/** What must be typed out before the units are flipped, so that a bare 5 stays 5 mm. */
export function spelledOut(states: FieldState[]): Texts {
  const spelled: Texts = {};
  for (const state of states) {
    if (state.spelled !== '' && state.error === '') spelled[state.id] = state.spelled;
  }
  return spelled;
}

const PREFIX = 'bw.draft.';

export function stored(id: string): Draft | undefined {
  try {
    const text = ownStore.getItem(PREFIX + id);
    return text ? { ...newDraft('METRIC'), ...(JSON.parse(text) as Draft) } : undefined;
  } catch {
    return undefined;
  }
}

export function store(draft: Draft): void {
  try {
    ownStore.setItem(PREFIX + draft.id, JSON.stringify(draft));
    ownStore.setItem(LAST, draft.id);
  } catch {
    // A full or forbidden store must not stop the work; the draft is still on the page.
  }
}

export function forget(id: string): void {
  ownStore.removeItem(PREFIX + id);
  ownStore.removeItem(UNDO_PREFIX + id);
}

const UNDO_PREFIX = 'bw.undo.';
/** Steps that survive a reload; more would make the browser's store slow. */
const KEPT_STEPS = 40;

/** Keeps the way back and forth beside the draft. */
export function storeUndo({ now, before, after }: History): void {
  try {
    const kept = { before: before.slice(-KEPT_STEPS), after: after.slice(0, KEPT_STEPS) };
    ownStore.setItem(UNDO_PREFIX + now.id, JSON.stringify(kept));
  } catch {
    // As above: without it there is less to undo, and no more.
  }
}

/** A draft with what can be undone of it, as it was left. */
export function resumed(now: Draft): History {
  try {
    const text = ownStore.getItem(UNDO_PREFIX + now.id);
    const kept = text ? (JSON.parse(text) as Partial<History>) : {};
    return { now, before: kept.before ?? [], after: kept.after ?? [], touched: '' };
  } catch {
    return started(now);
  }
}

const LAST = 'bw.last';

/** The cut that was worked on last. */
export const last = (): string | null => ownStore.getItem(LAST);

/** It is no longer here: the program does not open on it again. */
export function forgetLast(id: string): void {
  if (last() === id) ownStore.removeItem(LAST);
}
