import { useInfiniteQuery } from '@tanstack/react-query';
import { api, download, given, sentenceOf } from '../api/client';
import { LOG, QUIET } from '../frame/looks';

/** So many lines come at a time; fewer are the last. */
const AT_A_TIME = 100;

const when = (at: string) => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** Who did what of the things that cannot be undone or that let somebody in; for the owner. */
export function Journal() {
  const lines = useInfiniteQuery({
    queryKey: ['journal'],
    queryFn: ({ pageParam }) => given(api.GET('/api/journal', { params: { query: { before: pageParam } } })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => (last.length < AT_A_TIME ? undefined : last.at(-1)?.id),
  });
  const all = lines.data?.pages.flat() ?? [];
  return (
    <section aria-label="Who did it">
      <h2>Who did it</h2>
      <p className="text-ink-2">
        Sign-ins, refusals, people let in and taken out, files taken in, what was deleted and restored. Only added to.
      </p>
      {lines.error && <p role="alert">{sentenceOf(lines.error)}</p>}
      <ul className={`${LOG} [&>li]:grid-cols-[14rem_1fr] max-hand:[&>li]:grid-cols-[minmax(0,1fr)]`}>
        {all.map(({ id, at, person, address, words, about }) => (
          <li key={id}>
            <span className="text-ink-2">{when(at)}</span>
            <span>
              <b>{person || (address ? 'Somebody' : 'The machine')}</b> {words}
              {about && `: ${about}`}
              {address && <small className="text-fine text-ink-2"> · {address}</small>}
            </span>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-4 py-1.5">
        {lines.hasNextPage && (
          <button
            type="button"
            className={QUIET}
            disabled={lines.isFetching}
            onClick={() => void lines.fetchNextPage()}
          >
            Earlier
          </button>
        )}
        <button
          type="button"
          className={QUIET}
          onClick={() => void download('/api/journal/journal.csv', 'journal.csv')}
        >
          All of it as CSV
        </button>
      </div>
    </section>
  );
}
