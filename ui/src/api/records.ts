import { useQuery } from '@tanstack/react-query';
import {
  type Choices,
  type CutRecord,
  type GrindRecord,
  get,
  type LatheRecord,
  type ToolRecord,
  type TrialRecord,
} from './client';

/** What the shop keeps, read through one cache. */
export const useChoices = () =>
  useQuery({
    queryKey: ['choices'],
    queryFn: () => get<Choices>('/api/shop/choices'),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const useLathes = () =>
  useQuery({ queryKey: ['lathes'], queryFn: () => get<LatheRecord[]>('/api/shop/lathes') });

export const useCuts = () => useQuery({ queryKey: ['cuts'], queryFn: () => get<CutRecord[]>('/api/cuts') });

export const useTools = (words: string) =>
  useQuery({
    queryKey: ['tools', words],
    queryFn: () => get<ToolRecord[]>(`/api/crib/tools?words=${encodeURIComponent(words)}`),
    placeholderData: (old) => old,
  });

export const useTrials = (by: 'tool' | 'cut', id: string) =>
  useQuery({
    queryKey: ['trials', by, id],
    queryFn: () => get<TrialRecord[]>(`/api/proof/trials?${by}=${id}`),
    enabled: id !== '' && id !== 'new',
  });

export const useGrinds = (tool: string) =>
  useQuery({ queryKey: ['grinds', tool], queryFn: () => get<GrindRecord[]>(`/api/crib/tools/${tool}/grinds`) });
