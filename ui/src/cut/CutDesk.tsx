import { memo, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Family, LatheRecord } from '../api/client';
import { keepSetUp, keptSetUp } from '../beside/kept';
import type { Command } from '../frame/commands';
import { usePageKey } from '../frame/pageKeys';
import { Store } from '../frame/store';
import { useTitle } from '../frame/useTitle';
import { Spoken } from '../ledger/Spoken';
import { PrintCard } from '../stations/PrintCard';
import { isStation, NAMES, namesOf, STATIONS, Station, type StationId, StationTabs } from '../stations/Stations';
import { CutContext, type CutOnDesk, type ShopParts, useOfAnswer } from './CutContext';
import { DeskHeader, Said } from './DeskHeader';
import { type Draft, type Edit, edited, type History, redone, store, storeUndo, undone } from './draft';
import { familyOf, machinesFor } from './families';
import { OtherTabNote } from './OtherTabNote';
import type { Look } from './planDesk';
import { Sentence } from './Sentence';
import { useCutCommands } from './useCutCommands';
import { useFlip } from './useFlip';
import { useNewsOfCut } from './useNewsOfCut';
import { useOtherTab } from './useOtherTab';
import { usePlan } from './usePlan';
import { useSaving } from './useSaving';

interface Props extends ShopParts {
  station: string;
  history: History;
  /** Gives what it has become; the page shows it a moment later. */
  setHistory: (change: (old: History) => History) => History | undefined;
  /** A new cut has been given its id. */
  onKept: (id: string) => void;
}

/** After the last change the way back is written down: not at every key, for it is long. */
const UNDO_REST_MS = 400;

/** One cut on the desk: the sentence, six stations, and everything they share. */
export function CutDesk({ station, history, setHistory: setFor, onKept, choices, families, lathes }: Props) {
  const draft = useMemo(() => onAMachine(history.now, lathes, families), [history.now, lathes, families]);
  const navigate = useNavigate();
  const at = isStation(station) ? station : 'cut';
  const plan = usePlan(draft.fields, draft.units, at.toUpperCase() as Look);
  const [latest] = useState(() => new Store(draft));
  const [newest] = useState(() => new Store(history));
  useLayoutEffect(() => latest.put(draft), [latest, draft]);
  useLayoutEffect(() => newest.put(history), [newest, history]);
  const setHistory = useCallback(
    (change: (old: History) => History) => {
      const next = setFor(change);
      // Painted together with what the desk itself shows.
      if (next) {
        newest.put(next);
        latest.put(onAMachine(next.now, lathes, families));
      }
      return next;
    },
    [setFor, latest, newest, lathes, families],
  );
  const go = useCallback(
    (to: string, id = latest.now.id, replace = false) => void navigate(`/cut/${id}/${to}`, { replace }),
    [navigate, latest],
  );
  const kept = useCallback(
    (id: string) => {
      onKept(id);
      go(at, id, true);
    },
    [at, go, onKept],
  );
  const keptAsNew = useCallback((id: string) => go(at, id, true), [at, go]);
  const saving = useSaving(latest, setHistory, kept, keptAsNew);
  const { say } = saving;
  const edit = useCallback(
    (change: Edit) => {
      performance.mark('bw-edit');
      const next = setHistory((old) => edited(old, change));
      // The question is on its way while the page paints what was typed.
      if (next) plan.askFor(next.now.fields, next.now.units);
      say('');
    },
    [say, setHistory, plan],
  );
  const undo = useCallback(() => setHistory(undone), [setHistory]);
  const redo = useCallback(() => setHistory(redone), [setHistory]);
  const flipUnits = useFlip(latest, plan, edit, say);
  const other = useOtherTab(draft);
  const others = useNewsOfCut(latest, saving, setHistory, lathes, choices);
  useStored(history, newest);
  useTitle(draft.name || 'Unnamed cut', NAMES[at]);

  useEffect(() => {
    setHistory((old) => {
      const now = onAMachine(old.now, lathes, families);
      return now === old.now ? old : { ...old, now };
    });
  }, [lathes, families, setHistory]);

  usePageKey('mod+s', saving.save, true);
  usePageKey('mod+z', undo, true);
  usePageKey('mod+shift+z, mod+y', redo, true);
  usePageKey('1, 2, 3, 4, 5, 6', (event) => go(stationOf(event)));
  usePageKey('alt+1, alt+2, alt+3, alt+4, alt+5, alt+6', (event) => go(stationOf(event)), true);
  usePageKey('u', flipUnits);
  usePageKey('alt+u', flipUnits, true);
  usePageKey('p', () => window.print());
  usePageKey('slash', () => {
    const find = document.querySelector<HTMLInputElement>('[data-find]');
    if (find) find.focus();
    else void navigate(`/cut/${draft.id}/crib`, { state: { find: true } });
  });

  const compare = useCallback(() => {
    const { id, fields, units } = latest.now;
    if (keptSetUp(id)) {
      store(latest.now);
      void navigate(`/cut/${id}/beside`);
    } else {
      keepSetUp(id, { fields, units });
      say('This set-up is kept. Change what you like, then press Compare again to see both.');
    }
  }, [navigate, say, latest]);
  const commands = useMemo<Command[]>(
    () => [
      { id: 'save', words: 'Save the cut', more: 'Ctrl S', does: saving.save },
      { id: 'undo', words: 'Undo', more: 'Ctrl Z', does: undo },
      { id: 'redo', words: 'Redo', more: 'Ctrl Shift Z', does: redo },
      { id: 'units', words: 'Flip between millimetres and inches', more: 'U', does: flipUnits },
      { id: 'compare', words: 'Compare two set-ups of this cut', does: compare },
      { id: 'print', words: 'Print the card of this station', more: 'P', does: () => window.print() },
    ],
    [saving.save, undo, redo, flipUnits, compare],
  );
  useCutCommands(plan, go, edit, commands);

  const onDesk: CutOnDesk = useMemo(
    () => ({ draft: latest, plan, edit, choices, families, lathes }),
    [latest, plan, edit, choices, families, lathes],
  );
  const { name, units, changed } = history.now;
  const canUndo = history.before.length > 0;
  const canRedo = history.after.length > 0;
  return (
    <CutContext.Provider value={onDesk}>
      <DeskHeader {...{ name, units, changed, canUndo, canRedo, edit, undo, redo, flipUnits, saving, compare }} />
      {others.length > 0 && (
        <p className="others bg-paper-2 px-5 py-1.75 print:hidden" role="status">
          {others.join(' and ')} {others.length === 1 ? 'has' : 'have'} this cut open too. What is saved there is put
          together with what stands here.
        </p>
      )}
      <Said saving={saving} />
      <OtherTabNote
        other={other}
        onTake={(theirs) => {
          other.seen();
          setHistory((old) => ({
            now: { ...theirs, id: old.now.id, version: Math.max(theirs.version, old.now.version), changed: true },
            before: [...old.before, old.now],
            after: [],
            touched: '',
          }));
        }}
      />
      <Opened cut={draft.id} at={at} name={draft.name} onGo={go} />
      <Spoken />
      <PrintCard station={at} />
    </CutContext.Provider>
  );
}

