import { createContext, useContext } from 'react';
import type { Choices, FieldState, LatheRecord, PlanAnswer } from '../api/client';
import type { Draft, Edit } from './draft';

/** Everything the stations of one cut share. */
export interface CutPage {
  draft: Draft;
  edit: (edit: Edit) => void;
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
  flipUnits: () => void;
  save: () => void;
  /** The last good answer; undefined until the first one. */
  answer: PlanAnswer | undefined;
  /** The fields as last read, errors among them. */
  fields: Map<string, FieldState>;
  /** Whether the answer shown is older than what is typed, because something typed cannot be used. */
  stale: boolean;
  choices: Choices;
  lathes: LatheRecord[];
}

export const CutContext = createContext<CutPage | undefined>(undefined);

export function useCut(): CutPage {
  const page = useContext(CutContext);
  if (!page) throw new Error('A station stands outside its cut.');
  return page;
}
