import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import { api, type BarAnswer, given, type Texts, type Units } from '../api/client';
import { useAttempt } from '../api/useAttempt';
import { type Card, useKeptText } from '../api/useKeptText';
import { DO, FIELD, MEND, QUIET, READING, VIEW } from '../frame/looks';
import { LINES, PushTable } from '../stations/PushTable';
import { TapTest } from '../stations/TapTest';
import { TestAnswer } from '../stations/TestAnswer';

const PARTS = [
  { id: 'POST', words: 'Tool post', how: 'Pull the tool post across with a scale, the indicator on it from the bed.' },
  {
    id: 'CHUCK',
    words: 'Chuck',
    how: 'A stout bar in the chuck. Pull it across near the jaws and once more far out, the indicator at the pull, its foot on the bed.',
  },
  { id: 'TAILSTOCK', words: 'Tailstock', how: 'Quill as far out as it works, clamped. Pull its centre across.' },
] as const;
type Part = (typeof PARTS)[number]['id'];
const PLACES = [
  { id: 'rod', words: 'Bar across', hint: '40 mm' },
  { id: 'near', words: 'Near pull, from the jaws', hint: '40 mm' },
  { id: 'out', words: 'Far pull, from the jaws', hint: '160 mm' },
] as const;

const NOTHING_YET: Card = { version: 0, texts: {} };

interface Props {
  machine: string;
  units: Units;
  card: Texts;
  onUse: (take: Texts) => void;
}

/** The machine pushed with a scale and read with an indicator: what it is takes the place of what its size lets assume. */
export function MachineTests({ machine, units, card, onUse }: Props) {
  const [part, setPart] = useState<Part>('POST');
  const kept = useKeptText(`machine-test.${machine}`, NOTHING_YET);
  const typed = kept.card?.texts ?? {};
  const [judged, setJudged] = useState<{ part: Part; answer: BarAnswer }>();
  const { said, say, attempt } = useAttempt();
  const at = (id: string) => typed[`${part}.${id}`] ?? '';
  const type = (more: Texts) =>
    kept.write({
      ...typed,
      ...Object.fromEntries(Object.entries(more).map(([id, text]) => [`${part}.${id}`, text])),
    });
  const answer = judged && judged.part === part ? judged.answer : undefined;
  const chuck = part === 'CHUCK';
  const lines = (before: string) =>
    LINES.map((n) => ({
      load: at(`${before}${n}.load`),
      up: at(`${before}${n}.up`),
      down: at(`${before}${n}.down`),
    }));
  const places = { rod: at('rod'), near: at('near') };
  const judge = () =>
    attempt(async () =>
      setJudged({
        part,
        answer: await given(
          api.POST('/api/instrument/machine/judge', {
            body: {
              units,
              part,
              lines: lines(''),
              far: chuck ? lines('far.') : [],
              ...places,
              out: at('out'),
            },
          }),
        ),
      }),
    );
  const standIn = () =>
    attempt(async () => {
      const read = await given(
        api.POST('/api/instrument/machine', {
          body: {
            card,
            units,
            part,
            ...places,
            out: at('out'),
          },
        }),
      );
      const found: Texts = chuck
        ? Object.fromEntries(PLACES.map((place) => [place.id, at(place.id) || place.hint]))
        : {};
      for (const [before, table] of [
        ['', read.lines],
        ['far.', read.far],
      ] as const) {
        table.forEach((line, n) => {
          found[`${before}${n}.load`] = line.load;
          found[`${before}${n}.up`] = line.up;
          found[`${before}${n}.down`] = line.down;
        });
      }
      type(found);
      say(read.by);
    });
  const wrongPlace = (id: string) => answer?.errors[id];
  return (
    <Collapsible.Root className="machine-tests col-span-full">
      <Collapsible.Trigger className={QUIET}>Measure it: push and tap</Collapsible.Trigger>
      <Collapsible.Content>
        <div className="views flex flex-wrap" role="group" aria-label="What is pushed">
          {PARTS.map((one) => (
            <button
              type="button"
              key={one.id}
              className={VIEW}
              aria-pressed={one.id === part}
              onClick={() => setPart(one.id)}
            >
              {one.words}
            </button>
          ))}
        </div>
        <p className="text-ink-2">{PARTS.find((one) => one.id === part)?.how}</p>
        {chuck && (
          <div className="flex flex-wrap gap-x-6">
            {PLACES.map((place) => (
              <label key={place.id} className={`${READING} ${wrongPlace(place.id) ? 'reading-wrong' : ''}`}>
                <span>{place.words}</span>
                <input
                  className={`${FIELD} figures`}
                  value={at(place.id)}
                  placeholder={place.hint}
                  aria-invalid={!!wrongPlace(place.id)}
                  data-place={place.id}
                  onChange={(event) => type({ [place.id]: event.target.value })}
                />
                {wrongPlace(place.id) && <em role="alert">{wrongPlace(place.id)}</em>}
              </label>
            ))}
          </div>
        )}
        <div className="flex flex-wrap gap-x-8">
          {(chuck ? ['', 'far.'] : ['']).map((before) => (
            <div key={before}>
              {chuck && <h2>{before ? 'Far from the jaws' : 'Near the jaws'}</h2>}
              <PushTable
                of={before}
                at={(line, column) => at(`${before}${line}.${column}`)}
                wrong={(line, column) => answer?.errors[`${before}${line}.${column}`]}
                onType={(line, column, text) => type({ [`${before}${line}.${column}`]: text })}
              />
            </div>
          ))}
        </div>
        <div className="flex flex-wrap gap-1.5 pt-1 pb-1.25">
          <button type="button" className={DO} onClick={() => void judge()}>
            Work it out
          </button>
          <button type="button" className={MEND} onClick={() => void standIn()}>
            Read the stand-ins
          </button>
        </div>
        {answer && <TestAnswer answer={answer} onUse={onUse} words="Put it on the card" />}
        {said && <p role="status">{said}</p>}
        {part === 'POST' && (
          <TapTest
            how="Tap the tool post across with a soft hammer, the pick-up on it, and record its ring: how it rocks decides how wide an edge parts quietly."
            judge={(recording) => given(api.POST('/api/instrument/machine/ring/judge', { body: { units, recording } }))}
            tap={() => given(api.POST('/api/instrument/machine/tap'))}
            onUse={onUse}
            words="Put it on the card"
          />
        )}
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
