import { useSyncExternalStore } from 'react';

/** A step of the first job: where it is done, and what. */
export interface FirstStep {
  station: 'cut' | 'edge' | 'reach' | 'make' | 'prove';
  title: string;
  words: string;
}

export const FIRST_STEPS: readonly FirstStep[] = [
  {
    station: 'cut',
    title: 'Say the cut',
    words:
      'The sentence on top is the order. Touch a word to pick another, type over a number: 5/8, 24.5, 4 thou, h7. Everything below follows at once.',
  },
  {
    station: 'edge',
    title: 'See the edge',
    words:
      'The drawing shows what to grind. Dotted values were chosen for you; type over one to set your own, empty it to take the advice. Words with dots under them open their meaning.',
  },
  {
    station: 'reach',
    title: 'Ask whether it will do',
    words:
      'Each line says what holds and what does not, worst first; the plus opens how it was worked out. Under what will not do stand the changes that help: touch one and it is done.',
  },
  {
    station: 'make',
    title: 'Make it',
    words: 'Steps with their settings, to be ticked off at the grinder or the mill. P prints them as a card.',
  },
  {
    station: 'prove',
    title: 'Prove it on a trial',
    words:
      'Type what you measured. It says what explains it and the one thing to change next; kept trials teach it your lathe.',
  },
];

const KEY = 'bw.firstRun';
const LEFT = 'left';
const listeners = new Set<() => void>();

function keep(state: string): void {
  localStorage.setItem(KEY, state);
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

export const startFirstRun = () => keep('0');
export const leaveFirstRun = () => keep(LEFT);
export const toFirstStep = (n: number) => keep(n >= FIRST_STEPS.length ? LEFT : String(n));

/** Which step is open; nothing when none is. New: nobody on this machine has walked or left it yet. */
export function useFirstRun(): { step: number | undefined; isNew: boolean } {
  const state = useSyncExternalStore(subscribe, () => localStorage.getItem(KEY));
  const step = Number(state);
  const open = state !== null && state !== LEFT && FIRST_STEPS[step] !== undefined;
  return { step: open ? step : undefined, isNew: state === null };
}
