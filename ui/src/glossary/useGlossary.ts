import { useQuery } from '@tanstack/react-query';
import { get, type Schemas } from '../api/client';

export type Term = Schemas['Term'];

/** The words of the trade, as the program explains them; the same as long as it runs. */
export const useGlossary = () =>
  useQuery({
    queryKey: ['glossary'],
    queryFn: () => get<Term[]>('/api/glossary'),
    staleTime: Number.POSITIVE_INFINITY,
  });
