import { type QueryClient, useQuery } from '@tanstack/react-query';
import { api, given, type Schemas, type Units } from '../api/client';
import { readAgain } from '../api/readAgain';

export type Sheet = Schemas['JobTexts'];
export type Lot = Schemas['LotTexts'];
export type Operation = Schemas['OperationTexts'];
export type JobRecord = Schemas['JobRecord'];
export type JobAnswer = Schemas['JobAnswer'];
export type Chucked = Schemas['ChuckingAnswer'];
export type Tick = Schemas['Tick'];
export type PlanOfDays = Schemas['PlanOfDays'];
export type PlannedTask = Schemas['PlannedTask'];
export type Week = Schemas['Week'];

/** Often enough that two people at one job see each other's ticks within two seconds. */
const TICKS_MS = 1500;

/** While it is searched for a better plan. */
const SEARCHING_MS = 700;

export const useJobs = () => useQuery({ queryKey: ['jobs'], queryFn: () => given(api.GET('/api/jobs')) });

export const useJob = (id: string) =>
  useQuery({
    queryKey: ['jobs', id],
    queryFn: () => given(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
    enabled: id !== 'new',
  });

export const useTicks = (id: string) =>
  useQuery({
    queryKey: ['ticks', id],
    queryFn: () => given(api.GET('/api/jobs/{id}/ticks', { params: { path: { id } } })),
    enabled: id !== 'new',
    refetchInterval: TICKS_MS,
  });

/** What a sheet comes to; the last answer stands until the next is there. */
export const useJobAnswer = (id: string, sheet: Sheet, units: Units, ticks: string) =>
  useQuery({
    queryKey: ['job-answer', id, units, sheet, ticks],
    queryFn: () => given(api.POST('/api/jobs/work-out', { body: { id: id === 'new' ? undefined : id, units, sheet } })),
    placeholderData: (old) => old,
  });

/** The route of a piece in one chucking; the last stands until the next is there. */
export const useChucking = (cuts: string[], out: string, units: Units) =>
  useQuery({
    queryKey: ['chucking', units, cuts, out],
    queryFn: () => given(api.POST('/api/jobs/chucking', { body: { cuts, out, units } })),
    enabled: cuts.length > 0,
    placeholderData: (old) => (cuts.length > 0 ? old : undefined),
  });

/** What of several jobs can go into the furnace together. */
export const useLoads = () =>
  useQuery({ queryKey: ['jobs', 'loads'], queryFn: () => given(api.GET('/api/jobs/loads')) });

export const usePlaces = () => useQuery({ queryKey: ['places'], queryFn: () => given(api.GET('/api/week/places')) });

export const useWeek = () => useQuery({ queryKey: ['week'], queryFn: () => given(api.GET('/api/week')) });

/** What a place of the shop can be. */
export const useKinds = () =>
  useQuery({
    queryKey: ['place-kinds'],
    queryFn: () => given(api.GET('/api/week/kinds')),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const usePlan = () =>
  useQuery({
    queryKey: ['plan-of-days'],
    queryFn: () => given(api.GET('/api/schedule')),
    refetchInterval: ({ state }) => (state.data?.state === 'SEARCHING' ? SEARCHING_MS : TICKS_MS),
  });

/** Plans anew; the answer is the first plan, better ones are asked for. */
export async function planAnew(queries: QueryClient, from?: string): Promise<void> {
  const plan = await given(api.POST('/api/schedule', { body: { from } }));
  await queries.cancelQueries({ queryKey: ['plan-of-days'] });
  queries.setQueryData(['plan-of-days'], plan);
}

/** Says what has become of a task. */
export async function sayTick(
  queries: QueryClient,
  job: string,
  before: Tick | undefined,
  task: string,
  change: Partial<Schemas['TickEntry']>,
): Promise<void> {
  const { startedAt, doneAt, pinnedAt, minutes, lost = 0, version = 0 } = before ?? {};
  const body = { startedAt, doneAt, pinnedAt, minutes, lost, ...change, task, version };
  try {
    await given(api.PUT('/api/jobs/{id}/ticks', { params: { path: { id: job } }, body }));
  } finally {
    await readAgain(queries, { queryKey: ['ticks', job] });
    await readAgain(queries, { queryKey: ['plan-of-days'] });
    await readAgain(queries, { queryKey: ['jobs'] });
  }
}
