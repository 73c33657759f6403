import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import {
  type BladeLife,
  download,
  get,
  type PlanAnswer,
  Refused,
  send,
  sentenceOf,
  type ToolRecord,
} from '../api/client';
import { useChoices, useGrinds, useLathes, useTrials } from '../api/records';
import { Header } from '../frame/Header';
import { KeyMap } from '../frame/KeyMap';
import { Plate } from '../plate/Plate';

const BIT_LABELS: Record<string, string> = {
  backRake: 'Back rake',
  sideRake: 'Side rake',
  endRelief: 'End relief',
  sideRelief: 'Side relief',
  endEdge: 'End edge angle',
  sideEdge: 'Lead',
  noseRadius: 'Nose radius',
};

const BAR_LABELS: Record<string, string> = {
  barDiameter: 'Bar diameter',
  barLength: 'Whole length',
  barMaterial: 'Of',
  neckDiameter: 'Nose diameter',
  neckLength: 'Nose length',
  rodHole: 'Hole along the bar',
  boreBit: 'Bit',
  bitAngle: 'Bit to the bar',
  boreRelief: 'Clearance to the bore',
  boreSideEdge: 'Lead',
  boreNose: 'Nose radius',
  tipStiffness: 'Stiffness measured',
  barOverhang: 'at a reach of',
  damping: 'Damping measured',
};
const BLADE_LABELS: Record<string, string> = {
  blade: 'Blade',
  bladeWidth: 'Width of the edge',
  tipLead: 'Lead of the edge',
  partRake: 'Top rake',
  tipTop: 'Top',
  partRelief: 'Front clearance',
  partSide: 'Side clearance',
  bladeCost: 'Cost of one',
};

const HOLDER_LABELS: Record<string, string> = {
  partHolder: 'Kind',
  lathe: 'Fits the lathe',
  blade: 'Fits the blade',
  blockWidth: 'Block, along the lathe',
  blockLength: 'Block, along the blade',
  hinge: 'Hinge',
  madeFloor: 'Slot’s floor as made',
  madeTab: 'Floor above the foot as made',
  madeSlot: 'Slot’s height as made',
  madeHinge: 'Hinge as made',
};

type Kind = 'bit' | 'bar' | 'blade' | 'holder';
const LABELS: Record<Kind, Record<string, string>> = {
  bit: BIT_LABELS,
  bar: BAR_LABELS,
  blade: BLADE_LABELS,
  holder: HOLDER_LABELS,
};
const DRAWING: Record<Kind, string> = {
  bit: 'bit',
  bar: 'bar-drawing',
  blade: 'blade-tip',
  holder: 'holder-drawing',
};

function kindOf(tool: ToolRecord | undefined): Kind {
  if (tool?.fields.partHolder !== undefined) return 'holder';
  if (tool?.fields.blade !== undefined) return 'blade';
  return tool?.fields.barDiameter !== undefined ? 'bar' : 'bit';
}

/** Jobs that any bar or blade can do, to draw it in: the card is of the tool, not of a job. */
const SMALL_PIECE = { operation: 'part', partDiameter: '10 mm' };
const LARGE_HOLE = { operation: 'bore', boreStart: '300 mm', boreFinished: '302 mm', boreDepth: '5 mm' };

