import { useQueryClient } from '@tanstack/react-query';
import { Fragment, useMemo, useState } from 'react';
import { api, given, type LatheRecord, Refused, type Schemas, sentenceOf, type Texts } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { useChoices } from '../api/records';
import { useKeptText } from '../api/useKeptText';
import { PickList } from '../cut/ChoiceInput';
import { kindOfMachine } from '../cut/families';
import { Clashes, Taken } from '../frame/Clashes';
import { DO, FIELD, MACHINE, QUIET, READING } from '../frame/looks';
import { useWide } from '../frame/useWide';
import { ForKeepers } from '../people/ForKeepers';
import { Plate } from '../plate/Plate';
import { MachineTests } from './MachineTests';

const EXAMPLES: Texts = {
  name: 'what the shop calls it',
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
  leadScrew: '8 tpi, or 3 mm',
  boxThreads: '8, 9, 10, 11, 12, 13 tpi',
  changeWheels: '20, 24, 40, 60, 127',
  dialTeeth: '32',
  dialMarks: '8',
  crossTurn: '.200 in, or 4 mm',
  compoundTurn: '.100 in, or 2 mm',
  dialDivision: '.001 in, or 0.02 mm',
  stopTime: '1 s',
  carriageTurn: '18 mm, or .75 in',
  wheelRadius: '65 mm',
  strokes: '20, 32, 50, 80',
  longestStroke: '350 mm',
  returnRatio: '0.6',
  ramDroop: '0.02 mm, by an indicator',
  shims: '0.05, 0.1, 0.2, 0.5 mm; 4 thou',
};

type CardEntry = Schemas['CardEntry'];

/** The entries that a machine of this kind has, by the parts of its card; one of another kind stands while something is typed there. */
function partsOf(entries: CardEntry[], card: Texts, drawn: Set<string>): [string, CardEntry[]][] {
  const kind = kindOfMachine(card);
  const parts = new Map<string, CardEntry[]>();
  for (const entry of entries) {
    if (drawn.has(entry.id) || (!entry.kinds.includes(kind) && !card[entry.id])) continue;
    parts.set(entry.part, [...(parts.get(entry.part) ?? []), entry]);
  }
  return [...parts];
}

interface FieldProps {
  entry: CardEntry;
  text: string;
  wrong: string | undefined;
  onWrite: (text: string) => void;
}

/** An entry of the card: picked from its list, or typed. */
function CardField({ entry, text, wrong, onWrite }: FieldProps) {
  const look = `${READING} ${wrong ? 'reading-wrong' : ''}`;
  const said = wrong && <em role="alert">{wrong}</em>;
  // What says nothing where it is left empty is typed, so that it can be emptied again.
  if (entry.usual) {
    const at = text.trim().toLowerCase() || entry.usual;
    return (
      <div className={look} data-entry={entry.id}>
        <span>{entry.words}</span>
        <PickList
          label={entry.words}
          value={at}
          text={entry.choices.find((one) => one.id === at)?.words ?? text}
          choices={entry.choices}
          onPick={onWrite}
        />
        {said}
      </div>
    );
  }
  return (
    <label className={look}>
      <span>{entry.words}</span>
      <input
        className={FIELD}
        value={text}
        placeholder={EXAMPLES[entry.id]}
        aria-invalid={!!wrong}
        data-entry={entry.id}
        onChange={(event) => onWrite(event.target.value)}
      />
      {said}
    </label>
  );
}

/** An entry on the drawing of its machine. */
function DrawnField({ entry, name, text, wrong, onWrite }: FieldProps & { name: string }) {
  return (
    <label className={`value value-plate ${wrong ? 'value-wrong' : ''}`} title={EXAMPLES[entry.id]}>
      <span className="value-caption">{name}</span>
      <input
        className="w-44"
        value={text}
        placeholder={text ? undefined : 'not said'}
        aria-label={entry.words}
        aria-invalid={!!wrong}
        data-entry={entry.id}
        onChange={(event) => onWrite(event.target.value)}
      />
      {wrong && (
        <em role="alert" className="value-caption not-italic">
          {wrong}
        </em>
      )}
    </label>
  );
}

