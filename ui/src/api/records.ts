import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { api, given } from './client';

/** What the shop keeps, read through one cache. */
export const useChoices = () =>
  useQuery({
    queryKey: ['choices'],
    queryFn: () => given(api.GET('/api/shop/choices')),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The families of tools, as the program declares them. */
export const useFamilies = () =>
  useQuery({
    queryKey: ['families'],
    queryFn: () => given(api.GET('/api/families')),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The devices from which whoever asks has signed in. */
export const useDevices = () =>
  useQuery({ queryKey: ['devices'], queryFn: () => given(api.GET('/api/people/devices')) });

export const useLathes = () => useQuery({ queryKey: ['lathes'], queryFn: () => given(api.GET('/api/shop/lathes')) });

export const useCuts = () => useQuery({ queryKey: ['cuts'], queryFn: () => given(api.GET('/api/cuts')) });

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
      return given(
        api.GET('/api/crib/tools', {
          params: { query: { words, sort, kind: kind || undefined, after: pageParam || undefined } },
        }),
      );
    },
    initialPageParam: '',
    getNextPageParam: (last) => (last.more ? last.tools.at(-1)?.id : undefined),
    placeholderData: (old) => old,
  });

export const useTrials = (by: 'tool' | 'cut', id: string) =>
  useQuery({
    queryKey: ['trials', by, id],
    queryFn: () => given(api.GET('/api/proof/trials', { params: { query: { [by]: id } } })),
    enabled: id !== '' && id !== 'new',
  });

/** Trials of a cut in pairs, each an experiment: what was changed between them and what that did. */
export const useExperiments = (cut: string) =>
  useQuery({
    queryKey: ['experiments', cut],
    queryFn: () => given(api.GET('/api/proof/experiments', { params: { query: { cut } } })),
    enabled: cut !== '' && cut !== 'new',
  });

export const useGrinds = (tool: string) =>
  useQuery({
    queryKey: ['grinds', tool],
    queryFn: () => given(api.GET('/api/crib/tools/{id}/grinds', { params: { path: { id: tool } } })),
  });

/** Who is asking, and whether one has to sign in here. */
export const useMe = () =>
  useQuery({
    queryKey: ['me'],
    queryFn: () => given(api.GET('/api/people/me')),
    // Whoever signs in in another tab is in here too.
    refetchInterval: ({ state }) => (state.data?.network && state.data.name === '' ? 3000 : false),
  });

/** How the records are kept up; looked at again now and then. */
export const useUpkeep = () =>
  useQuery({
    queryKey: ['upkeep'],
    queryFn: () => given(api.GET('/api/upkeep')),
    staleTime: 60_000,
    refetchInterval: 300_000,
  });

export const usePeople = (wanted: boolean) =>
  useQuery({ queryKey: ['people'], queryFn: () => given(api.GET('/api/people')), enabled: wanted });
