import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import {
  api,
  download,
  given,
  type Imported,
  type LatheRecord,
  Refused,
  sendFile,
  sentenceOf,
  type Texts,
} from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { useChoices, useLathes } from '../api/records';
import { useKeptText } from '../api/useKeptText';
import { Header } from '../frame/Header';
import { DO, FIELD, FILE, MACHINE, QUIET, READING, SHOP, VIEW } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { MachineTests } from './MachineTests';

const EXAMPLES: Texts = {
  name: 'what the shop calls it',
  kind: 'lathe; or mill',
  swing: '330 mm',
  centreHeight: '40 mm',
  largestShank: '20 mm or 5/8',
  speeds: '60, 90, 140 rpm or 100 to 2500 rpm',
  feeds: '0.05, 0.1 mm/rev; empty when fed by hand',
  motor: '1.5 kW or 2 hp',
  efficiency: '75 %',
  postStiffness: 'if measured: 20 N/µm',
  chuckStiffness: 'if measured',
  tailstockStiffness: 'if measured',
  centres: '600 mm or 24 in',
  quillTravel: '60 mm',
  drillSet: 'metric by 0.1 mm; inch fractions',
  leadScrew: '8 tpi, or 3 mm',
  boxThreads: '8, 9, 10, 11, 12, 13 tpi',
  changeWheels: '20, 24, 40, 60, 127',
  dialTeeth: '32',
  dialMarks: '8',
  crossTurn: '.200 in, or 4 mm',
  crossReads: 'radius; or diameter',
  compoundTurn: '.100 in, or 2 mm',
  dialDivision: '.001 in, or 0.02 mm',
  compoundScale: 'square; or axis',
  stopTime: '1 s',
  shims: '0.05, 0.1, 0.2, 0.5 mm; 4 thou',
};

/** The shop's lathes, kept and edited; the shop in and out as files. */
export function ShopPage() {
  const lathes = useLathes();
  useTitle('Machines and files');
  const [said, setSaid] = useState('');
  const [picked, setPicked] = useState<string>();
  const current = picked === 'new' ? undefined : (lathes.data?.find((one) => one.id === picked) ?? lathes.data?.[0]);
  return (
    <>
      <Header />
      <main className={SHOP}>
        <section aria-label="Machines">
          <h1>Machines</h1>
          {lathes.error && <p role="alert">{sentenceOf(lathes.error)}</p>}
          <div className="views flex flex-wrap">
            {lathes.data?.map((lathe) => (
              <button
                type="button"
                key={lathe.id}
                className={VIEW}
                aria-pressed={picked !== 'new' && lathe.id === current?.id}
                onClick={() => {
                  setPicked(lathe.id);
                  setSaid('');
                }}
              >
                {lathe.card.name}
              </button>
            ))}
            <button type="button" className={VIEW} aria-pressed={picked === 'new'} onClick={() => setPicked('new')}>
              A new machine
            </button>
          </div>
          {lathes.data?.length === 0 && picked !== 'new' && (
            <p>No machine yet. Enter yours: every speed, feed and power in an answer is one that it really has.</p>
          )}
          {(current || picked === 'new') && (
            <LatheForm key={current?.id ?? 'new'} lathe={current} onKept={setPicked} said={said} say={setSaid} />
          )}
        </section>
        <Files />
      </main>
    </>
  );
}

interface FormProps {
  lathe: LatheRecord | undefined;
  onKept: (id: string) => void;
  said: string;
  say: (sentence: string) => void;
}

/** A machine's card as it is being written. */
interface Written {
  version: number;
  card: Texts;
}