interface OpenedProps {
  cut: string;
  at: StationId;
  name: string;
  onGo: (station: StationId) => void;
}

/** The cut in words and its open station. Before the first answer there is no sentence yet, and what stands under it would jump. */
const Opened = memo(function Opened({ cut, at, name, onGo }: OpenedProps) {
  const opened = useOfAnswer((plan) => plan.page !== undefined || plan.trouble !== '');
  const late = useOfAnswer((plan) => plan.late);
  const page = useOfAnswer((plan) => plan.page);
  return (
    <>
      {opened && <Sentence />}
      {opened && <StationTabs cut={cut} at={at} onGo={onGo} />}
      <main aria-busy={late || !opened}>
        <h1 className="sr-only">
          {name || 'Unnamed cut'}: {namesOf(page)[at]}
        </h1>
        {opened && <Station station={at} />}
      </main>
    </>
  );
});

const stationOf = (event: KeyboardEvent) => STATIONS[Number(event.code.replace(/\D/g, '')) - 1] ?? 'cut';

/** A new cut starts on the first of the shop's machines that can make it: it is asked for with it at once, and keeps it. */
function onAMachine(draft: Draft, lathes: LatheRecord[], families: Family[]): Draft {
  const { lathe, operation } = draft.fields;
  if (lathe) return draft;
  const family = familyOf(families, operation) ?? families[0];
  const first = machinesFor(family, lathes)[0] ?? lathes[0];
  return first ? { ...draft, fields: { ...draft.fields, lathe: first.id } } : draft;
}

/**
 * Keeps the draft in the browser at every change, and the way back a moment later or when the page is left. A page may be left between
 * a key and its painting: what is not written then is written as it goes.
 *
 * @param newest as last changed, painted or not
 */
function useStored(history: History, newest: { readonly now: History }): void {
  const written = useRef<Draft>(undefined);
  useEffect(() => {
    store(history.now);
    written.current = history.now;
    const timer = setTimeout(() => storeUndo(history), UNDO_REST_MS);
    return () => clearTimeout(timer);
  }, [history]);
  useEffect(() => {
    const leave = () => {
      // Another tab may have written a newer one since this one was.
      if (written.current !== newest.now.now) store(newest.now.now);
      storeUndo(newest.now);
    };
    const unmount = () => storeUndo(newest.now);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      unmount();
    };
  }, [newest]);
}
