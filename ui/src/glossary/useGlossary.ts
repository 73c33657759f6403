import { useQuery } from '@tanstack/react-query';
import { api, given, type Schemas } from '../api/client';

export type Term = Schemas['Term'];

/** The words of the trade, as the program explains them; the same as long as it runs. */
export const useGlossary = () =>
  useQuery({
    queryKey: ['glossary'],
    queryFn: () => given(api.GET('/api/glossary')),
    staleTime: Number.POSITIVE_INFINITY,
  });