/** A tool's card: its drawing, its angles wanted and last measured, where it lives, its log. */
export function ToolPage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const [keys, setKeys] = useState(false);
  const [said, setSaid] = useState('');
  const [entry, setEntry] = useState<ToolRecord>();
  const tool = useQuery({ queryKey: ['tool', id], queryFn: () => get<ToolRecord>(`/api/crib/tools/${id}`) });
  const lathes = useLathes();
  const choices = useChoices();
  const grinds = useGrinds(id);
  const trials = useTrials('tool', id);
  useEffect(() => {
    if (tool.data) setEntry(tool.data);
  }, [tool.data]);
  const lathe = lathes.data?.[0]?.id;
  const kind = kindOf(tool.data);
  const labels = LABELS[kind];
  const job = kind === 'bar' ? LARGE_HOLE : kind === 'bit' ? {} : SMALL_PIECE;
  const life = useQuery({
    queryKey: ['life', id, tool.data?.fields.bladeCost],
    queryFn: () =>
      get<BladeLife>(`/api/proof/life?tool=${id}&cost=${encodeURIComponent(tool.data?.fields.bladeCost ?? '')}`),
    enabled: kind === 'blade',
  });
  const drawn = useQuery({
    queryKey: ['tool-drawing', tool.data, lathe],
    queryFn: () =>
      send<PlanAnswer>('POST', '/api/plan', {
        fields: { lathe, ...tool.data?.fields, ...job },
        units: tool.data?.units,
      }),
    enabled: tool.data !== undefined && lathe !== undefined,
  });
  const scene = drawn.data?.scenes.find((one) => one.id === DRAWING[kind]);
  // Without its own clearance on the card the smallest hole is a matter of how it will be ground.
  const smallest = tool.data?.fields.boreRelief && drawn.data?.figures.find((one) => one.id === 'smallestHole')?.text;
  const measured = grinds.data?.[0]?.measured ?? {};
  const picked = [
    ...(choices.data?.bits ?? []),
    ...(choices.data?.barMaterials ?? []),
    ...(choices.data?.blades ?? []),
    ...(choices.data?.holders ?? []),
    ...(choices.data?.tops ?? []),
    ...(lathes.data ?? []).map((one) => ({ id: one.id, words: one.card.name ?? 'unnamed', more: '' })),
  ];
  const worded = (text: string | undefined) => picked.find((one) => one.id === text)?.words ?? text ?? '—';
  const save = async () => {
    if (!entry) return;
    try {
      const kept = await send<ToolRecord>('PUT', `/api/crib/tools/${id}`, entry);
      setEntry(kept);
      setSaid('Saved.');
      void tool.refetch();
    } catch (error) {
      setSaid(sentenceOf(error));
      if (error instanceof Refused && error.status === 409) {
        const theirs = await get<ToolRecord>(`/api/crib/tools/${id}`).catch(() => undefined);
        if (theirs) setEntry({ ...entry, version: theirs.version });
      }
    }
  };
  return (
    <>
      <Header onKeys={() => setKeys(true)}>
        <button type="button" className="quiet" onClick={() => void navigate(-1)}>
          Back
        </button>
        <button type="button" className="quiet" onClick={() => window.print()}>
          Print
        </button>
        <button type="button" className="do" onClick={() => void save()} disabled={!entry}>
          Save
        </button>
      </Header>
      <main className="station tool-page">
        <div className="plate-side">
          {scene ? <Plate scene={scene} still /> : <div className="plate plate-empty" />}
          <div className="plate-foot exports">
            <button
              type="button"
              className="quiet"
              onClick={() => void download(`/api/exchange/tools/${id}.json`, 'tool.json')}
            >
              Card as JSON
            </button>
            {kind === 'bit' && (
              <button
                type="button"
                className="quiet"
                onClick={() =>
                  void download('/api/plan/solid', 'bit.stl', {
                    fields: { ...tool.data?.fields, lathe },
                    units: tool.data?.units,
                  })
                }
              >
                Solid as STL
              </button>
            )}
          </div>
        </div>
        <aside className="ledger" aria-label="Tool card">
          {tool.error && <p role="alert">{sentenceOf(tool.error)}</p>}
          {said && <p role="status">{said}</p>}
          {entry && (
            <div className="card-entries">
              <label>
                Name
                <input
                  className="plain-input card-name"
                  value={entry.name}
                  onChange={(e) => setEntry({ ...entry, name: e.target.value })}
                />
              </label>
              <label>
                Lives in
                <input
                  className="plain-input"
                  value={entry.drawer}
                  onChange={(e) => setEntry({ ...entry, drawer: e.target.value })}
                />
              </label>
              <label>
                Note
                <textarea
                  className="plain-input"
                  rows={2}
                  value={entry.note}
                  onChange={(e) => setEntry({ ...entry, note: e.target.value })}
                />
              </label>
              <table className="compared">
                <thead>
                  <tr>
                    <th scope="col" />
                    <th scope="col">{kind === 'bit' ? 'Wanted' : 'On the card'}</th>
                    {kind === 'bit' && <th scope="col">Last measured</th>}
                  </tr>
                </thead>
                <tbody>
                  {Object.entries(labels)
                    .filter(([field]) => kind === 'bit' || entry.fields[field])
                    .map(([field, label]) => (
                      <tr key={field}>
                        <th scope="row">{label}</th>
                        <td className="figures">{worded(entry.fields[field])}</td>
                        {kind === 'bit' && <td className="figures">{measured[field] ?? '—'}</td>}
                      </tr>
                    ))}
                </tbody>
              </table>
              {tool.data?.savedBy && (
                <p className="quiet-words">
                  Last saved by {tool.data.savedBy} on {tool.data.savedAt?.slice(0, 10)}
                </p>
              )}
              {life.data?.sentence && <p>{life.data.sentence}</p>}
              {smallest && (
                <p>
                  Smallest hole it enters: <b className="figures">{smallest}</b>
                </p>
              )}
            </div>
          )}
          <h3>Log</h3>
          <ul className="log">
            {(grinds.data ?? []).map((grind) => (
              <li key={grind.id}>
                <time className="figures">{grind.onDay}</time>
                <span>
                  Ground{Object.keys(grind.measured).length > 0 ? ': ' : '.'}
                  {Object.entries(grind.measured)
                    .map(([field, text]) => `${labels[field] ?? field} ${text}`)
                    .join(', ')}
                  {grind.note && <em> {grind.note}</em>}
                  {grind.savedBy && <> ({grind.savedBy})</>}
                </span>
              </li>
            ))}
            {(trials.data ?? []).map((trial) => (
              <li key={trial.id}>
                <time className="figures">{trial.onDay}</time>
                <span>
                  Trial: {trial.verdict}
                  {trial.note && <em> {trial.note}</em>}
                  {trial.savedBy && <> ({trial.savedBy})</>}
                  {trial.cutId && (
                    <>
                      {' '}
                      <Link to={`/cut/${trial.cutId}/prove`}>the cut</Link>
                    </>
                  )}
                </span>
              </li>
            ))}
          </ul>
          {grinds.data?.length === 0 && trials.data?.length === 0 && (
            <p>Nothing yet. Grinds are written here from Make, trials from Prove.</p>
          )}
        </aside>
      </main>
      <KeyMap open={keys} onOpenChange={setKeys} />
    </>
  );
}
