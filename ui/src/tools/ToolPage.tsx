import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, download, given, Refused, sentenceOf, type ToolRecord } from '../api/client';
import { readAgain } from '../api/readAgain';
import { useFamilies, useGrinds, useLathes } from '../api/records';
import { useKeptText } from '../api/useKeptText';
import { copyTool, deleteTool } from '../cut/copies';
import { choicesOf, kindOf } from '../cut/families';
import { Header } from '../frame/Header';
import { COMPARED, DO, FIELD, QUIET, STATION } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { Photos } from '../photos/Photos';
import { usePhotos } from '../photos/usePhotos';
import { Plate } from '../plate/Plate';
import { ToolLog } from './ToolLog';

/** A tool's card: its drawing, its angles wanted and last measured, where it lives, its log. */
export function ToolPage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const once = (work: Promise<unknown>) => {
    setBusy(true);
    void work.finally(() => setBusy(false));
  };
  const tool = useQuery({
    queryKey: ['tool', id],
    queryFn: () => given(api.GET('/api/crib/tools/{id}', { params: { path: { id } } })),
  });
  const lathes = useLathes();
  const families = useFamilies();
  const grinds = useGrinds(id);
  const photos = usePhotos({ tool: id });
  const card = useKeptText<ToolRecord>(`tool.${id}`, tool.data);
  const { entry, write: setEntry } = card;
  useTitle(entry?.name ?? 'Tool');
  const lathe = lathes.data?.[0]?.id;
  const of = kindOf(families.data ?? [], tool.data?.kind);
  const kind = of?.kind;
  const labels = Object.fromEntries(kind?.card.map((row) => [row.field, row.label]) ?? []);
  const cost = (kind && tool.data?.fields[kind.cost]) ?? '';
  const life = useQuery({
    queryKey: ['life', id, cost],
    queryFn: () => given(api.GET('/api/proof/life', { params: { query: { tool: id, cost } } })),
    enabled: kind?.counted ?? false,
  });
  const drawn = useQuery({
    queryKey: ['tool-drawing', tool.data, lathe, kind?.id],
    queryFn: () =>
      given(
        api.POST('/api/plan', {
          body: {
            fields: { lathe: lathe ?? '', ...tool.data?.fields, ...kind?.sample },
            units: tool.data?.units ?? 'METRIC',
          },
        }),
      ),
    enabled: tool.data !== undefined && lathe !== undefined && kind !== undefined,
  });
  const scene = drawn.data?.scenes.find((one) => one.id === kind?.drawing);
  // Some figures tell nothing of the thing itself while its card leaves open what they rest on.
  const known = kind?.figure && tool.data?.fields[kind.figureNeeds];
  const figure = known ? drawn.data?.figures.find((one) => one.id === kind.figure) : undefined;
  const measured = grinds.data?.[0]?.measured ?? {};
  const worded = (field: string, text: string | undefined) =>
    choicesOf(families.data ?? [], of?.family.id, field, lathes.data ?? []).find((one) => one.id === text)?.words ??
    text ??
    '—';
  const save = async () => {
    if (!entry) return;
    try {
      const kept = await given(api.PUT('/api/crib/tools/{id}', { params: { path: { id } }, body: entry }));
      card.done(kept);
      setSaid('Saved.');
      void readAgain(queries, { queryKey: ['tool', id] });
    } catch (error) {
      setSaid(sentenceOf(error));
      if (error instanceof Refused && error.status === 409) {
        const theirs = await given(api.GET('/api/crib/tools/{id}', { params: { path: { id } } })).catch(
          () => undefined,
        );
        if (theirs) setEntry({ ...entry, version: theirs.version });
      }
    }
  };
  return (
    <>
      <Header>
        <button type="button" className={QUIET} onClick={() => void navigate(-1)}>
          Back
        </button>
        <button type="button" className={QUIET} onClick={() => window.print()}>
          Print
        </button>
        <Link className={QUIET} to={`/crib/labels?tool=${id}`}>
          Label
        </Link>
        <button
          type="button"
          className={QUIET}
          disabled={!tool.data || busy}
          onClick={() =>
            tool.data && once(copyTool(tool.data, queries).then((copy) => copy && navigate(`/tools/${copy}`)))
          }
        >
          Copy
        </button>
        <button
          type="button"
          className={QUIET}
          disabled={!tool.data || busy}
          onClick={() => tool.data && once(deleteTool(tool.data, queries).then((gone) => gone && navigate('/crib')))}
        >
          Delete
        </button>
        <button type="button" className={DO} onClick={() => void save()} disabled={!entry}>
          Save{card.unsaved ? ' •' : ''}
        </button>
        {card.unsaved && (
          <button type="button" className={QUIET} onClick={() => card.done()}>
            Back to what is kept
          </button>
        )}
      </Header>
      <main className={`${STATION} tool-page`}>
        <h1 className="sr-only">{entry?.name ?? 'Tool'}</h1>
        <div className="min-w-0 max-hand:overflow-x-auto">
          {scene ? <Plate scene={scene} still /> : <div className="plate plate-empty" />}
          <div className="flex flex-wrap items-center justify-between gap-3 pt-1.5">
            <button
              type="button"
              className={QUIET}
              onClick={() => void download(`/api/exchange/tools/${id}.json`, 'tool.json')}
            >
              Card as JSON
            </button>
            {scene && drawn.data?.page.solid === scene.id && (
              <button
                type="button"
                className={QUIET}
                onClick={() =>
                  void download('/api/plan/solid', `${scene.id}.stl`, {
                    fields: { lathe: lathe ?? '', ...tool.data?.fields, ...kind?.sample },
                    units: tool.data?.units ?? 'METRIC',
                  })
                }
              >
                Solid as STL
              </button>
            )}
          </div>
        </div>
        <aside className="ledger block min-w-0" aria-label="Tool card">
          {tool.error && <p role="alert">{sentenceOf(tool.error)}</p>}
          {said && <p role="status">{said}</p>}
          {entry && (
            <div className="card-entries flex flex-col gap-2 [&>label]:flex [&>label]:flex-col [&>label]:text-small [&>label]:text-ink-2">
              <label>
                Name
                <input
                  className={`${FIELD} text-verdict! font-semibold`}
                  value={entry.name}
                  onChange={(e) => setEntry({ ...entry, name: e.target.value })}
                />
              </label>
              <label>
                Lives in
                <input
                  className={FIELD}
                  value={entry.drawer}
                  onChange={(e) => setEntry({ ...entry, drawer: e.target.value })}
                />
              </label>
              <label>
                Note
                <textarea
                  className={FIELD}
                  rows={2}
                  value={entry.note}
                  onChange={(e) => setEntry({ ...entry, note: e.target.value })}
                />
              </label>
              <table className={COMPARED}>
                <thead>
                  <tr>
                    <th scope="col">
                      <span className="sr-only">What</span>
                    </th>
                    <th scope="col">{kind?.ground ? 'Wanted' : 'On the card'}</th>
                    {kind?.ground && <th scope="col">Last measured</th>}
                  </tr>
                </thead>
                <tbody>
                  {Object.entries(labels)
                    .filter(([field]) => kind?.ground || entry.fields[field])
                    .map(([field, label]) => (
                      <tr key={field}>
                        <th scope="row">{label}</th>
                        <td className="figures">{worded(field, entry.fields[field])}</td>
                        {kind?.ground && <td className="figures">{measured[field] ?? '—'}</td>}
                      </tr>
                    ))}
                </tbody>
              </table>
              {tool.data?.savedBy && (
                <p className="text-ink-2">
                  Last saved by {tool.data.savedBy} on {tool.data.savedAt?.slice(0, 10)}
                </p>
              )}
              {life.data?.sentence && <p>{life.data.sentence}</p>}
              {figure && (
                <p>
                  {figure.label}: <b className="figures">{figure.text}</b>
                </p>
              )}
            </div>
          )}
          <h2>Photos</h2>
          <Photos
            shown={{ toolId: id }}
            photos={(photos.data ?? []).filter((photo) => photo.toolId)}
            words={entry?.name ?? 'the tool'}
          />
          <ToolLog tool={id} labels={labels} photos={photos.data ?? []} />
        </aside>
      </main>
    </>
  );
}
