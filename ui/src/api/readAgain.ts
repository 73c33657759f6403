import type { QueryClient, QueryFilters } from '@tanstack/react-query';

/**
 * What the shop keeps has changed: what was read of it is read anew. A first reading that is still under way was asked
 * for before the change, and invalidating alone would join it and show what was: so it is given up first.
 */
export async function readAgain(queries: QueryClient, what: QueryFilters = {}): Promise<void> {
  await queries.cancelQueries(what);
  await queries.invalidateQueries(what);
}
