import { createContext, useContext } from 'react';
import type { Choices, CutPageParts, Family, FieldState, LatheRecord, PlanAnswer } from '../api/client';
import type { Draft, Edit } from './draft';

/**
 * Everything the stations of one cut share, in three parts by how often they change: what is typed (at every key), what
 * was answered to it (a moment later), and how to change it (never). A part of the page reads only what it shows, so that
 * a key pressed repaints little and the answer repaints the rest.
 */
export interface CutPage {
  draft: Draft;
  choices: Choices;
  families: Family[];
  lathes: LatheRecord[];
}

/** What was answered to the fields as typed. */
export interface CutAnswer {
  /** The last good answer; undefined until the first one. */
  answer: PlanAnswer | undefined;
  /** The fields as last read, errors among them. */
  fields: Map<string, FieldState>;
  /** Statements of findings and texts of figures by id, as they were before the last change; nothing before the first one. */
  was: Map<string, string>;
  /** How the cut is shown, as last answered. */
  page: CutPageParts | undefined;
  /** Whether the answer shown is older than what is typed, because something typed cannot be used. */
  stale: boolean;
  /** Whether the answer to what is typed is late: what is shown is of before. */
  late: boolean;
}

export const CutContext = createContext<CutPage | undefined>(undefined);
export const AnswerContext = createContext<CutAnswer | undefined>(undefined);
export const EditContext = createContext<((edit: Edit) => void) | undefined>(undefined);

function inside<T>(part: T | undefined): T {
  if (part === undefined) throw new Error('A station stands outside its cut.');
  return part;
}

/** What is typed, and what it may be chosen from. */
export const useCut = (): CutPage => inside(useContext(CutContext));

/** The last good answer and the fields as read. */
export const useAnswer = (): CutAnswer => inside(useContext(AnswerContext));

/** How to change the cut. */
export const useEdit = (): ((edit: Edit) => void) => inside(useContext(EditContext));
