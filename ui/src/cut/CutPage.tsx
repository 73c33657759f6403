import { useQueryClient } from '@tanstack/react-query';
import { memo, type ReactNode, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { type CutRecord, type Finding, get, Refused, send, sentenceOf } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { useChoices, useLathes } from '../api/records';
import { flipShade } from '../frame/dimShop';
import { Header } from '../frame/Header';
import { KeyMap } from '../frame/KeyMap';
import { CribStation } from '../stations/CribStation';
import { MakeStation } from '../stations/MakeStation';
import { PlateStation } from '../stations/PlateStation';
import { PrintCard } from '../stations/PrintCard';
import { ProveStation } from '../stations/ProveStation';
import { AnswerContext, CutContext, EditContext, type CutPage as Page } from './CutContext';
import {
  type Draft,
  type Edit,
  edited,
  forget,
  type History,
  newDraft,
  redone,
  spelledOut,
  store,
  stored,
  undone,
} from './draft';
import { Sentence } from './Sentence';
import { type Plan, usePlan } from './usePlan';

const STATIONS = ['cut', 'edge', 'reach', 'make', 'prove', 'crib'] as const;
const NAMES = { cut: 'Cut', edge: 'Edge', reach: 'Reach', make: 'Make', prove: 'Prove', crib: 'Crib' };

function start(draft: Draft): History {
  return { now: draft, before: [], after: [], touched: '' };
}

function fromRecord(record: CutRecord): Draft {
  return {
    ...newDraft(record.units),
    id: record.id,
    version: record.version,
    name: record.name,
    fields: record.fields,
  };
}

/** One cut, one page: the sentence, six stations, and everything they share. */
export function CutPage() {
  const { id = 'new', station = 'cut' } = useParams();
  const [history, setHistory] = useState<History>();
  const [trouble, setTrouble] = useState('');
  const [loads, setLoads] = useState(0);
  const open = useRef('');
  useEffect(() => {
    // A new cut that has just been kept is open already, under the id that it was given.
    if (open.current === id) return;
    open.current = id;
    const load = (draft: Draft) => {
      setHistory(start(draft));
      setLoads((n) => n + 1);
    };
    const kept = stored(id);
    if (kept?.changed || id === 'new') {
      load(kept ?? newDraft('METRIC'));
      return;
    }
    let gone = false;
    get<CutRecord>(`/api/cuts/${id}`)
      .then((record) => {
        if (gone) return;
        // Readings and ticks are the page's own; what the shop keeps is the cut.
        const mine = kept
          ? { readings: kept.readings, ticks: kept.ticks, measured: kept.measured, card: kept.card }
          : {};
        load({ ...fromRecord(record), ...mine });
      })
      .catch((error: unknown) => {
        if (gone) return;
        if (kept) load(kept);
        setTrouble(sentenceOf(error));
      });
    return () => {
      gone = true;
      open.current = '';
    };
  }, [id]);
  const change = useCallback((next: (old: History) => History) => setHistory((old) => (old ? next(old) : old)), []);
  const onKept = useCallback((kept: string) => {
    open.current = kept;
  }, []);
  const choices = useChoices();
  const lathes = useLathes();
  if (!history || (history.now.id !== id && id !== 'new') || !choices.data || !lathes.data) {
    return (
      <>
        <Header onKeys={() => {}} />
        <main className="waiting">
          <p role="status">
            {trouble ||
              (choices.error && sentenceOf(choices.error)) ||
              (lathes.error && sentenceOf(lathes.error)) ||
              'Opening the cut.'}
          </p>
        </main>
      </>
    );
  }
  return (
    <CutDesk
      key={loads}
      onKept={onKept}
      station={station}
      history={history}
      setHistory={change}
      choices={choices.data}
      lathes={lathes.data}
    />
  );
}

interface DeskProps extends Pick<Page, 'choices' | 'lathes'> {
  station: string;
  history: History;
  setHistory: (change: (old: History) => History) => void;
  /** A new cut has been given its id. */
  onKept: (id: string) => void;
}

function CutDesk({ station, history, setHistory, onKept, choices, lathes }: DeskProps) {
  const draft = history.now;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [keys, setKeys] = useState(false);
  const [said, setSaid] = useState('');
  const [conflict, setConflict] = useState<CutRecord>();
  const newCut = useNewRecord();
  const plan = usePlan(draft.fields, draft.units);
  const nameInput = useRef<HTMLInputElement>(null);

  useEffect(() => store(draft), [draft]);
  // A new cut starts on the first of the shop's lathes.
  useEffect(() => {
    const first = lathes[0];
    if (!draft.fields.lathe && first) {
      setHistory((old) => ({ ...old, now: { ...old.now, fields: { ...old.now.fields, lathe: first.id } } }));
    }
  }, [draft.fields.lathe, lathes, setHistory]);

  const edit = useCallback(
    (change: Edit) => {
      performance.mark('bw-edit');
      setSaid('');
      setHistory((old) => edited(old, change));
    },
    [setHistory],
  );
  const undo = useCallback(() => setHistory(undone), [setHistory]);
  const redo = useCallback(() => setHistory(redone), [setHistory]);
  const flipUnits = useCallback(() => {
    edit({
      kind: 'units',
      units: draft.units === 'METRIC' ? 'INCH' : 'METRIC',
      spelled: spelledOut([...plan.fields.values()]),
    });
  }, [edit, draft.units, plan.fields]);

  const save = useCallback(async () => {
    const body = { version: draft.version, name: draft.name, units: draft.units, fields: draft.fields };
    try {
      const kept =
        draft.id === 'new'
          ? await send<CutRecord>('POST', '/api/cuts', newCut(body))
          : await send<CutRecord>('PUT', `/api/cuts/${draft.id}`, body);
      setConflict(undefined);
      setSaid('Saved.');
      void queries.invalidateQueries({ queryKey: ['cuts'] });
      if (draft.id === 'new') {
        forget('new');
        onKept(kept.id);
        setHistory((old) => ({ ...old, now: { ...old.now, id: kept.id, version: kept.version, changed: false } }));
        void navigate(`/cut/${kept.id}/${station}`, { replace: true });
      } else {
        setHistory((old) => ({ ...old, now: { ...old.now, version: kept.version, changed: false } }));
      }
    } catch (error) {
      setSaid(sentenceOf(error));
      if (error instanceof Refused && error.fields.name) nameInput.current?.focus();
      if (error instanceof Refused && error.status === 409) {
        setConflict(await get<CutRecord>(`/api/cuts/${draft.id}`).catch(() => undefined));
      }
    }
  }, [draft, navigate, newCut, onKept, queries, setHistory, station]);

  const page: Page = useMemo(() => ({ draft, choices, lathes }), [draft, choices, lathes]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const typing = target.matches('input:not([type=checkbox]), textarea');
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      const digit = /^Digit([1-6])$/.exec(event.code)?.[1];
      if (command && key === 's') void save();
      else if (command && key === 'z') (event.shiftKey ? redo : undo)();
      else if (command && key === 'y') redo();
      else if (command) return;
      else if (digit && (event.altKey || !typing)) void navigate(`/cut/${draft.id}/${STATIONS[Number(digit) - 1]}`);
      else if (event.code === 'KeyU' && (event.altKey || !typing)) flipUnits();
      else if (typing || event.altKey) return;
      else if (event.key === '?') setKeys(true);
      else if (key === 'd') flipShade();
      else if (key === 'p') window.print();
      else if (event.key === '/') {
        const find = document.querySelector<HTMLInputElement>('[data-find]');
        if (find) find.focus();
        else void navigate(`/cut/${draft.id}/crib`, { state: { find: true } });
      } else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [draft.id, flipUnits, navigate, redo, save, undo]);

  return (
    <Shared page={page} plan={plan} edit={edit}>
      <Header onKeys={() => setKeys(true)}>
        <input
          ref={nameInput}
          className="cut-name"
          aria-label="Name of the cut"
          placeholder="Name this cut"
          value={draft.name}
          onChange={(event) => edit({ kind: 'name', text: event.target.value })}
        />
        <button type="button" className="quiet" disabled={history.before.length === 0} onClick={undo}>
          Undo
        </button>
        <button
          type="button"
          className="quiet"
          onClick={flipUnits}
          aria-label={`Units: ${draft.units === 'METRIC' ? 'millimetres' : 'inches'}`}
        >
          {draft.units === 'METRIC' ? 'mm' : 'inch'}
        </button>
        <button type="button" className="do" onClick={() => void save()}>
          Save{draft.changed ? ' •' : ''}
        </button>
      </Header>
      {(said || plan.trouble) && (
        <p className="said" role="status">
          {plan.trouble || said}
          {conflict && (
            <>
              {' '}
              <button
                type="button"
                className="mend"
                onClick={() => {
                  setHistory((old) => ({ ...start(fromRecord(conflict)), before: [...old.before, old.now] }));
                  setConflict(undefined);
                  setSaid('This is theirs. Undo brings yours back.');
                }}
              >
                Look at theirs
              </button>{' '}
              <button
                type="button"
                className="mend"
                onClick={() => {
                  setHistory((old) => ({ ...old, now: { ...old.now, version: conflict.version } }));
                  setConflict(undefined);
                  setSaid('Save again to put yours in place of theirs.');
                }}
              >
                Keep mine
              </button>
            </>
          )}
        </p>
      )}
      <Sentence />
      <nav className="stations" aria-label="Stations">
        {STATIONS.map((one, i) => (
          <button
            type="button"
            key={one}
            aria-current={one === station ? 'step' : undefined}
            onClick={() => void navigate(`/cut/${draft.id}/${one}`)}
          >
            <span className="figures">{i + 1}</span> {NAMES[one]}
            <StationMark worst={plan.answer?.findings.find((finding) => finding.station === one.toUpperCase())} />
          </button>
        ))}
      </nav>
      <main>
        <Station station={station} />
      </main>
      <PrintCard station={station} />
      <KeyMap open={keys} onOpenChange={setKeys} />
    </Shared>
  );
}

interface SharedProps {
  page: Page;
  plan: Plan;
  edit: (edit: Edit) => void;
  children: ReactNode;
}

function Shared({ page, plan, edit, children }: SharedProps) {
  return (
    <EditContext.Provider value={edit}>
      <AnswerContext.Provider value={plan}>
        <CutContext.Provider value={page}>{children}</CutContext.Provider>
      </AnswerContext.Provider>
    </EditContext.Provider>
  );
}

/** The worst that a station has to say, in two words beside its name. */
function StationMark({ worst }: { worst: Finding | undefined }) {
  if (worst?.verdict === 'WRONG')
    return (
      <span className="station-mark" title="something will not do">
        will not do
      </span>
    );
  if (worst?.verdict === 'DOUBTFUL')
    return (
      <span className="station-mark" title="something to watch">
        watch
      </span>
    );
  return null;
}

const Station = memo(function Station({ station }: { station: string }) {
  switch (station) {
    case 'edge':
      return (
        <PlateStation
          key="edge"
          station="EDGE"
          scenes={['bit', 'bore-edge', 'bar-drawing', 'blade-tip']}
          keys={['betaN', 'gammaN', 'kappaR', 'smallestHole', 'barGap', 'edgeForce', 'thrust']}
        />
      );
    case 'reach':
      return (
        <PlateStation
          key="reach"
          station="REACH"
          scenes={['tool-on-work', 'marks', 'push-off', 'bar', 'bore-size', 'lobes', 'part-stand', 'way-in']}
          keys={['speed', 'feed', 'depth', 'breaksAt']}
          height
        />
      );
    case 'make':
      return <MakeStation />;
    case 'prove':
      return <ProveStation />;
    case 'crib':
      return <CribStation />;
    default:
      return (
        <PlateStation
          key="cut"
          station="CUT"
          scenes={['cut', 'push-off', 'hole', 'bore-size', 'part-work', 'way-in']}
          keys={['speed', 'feed', 'passTime']}
        />
      );
  }
});
