import { useQuery } from '@tanstack/react-query';
import { api, given, type Schemas, type Units } from '../api/client';

export type StockTold = Schemas['StockTold'];
export type StockLine = Schemas['StockLine'];
export type StockMove = Schemas['StockMove'];
export type Movement = StockMove['movement'];

/** What lies in the drawers. */
export const useStock = (units: Units) =>
  useQuery({
    queryKey: ['stock', units],
    queryFn: () => given(api.GET('/api/stock', { params: { query: { units } } })),
  });

/** What became of one thing, once somebody looks. */
export const useMoves = (line: string, looked: boolean) =>
  useQuery({
    queryKey: ['stock', 'moves', line],
    queryFn: () => given(api.GET('/api/stock/{id}/moves', { params: { path: { id: line } } })),
    enabled: looked,
  });

/** What can become of things. */
export const useMovements = () =>
  useQuery({
    queryKey: ['movements'],
    queryFn: () => given(api.GET('/api/stock/movements')),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** Everything that is dull, in one session at the grinder. */
export const useSession = () =>
  useQuery({ queryKey: ['stock', 'session'], queryFn: () => given(api.GET('/api/stock/session')) });

const MM_IN_INCH = 25.4;

/** A length of bar or a number of pieces, as it is said in the units of who asks; lengths come in mm. */
export function amountInWords(amount: number, measure: StockLine['measure'], units: Units): string {
  if (measure === 'PIECES') return `${Math.round(amount)}`;
  return units === 'METRIC' ? `${Math.round(amount)} mm` : `${Math.round((amount / MM_IN_INCH) * 10) / 10} in`;
}
