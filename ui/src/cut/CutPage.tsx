import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, type CutRecord, given, sentenceOf } from '../api/client';
import { useChoices, useFamilies, useLathes } from '../api/records';
import { Header } from '../frame/Header';
import { CutDesk } from './CutDesk';
import { type Draft, forgetLast, fromRecord, type History, newDraft, resumed, started, stored } from './draft';
import { NEW_CUT } from './startTyped';

/** Loads a cut and what it is chosen from, then opens its desk. */
export function CutPage() {
  const { id = 'new', station = 'cut' } = useParams();
  const [history, setHistory] = useState<History>();
  // As last changed: the page is painted with it a moment later.
  const latest = useRef<History>(undefined);
  const put = useCallback((next: History) => {
    latest.current = next;
    setHistory(next);
  }, []);
  const [trouble, setTrouble] = useState('');
  const [loads, setLoads] = useState(0);
  const open = useRef('');
  useEffect(() => {
    // A new cut that has just been kept is open already, under the id that it was given.
    if (open.current === id) return;
    open.current = id;
    const load = (loaded: History) => {
      put(loaded);
      setLoads((n) => n + 1);
    };
    const kept = stored(id);
    if (kept?.changed || id === 'new') {
      load(kept ? resumed(kept) : started(newDraft('METRIC')));
      return;
    }
    let gone = false;
    given(api.GET('/api/cuts/{id}', { params: { path: { id } } }))
      .then((record) => {
        if (!gone) load(beside(record, kept));
      })
      .catch((error: unknown) => {
        if (gone) return;
        if (kept) load(resumed(kept));
        else forgetLast(id);
        setTrouble(sentenceOf(error));
      });
    return () => {
      gone = true;
      open.current = '';
    };
  }, [id, put]);
  useEffect(() => {
    const begin = () => {
      const kept = stored('new');
      if (open.current !== 'new' || !kept) return;
      put(resumed(kept));
      setLoads((n) => n + 1);
    };
    window.addEventListener(NEW_CUT, begin);
    return () => window.removeEventListener(NEW_CUT, begin);
  }, [put]);
  const change = useCallback(
    (next: (old: History) => History) => {
      if (latest.current) put(next(latest.current));
      return latest.current;
    },
    [put],
  );
  const onKept = useCallback((kept: string) => {
    open.current = kept;
  }, []);
  const choices = useChoices();
  const families = useFamilies();
  const lathes = useLathes();
  if (!history || (history.now.id !== id && id !== 'new') || !choices.data || !families.data || !lathes.data) {
    const failed = choices.error ?? families.error ?? lathes.error;
    return (
      <>
        <Header />
        <main className="px-5 py-12 text-[1.2rem]" aria-busy={!trouble && !failed}>
          <h1 className="sr-only">Cut</h1>
          <p role="status">{trouble || (failed ? sentenceOf(failed) : 'Opening the cut.')}</p>
          {trouble && (
            <p>
              <Link to="/cuts">All cuts</Link> · <Link to="/cut/new/cut">Start a new cut</Link>
            </p>
          )}
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
      families={families.data}
      lathes={lathes.data}
    />
  );
}

/** What the shop keeps is the cut; readings, ticks and the way back are this page's own. */
function beside(record: CutRecord, kept: Draft | undefined): History {
  if (!kept) return started(fromRecord(record));
  const { readings, ticks, measured, card } = kept;
  const draft = { ...fromRecord(record), readings, ticks, measured, card };
  return record.version === kept.version ? resumed(draft) : started(draft);
}
