import { useCallback, useEffect, useState } from 'react';
import type { Units } from '../api/client';
import { ownStore } from '../frame/ownStore';
import type { JobRecord, Lot, Operation, Sheet } from './records';

/** A job as it is being written. */
export interface JobDraft {
  version: number;
  name: string;
  due: string;
  units: Units;
  done: boolean;
  sheet: Sheet;
}

const PREFIX = 'bw.card.job.';

/** An id that no other thing of the job has. */
export const newId = (kind: string): string => `${kind}-${crypto.randomUUID().slice(0, 8)}`;

export const newOperation = (): Operation => ({
  id: newId('op'),
  name: '',
  machine: '',
  holding: '',
  setUp: '',
  each: '',
  waits: false,
  unbroken: false,
  gauge: false,
  when: 'ANY',
  bond: '',
  bondTo: '',
  after: [],
  habit: '',
  opens: {},
  tool: '',
});

export const newLot = (): Lot => ({
  id: newId('lot'),
  name: '',
  wanted: '',
  spare: '',
  fromBar: '',
  length: '',
  facing: '',
  steel: '',
  section: '',
  operations: [newOperation()],
});

const newDraft = (): JobDraft => ({
  version: 0,
  name: '',
  due: '',
  units: 'METRIC',
  done: false,
  sheet: { lots: [newLot()], stock: [], kerf: '', grip: '', cuts: [], out: '' },
});

export const draftOf = (job: JobRecord): JobDraft => ({
  version: job.version,
  name: job.name,
  due: job.due?.slice(0, 16) ?? '',
  units: job.units,
  done: job.done,
  sheet: job.sheet,
});

/** What was written by an older page lacks what came later. */
const whole = (draft: JobDraft): JobDraft => ({
  ...draft,
  sheet: {
    ...draft.sheet,
    cuts: draft.sheet.cuts ?? [],
    out: draft.sheet.out ?? '',
    lots: draft.sheet.lots.map((lot) => ({
      ...lot,
      operations: lot.operations.map((one) => ({ ...one, opens: one.opens ?? {}, tool: one.tool ?? '' })),
    })),
  },
});

function read(id: string): JobDraft | undefined {
  try {
    const text = ownStore.getItem(PREFIX + id);
    return text ? whole(JSON.parse(text) as JobDraft) : undefined;
  } catch {
    return undefined;
  }
}

/** Whether something of a job is written that is not saved. */
export const isUnsaved = (id: string): boolean => ownStore.getItem(PREFIX + id) !== null;

/** Puts a lot into the new job that is being written; where there is none, one is begun. */
export function lotIntoNewJob(lot: Lot, name: string, units: Units): void {
  const begun = read('new');
  const draft = begun ?? {
    ...newDraft(),
    name,
    units,
    sheet: { lots: [], stock: [], kerf: '', grip: '', cuts: [], out: '' },
  };
  const next = { ...draft, sheet: { ...draft.sheet, lots: [...draft.sheet.lots, lot] } };
  ownStore.setItem(`${PREFIX}new`, JSON.stringify(next));
}

export interface JobDesk {
  draft: JobDraft | undefined;
  unsaved: boolean;
  write: (next: JobDraft) => void;
  /** It is saved, or to be thrown away. */
  done: () => void;
}

/**
 * A job that is being written: kept in the browser from the first letter until it is saved.
 *
 * @param id of the job; "new" for one that is not kept yet
 * @param there the job as it is kept, once it is read
 */
export function useJobDesk(id: string, there: JobRecord | undefined): JobDesk {
  const [mine, setMine] = useState(() => read(id));
  useEffect(() => setMine(read(id)), [id]);
  const write = useCallback(
    (next: JobDraft) => {
      setMine(next);
      try {
        ownStore.setItem(PREFIX + id, JSON.stringify(next));
      } catch {
        // A full store must not stop the writing; it is still on the page.
      }
    },
    [id],
  );
  const done = useCallback(() => {
    ownStore.removeItem(PREFIX + id);
    setMine(undefined);
  }, [id]);
  const [fresh] = useState(newDraft);
  const kept = id === 'new' ? fresh : there && draftOf(there);
  return { draft: mine ?? kept, unsaved: mine !== undefined, write, done };
}
