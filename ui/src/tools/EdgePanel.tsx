import { useQuery } from '@tanstack/react-query';
import { api, given, sentenceOf } from '../api/client';
import { LOG } from '../frame/looks';

/** What this edge has cut since it was ground, clocked by trials and jobs; nothing where nothing was. */
export function EdgePanel({ tool }: { tool: string }) {
  const edge = useQuery({
    queryKey: ['edge', tool],
    queryFn: () => given(api.GET('/api/crib/tools/{id}/edge', { params: { path: { id: tool } } })),
  });
  if (edge.error) return <p role="alert">{sentenceOf(edge.error)}</p>;
  if (!edge.data || edge.data.sentences.length === 0) return null;
  const { since, sentences, uses } = edge.data;
  return (
    <section className="my-3 border-t border-line pt-2" aria-labelledby="edge-clock" data-edge>
      <h2 id="edge-clock">The edge{since ? ` since ${since}` : ''}</h2>
      <div className="grid gap-1">
        {sentences.map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
      </div>
      {uses.length > 0 && (
        <details className="print:hidden">
          <summary className="flex min-h-touch cursor-pointer items-center text-ink-2">What it cut</summary>
          <ul className={LOG}>
            {uses.map((use, at) => (
              // Two trials of one day may read the same.
              <li key={at}>
                <time className="figures">{use.onDay}</time>
                <span>
                  {use.trial ? 'Trial: ' : ''}
                  {use.what}
                  <em className="figures">
                    {' '}
                    {use.trial ? '' : `${use.pieces} × `}
                    {minutes(use.minutes / use.pieces)} min
                  </em>
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

const minutes = (value: number) => value.toFixed(value < 10 ? 1 : 0);