/** What the entries that are left empty would make better; a touch goes there. */
function LeftEmpty({ entries, card }: { entries: CardEntry[]; card: Texts }) {
  const empty = entries.filter((entry) => entry.more && !card[entry.id]?.trim());
  if (empty.length === 0) return null;
  return (
    <details className="col-span-full">
      <summary className="flex min-h-touch cursor-pointer items-center font-semibold">
        Left empty: {empty.length}. What they would make better
      </summary>
      <ul aria-label="What the empty entries would make better">
        {empty.map((entry) => (
          <li key={entry.id} className="border-t border-line py-1">
            <button
              type="button"
              className={QUIET}
              onClick={() => document.querySelector<HTMLElement>(`[data-entry="${entry.id}"]`)?.focus()}
            >
              {entry.words}
            </button>{' '}
            {entry.more}
          </li>
        ))}
      </ul>
    </details>
  );
}

interface Props {
  lathe: LatheRecord | undefined;
  onKept: (id: string) => void;
  said: string;
  say: (sentence: string) => void;
}

/** The card of a machine, as it is being written. */
export function MachineForm({ lathe, onKept, said, say }: Props) {
  const choices = useChoices();
  const queries = useQueryClient();
  const there = useMemo(
    () => ({
      version: lathe?.version ?? 0,
      texts: lathe?.card ?? {},
      saved: { by: lathe?.savedBy, at: lathe?.savedAt },
    }),
    [lathe],
  );
  const kept = useKeptText(`lathe.${lathe?.id ?? 'new'}`, there);
  const { version, texts: card } = kept.card ?? there;
  const [wrong, setWrong] = useState<Texts>({});
  const newLathe = useNewRecord();
  const units = lathe?.units ?? 'METRIC';
  const wide = useWide();
  const kind = kindOfMachine(card);
  const entries = choices.data?.latheEntries ?? [];
  const pictures = wide ? (choices.data?.pictures ?? []).filter((one) => one.kind === kind) : [];
  const drawn = new Set(pictures.flatMap(({ scene }) => scene.labels.map((label) => label.field).filter(Boolean)));
  const write = (field: string, text: string) => kept.write({ ...card, [field]: text });
  const called = (field: string) => choices.data?.latheEntries.find((one) => one.id === field)?.words ?? field;
  const save = async () => {
    try {
      const body = { version, units, card };
      const saved = lathe
        ? await given(api.PUT('/api/shop/lathes/{id}', { params: { path: { id: lathe.id } }, body }))
        : await given(api.POST('/api/shop/lathes', { body: newLathe(body) }));
      setWrong({});
      kept.done({ version: saved.version, texts: saved.card });
      say('Saved.');
      onKept(saved.id);
      await readAgain(queries, { queryKey: ['lathes'] });
    } catch (error) {
      say(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
      // What somebody else saved is read again and put together with what stands here.
      if (lathe && error instanceof Refused && error.status === 409) await readAgain(queries, { queryKey: ['lathes'] });
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
      {partsOf(entries, card, drawn).map(([part, listed], at) => (
        <Fragment key={part}>
          <fieldset className="col-span-full grid grid-cols-2 gap-x-5.5 gap-y-2.5 max-hand:grid-cols-[minmax(0,1fr)]">
            <legend className="mb-1.75 pt-2 w-full border-b border-line pb-1 font-semibold">{part}</legend>
            {listed.map((entry) => (
              <CardField
                key={entry.id}
                entry={entry}
                text={card[entry.id] ?? ''}
                wrong={wrong[entry.id]}
                onWrite={(text) => write(entry.id, text)}
              />
            ))}
          </fieldset>
          {at === 0 &&
            pictures.map(({ scene }) => (
              <div key={scene.id} className="col-span-full">
                <p className="py-1.5 font-semibold">{scene.title}</p>
                <Plate
                  scene={scene}
                  input={(field, name) => {
                    const entry = entries.find((one) => one.id === field);
                    return (
                      entry && (
                        <DrawnField
                          entry={entry}
                          name={name}
                          text={card[field] ?? ''}
                          wrong={wrong[field]}
                          onWrite={(text) => write(field, text)}
                        />
                      )
                    );
                  }}
                />
              </div>
            ))}
        </Fragment>
      ))}
      <LeftEmpty entries={entries.filter((entry) => entry.kinds.includes(kind))} card={card} />
      {kind === 'lathe' && (
        <MachineTests
          machine={lathe?.id ?? 'new'}
          units={units}
          card={card}
          onUse={(take) => kept.write({ ...card, ...take })}
        />
      )}
      <div className="col-span-full">
        <Taken taken={kept.taken} called={called} />
        <Clashes clashes={kept.clashes} called={called} onChoose={kept.choose} />
      </div>
      <div className="col-span-full flex items-center gap-4">
        <ForKeepers>
          <button type="submit" className={DO} disabled={kept.clashes.length > 0}>
            Save the machine{kept.unsaved ? ' •' : ''}
          </button>
        </ForKeepers>
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