function LatheForm({ lathe, onKept, said, say }: FormProps) {
  const choices = useChoices();
  const queries = useQueryClient();
  const kept = useKeptText<Written>(`lathe.${lathe?.id ?? 'new'}`, {
    version: lathe?.version ?? 0,
    card: lathe?.card ?? {},
  });
  const { version, card } = kept.entry ?? { version: 0, card: {} };
  const [wrong, setWrong] = useState<Texts>({});
  const newLathe = useNewRecord();
  const units = lathe?.units ?? 'METRIC';
  const save = async () => {
    try {
      const body = { version, units, card };
      const saved = lathe
        ? await given(api.PUT('/api/shop/lathes/{id}', { params: { path: { id: lathe.id } }, body }))
        : await given(api.POST('/api/shop/lathes', { body: newLathe(body) }));
      setWrong({});
      kept.done({ version: saved.version, card: saved.card });
      say('Saved.');
      onKept(saved.id);
      await readAgain(queries, { queryKey: ['lathes'] });
    } catch (error) {
      say(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
      if (lathe && error instanceof Refused && error.status === 409) {
        const all = await given(api.GET('/api/shop/lathes')).catch(() => []);
        kept.write({ card, version: all.find((one) => one.id === lathe.id)?.version ?? version });
      }
    }
  };
  return (
    <form
      className={MACHINE}
      aria-label="Machine card"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {choices.data?.latheEntries.map((entry) => (
        <label key={entry.id} className={`${READING} ${wrong[entry.id] ? 'reading-wrong' : ''}`}>
          <span>{entry.words}</span>
          <input
            className={FIELD}
            value={card[entry.id] ?? ''}
            placeholder={EXAMPLES[entry.id]}
            aria-invalid={!!wrong[entry.id]}
            data-entry={entry.id}
            onChange={(event) => kept.write({ version, card: { ...card, [entry.id]: event.target.value } })}
          />
          {wrong[entry.id] && <em role="alert">{wrong[entry.id]}</em>}
        </label>
      ))}
      {card.kind !== 'mill' && (
        <MachineTests
          machine={lathe?.id ?? 'new'}
          units={units}
          card={card}
          onUse={(take) => kept.write({ version, card: { ...card, ...take } })}
        />
      )}
      <div className="col-span-full flex items-center gap-4">
        <button type="submit" className={DO}>
          Save the machine{kept.unsaved ? ' •' : ''}
        </button>
        {kept.unsaved && (
          <button type="button" className={QUIET} onClick={() => kept.done()}>
            Back to what is kept
          </button>
        )}
        {said && <p role="status">{said}</p>}
      </div>
    </form>
  );
}

function Files() {
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const takeIn = async (path: string, file: File | undefined, type: string) => {
    if (!file) return;
    try {
      const done = await sendFile<Imported>(path, file, type);
      setSaid(`${file.name}: ${done.sentence}`);
      await readAgain(queries);
    } catch (error) {
      setSaid(`${file.name}: ${sentenceOf(error)}`);
    }
  };
  return (
    <section aria-label="Files" className="files">
      <h2>Files</h2>
      <p>Everything the shop keeps, in open formats. What is already here is never overwritten by a file.</p>
      <div className="flex flex-wrap items-center gap-4 py-1.5">
        <button type="button" className={DO} onClick={() => void download('/api/exchange/shop.json', 'shop.json')}>
          Whole shop as JSON
        </button>
        <button type="button" className={DO} onClick={() => void download('/api/exchange/crib.csv', 'crib.csv')}>
          Crib as CSV
        </button>
        <a className={QUIET} href="/api/exchange/schema.json">
          JSON Schema
        </a>
        <a className={QUIET} href="/api/openapi.json">
          API for scripts
        </a>
        <a className={QUIET} href="/third-party-program.txt">
          Built from: program
        </a>
        <a className={QUIET} href="/third-party-page.txt">
          page
        </a>
      </div>
      <div className="flex flex-wrap items-center gap-4 py-1.5">
        <label className={FILE}>
          Take in a shop or tool (JSON)
          <input
            type="file"
            accept=".json,application/json"
            onChange={(event) => void takeIn('/api/exchange/shop', event.target.files?.[0], 'application/json')}
          />
        </label>
        <label className={FILE}>
          Take in tools (CSV)
          <input
            type="file"
            accept=".csv,text/csv"
            onChange={(event) => void takeIn('/api/exchange/crib', event.target.files?.[0], 'text/csv')}
          />
        </label>
      </div>
      {said && <p role="status">{said}</p>}
    </section>
  );
}
