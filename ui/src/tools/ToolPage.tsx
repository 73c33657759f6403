import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, download, given, Refused, sentenceOf, type Texts, type ToolRecord } from '../api/client';
import { fileName } from '../api/fileName';
import { readAgain } from '../api/readAgain';
import { useFamilies, useGrinds, useLathes } from '../api/records';
import { type Card, useKeptText } from '../api/useKeptText';
import { useNews } from '../api/useNews';
import { copyTool, deleteTool } from '../cut/copies';
import { choicesOf, kindOf, machinesFor } from '../cut/families';
import { Clashes, Taken } from '../frame/Clashes';
import { Header } from '../frame/Header';
import { DO, QUIET, STATION } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { Photos } from '../photos/Photos';
import { usePhotos } from '../photos/usePhotos';
import { Plate } from '../plate/Plate';
import { EdgePanel } from './EdgePanel';
import { ToolCard } from './ToolCard';
import { ToolLog } from './ToolLog';
import { useDrawnTool } from './useDrawnTool';
import { WearPanel } from './WearPanel';

/** What of a tool is typed beside its fields. */
const NAMES_OF_CARD: Texts = { name: 'Name', drawer: 'Lives in', note: 'Note' };

const cardOf = ({ version, name, drawer, note, fields, savedBy, savedAt }: ToolRecord): Card => ({
  version,
  texts: { ...fields, name, drawer, note },
  saved: { by: savedBy, at: savedAt },
});

function withCard(tool: ToolRecord, { version, texts }: Card): ToolRecord {
  const { name = '', drawer = '', note = '', ...fields } = texts;
  return { ...tool, version, name, drawer, note, fields };
}

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
  const news = useNews(id);
  const newer = (news?.version ?? 0) > (tool.data?.version ?? 0) && tool.data !== undefined;
  useEffect(() => {
    if (newer) void readAgain(queries, { queryKey: ['tool', id] });
  }, [newer, queries, id]);
  const lathes = useLathes();
  const families = useFamilies();
  const grinds = useGrinds(id);
  const photos = usePhotos({ tool: id });
  const there = useMemo(() => tool.data && cardOf(tool.data), [tool.data]);
  const card = useKeptText(`tool.${id}`, there);
  const entry = tool.data && card.card && withCard(tool.data, card.card);
  const setEntry = (next: ToolRecord) => card.write(cardOf(next).texts);
  useTitle(entry?.name ?? 'Tool');
  const of = kindOf(families.data ?? [], tool.data?.kind);
  const lathe = machinesFor(of?.family, lathes.data ?? [])[0]?.id;
  const kind = of?.kind;
  const labels = Object.fromEntries(kind?.card.map((row) => [row.field, row.label]) ?? []);
  const cost = (kind && tool.data?.fields[kind.cost]) ?? '';
  const life = useQuery({
    queryKey: ['life', id, cost],
    queryFn: () => given(api.GET('/api/proof/life', { params: { query: { tool: id, cost } } })),
    enabled: kind?.counted ?? false,
  });
  const { question, scene, solid, figure } = useDrawnTool(tool.data, kind, lathe);
  const measured = grinds.data?.[0]?.measured ?? {};
  const worded = (field: string, text: string | undefined) =>
    choicesOf(families.data ?? [], of?.family.id, field, lathes.data ?? []).find((one) => one.id === text)?.words ??
    text ??
    '—';
  const inWords = {
    called: (field: string) => NAMES_OF_CARD[field] ?? labels[field] ?? field,
    worded: (field: string, text: string) => (field in NAMES_OF_CARD ? text : worded(field, text)),
  };
  const save = async () => {
    if (!entry) return;
    try {
      const kept = await given(api.PUT('/api/crib/tools/{id}', { params: { path: { id } }, body: entry }));
      card.done(cardOf(kept));
      setSaid('Saved.');
      void readAgain(queries, { queryKey: ['tool', id] });
    } catch (error) {
      setSaid(sentenceOf(error));
      // What somebody else saved is read again and put together with what stands here.
      if (error instanceof Refused && error.status === 409) await readAgain(queries, { queryKey: ['tool', id] });
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
        <ForKeepers>
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
          <button type="button" className={DO} onClick={() => void save()} disabled={!entry || card.clashes.length > 0}>
            Save{card.unsaved ? ' •' : ''}
          </button>
        </ForKeepers>
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
              onClick={() => void download(`/api/exchange/tools/${id}.json`, fileName(entry?.name, 'tool', 'json'))}
            >
              Card as JSON
            </button>
            {scene && solid && (
              <>
                <button
                  type="button"
                  className={QUIET}
                  onClick={() => void download('/api/plan/solid', fileName(entry?.name, scene.id, 'stl'), question)}
                >
                  Solid as STL
                </button>
                <button
                  type="button"
                  className={QUIET}
                  onClick={() => void download('/api/plan/solid/3mf', fileName(entry?.name, scene.id, '3mf'), question)}
                >
                  3MF
                </button>
              </>
            )}
          </div>
        </div>
        <aside className="ledger block min-w-0" aria-label="Tool card">
          {tool.error && <p role="alert">{sentenceOf(tool.error)}</p>}
          {said && <p role="status">{said}</p>}
          {news && news.others.length > 0 && (
            <p className="others">
              {news.others.join(' and ')} {news.others.length > 1 ? 'look' : 'looks'} at this tool too.
            </p>
          )}
          <Taken taken={card.taken} {...inWords} />
          <Clashes clashes={card.clashes} {...inWords} onChoose={card.choose} />
          {entry && (
            <ToolCard
              {...{ entry, kind, labels, worded, measured, figure }}
              kept={tool.data}
              onWrite={setEntry}
              life={life.data?.sentence ?? ''}
            />
          )}
          {tool.data && <EdgePanel tool={id} />}
          {tool.data && <WearPanel key={id} tool={id} units={tool.data.units} />}
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
