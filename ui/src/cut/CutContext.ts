import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Choices, Family, FieldState, LatheRecord } from '../api/client';
import type { Watched } from '../frame/store';
import type { Draft, Edit } from './draft';
import type { Plan } from './planDesk';

/**
 * Everything the stations of one cut share. What is typed changes at every key and what was answered a moment later: both are
 * kept outside React, and a part of the page reads only what it shows of them, so that a key pressed paints little anew.
 */
export interface CutOnDesk extends ShopParts {
  draft: Watched<Draft>;
  plan: Watched<Plan>;
  edit: (edit: Edit) => void;
}

/** What the shop has to choose from. */
export interface ShopParts {
  choices: Choices;
  families: Family[];
  lathes: LatheRecord[];
}

export const CutContext = createContext<CutOnDesk | undefined>(undefined);

function useDesk(): CutOnDesk {
  const desk = useContext(CutContext);
  if (desk === undefined) throw new Error('A station stands outside its cut.');
  return desk;
}

function useKept<T, P>(kept: Watched<T>, part: (all: T) => P): P {
  return useSyncExternalStore(kept.subscribe, () => part(kept.now));
}

const all = <T>(whole: T): T => whole;

/** What is typed, and what it may be chosen from; painted anew at every key. */
export function useCut(): ShopParts & { draft: Draft } {
  const { draft, choices, families, lathes } = useDesk();
  return { draft: useKept(draft, all), choices, families, lathes };
}

/** What is typed as it is when it is asked for: for what is done at a click. */
export const useDraftThen = (): Watched<Draft> => useDesk().draft;

/** What stands typed in one field; empty where nothing does. */
export const useTyped = (field: string): string => useKept(useDesk().draft, (draft) => draft.fields[field] ?? '');

/** What the shop has to choose from; does not change while something is typed. */
export const useShop = (): ShopParts => useDesk();

/** The last good answer and the fields as read, with how they stand to what is typed; painted anew at every answer. */
export const useAnswer = (): Plan => useKept(useDesk().plan, all);

/**
 * A part of the answer: painted anew when that part has changed.
 *
 * @param part picks what is there already: made anew at each look it would never rest
 */
export const useOfAnswer = <P>(part: (plan: Plan) => P): P => useKept(useDesk().plan, part);

/** One field as it was last read. */
export const useFieldState = (field: string): FieldState | undefined => useOfAnswer((plan) => plan.fields.get(field));

/** How to change the cut. */
export const useEdit = (): ((edit: Edit) => void) => useDesk().edit;
