import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import {
  type Choices,
  type Family,
  type GrindRecord,
  get,
  type LatheRecord,
  type ListedCut,
  type Me,
  type PairedTrials,
  type Person,
  type ToolPage,
  type TrialRecord,
} from './client';

/** What the shop keeps, read through one cache. */
export const useChoices = () =>
  useQuery({
    queryKey: ['choices'],
    queryFn: () => get<Choices>('/api/shop/choices'),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The families of tools, as the program declares them. */
export const useFamilies = () =>
  useQuery({
    queryKey: ['families'],
    queryFn: () => get<Family[]>('/api/families'),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useLathes = () =>
  useQuery({ queryKey: ['lathes'], queryFn: () => get<LatheRecord[]>('/api/shop/lathes') });

export const useCuts = () => useQuery({ queryKey: ['cuts'], queryFn: () => get<ListedCut[]>('/api/cuts') });

/** Which tools of the crib, and in which order. */
export interface ToolsWanted {
  kind?: string;
  sort?: 'NAME' | 'SAVED';
}

/** The crib's tools with these words, a page after the other as they are asked for. */
export const useTools = (words: string, { kind = '', sort = 'NAME' }: ToolsWanted = {}) =>
  useInfiniteQuery({
    queryKey: ['tools', words, kind, sort],
    queryFn: ({ pageParam }) => {
      const asked = new URLSearchParams({ words, sort });
      if (kind) asked.set('kind', kind);
      if (pageParam) asked.set('after', pageParam);
      return get<ToolPage>(`/api/crib/tools?${asked.toString()}`);
    },
    initialPageParam: '',
    getNextPageParam: (last) => (last.more ? last.tools.at(-1)?.id : undefined),
    placeholderData: (old) => old,
  });

export const useTrials = (by: 'tool' | 'cut', id: string) =>
  useQuery({
    queryKey: ['trials', by, id],
    queryFn: () => get<TrialRecord[]>(`/api/proof/trials?${by}=${id}`),
    enabled: id !== '' && id !== 'new',
  });

/** Trials of a cut in pairs, each an experiment: what was changed between them and what that did. */
export const useExperiments = (cut: string) =>
  useQuery({
    queryKey: ['experiments', cut],
    queryFn: () => get<PairedTrials[]>(`/api/proof/experiments?cut=${cut}`),
    enabled: cut !== '' && cut !== 'new',
  });

export const useGrinds = (tool: string) =>
  useQuery({ queryKey: ['grinds', tool], queryFn: () => get<GrindRecord[]>(`/api/crib/tools/${tool}/grinds`) });

/** Who is asking, and whether one has to sign in here. */
export const useMe = () => useQuery({ queryKey: ['me'], queryFn: () => get<Me>('/api/people/me') });

export const usePeople = (wanted: boolean) =>
  useQuery({ queryKey: ['people'], queryFn: () => get<Person[]>('/api/people'), enabled: wanted });
