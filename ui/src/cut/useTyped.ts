import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useDeferredValue } from 'react';
import { useNavigate } from 'react-router';
import { api, given, type Schemas, type Texts, type Units } from '../api/client';
import { useDraftThen, useShop } from './CutContext';
import { last, stored } from './draft';
import { besideFields } from './families';
import { startTyped } from './startTyped';

/** A line shorter than this is not read. */
const LEAST_LINE = 3;

export const isLine = (text: string): boolean => text.trim().length >= LEAST_LINE;

/** What bare numbers mean where no cut is open: as in the cut that was open last. */
export const lastUnits = (): Units => stored(last() ?? '')?.units ?? 'METRIC';

const read = (line: string, units: Units) =>
  queryOptions({
    queryKey: ['typed', line, units],
    queryFn: () => given(api.POST('/api/plan/typed', { body: { text: line, units } })),
  });

/** Reads a line as it is typed; while it is typed on, what was understood of it before stands. */
export function useTyped(text: string, units: Units) {
  const line = useDeferredValue(text.trim());
  return useQuery({
    ...read(line, units),
    enabled: isLine(line),
    placeholderData: (old) => (isLine(line) ? old : undefined),
  });
}

/** Whether a line says what is to be done: only then is it a cut that can be opened. */
export const isClear = (typed: Schemas['TypedCut']): boolean => typed.fields.operation !== undefined;

/** Opens a line as a new cut: all of it, also where its last words were typed a moment ago and are not read yet. One that is open is left as it is. */
export function useOpenTyped(): (text: string, units: Units) => Promise<void> {
  const queries = useQueryClient();
  const openMeant = useOpenMeant();
  return useCallback(
    async (text, units) => {
      const typed = await queries.fetchQuery(read(text.trim(), units));
      if (isClear(typed)) {
        openMeant(typed.fields, units);
      }
    },
    [queries, openMeant],
  );
}

/** Opens what a line was taken for. */
export function useOpenMeant(): (fields: Texts, units: Units) => void {
  const navigate = useNavigate();
  return useCallback(
    (fields, units) => {
      startTyped(fields, units);
      void navigate('/cut/new/cut');
    },
    [navigate],
  );
}

/** Opens another cut beside the one on the desk, which stays as it is: what both ask goes with it. */
export function useOpenBeside(): (opens: Texts) => void {
  const draft = useDraftThen();
  const { families } = useShop();
  const openMeant = useOpenMeant();
  return useCallback(
    (opens) => openMeant(besideFields(families, draft.now.fields, opens), draft.now.units),
    [draft, families, openMeant],
  );
}
