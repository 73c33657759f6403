import { Collapsible } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { api, given, Refused, type Scene, type TrialAnswer } from '../api/client';
import { useAsked } from '../cut/askAgain';
import { PickList } from '../cut/ChoiceInput';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { FIELD, READING, STATION } from '../frame/looks';
import { Standing } from '../ledger/Standing';
import { ForKeepers } from '../people/ForKeepers';
import { Plate } from '../plate/Plate';
import { Experiments } from './Experiments';
import { Judgement } from './Judgement';
import { KeepTrial } from './KeepTrial';
import { Panels } from './Panels';
import { PastTrials } from './PastTrials';

/** A trial cut: what was measured, beside what was predicted; causes; one change. */
export function ProveStation() {
  const { draft, families } = useCut();
  const { answer, page } = useAnswer();
  const edit = useEdit();
  const [judged, setJudged] = useState<TrialAnswer>();
  const [trouble, setTrouble] = useState('');
  const [away, setAway] = useState(false);
  const [opened, setOpened] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const { units, readings } = draft;
  const fields = useAsked(draft.fields);
  useEffect(() => {
    const abort = new AbortController();
    given(api.POST('/api/proof/judge', { body: { fields, units, readings }, signal: abort.signal }))
      .then((result) => {
        setTrouble('');
        setAway(false);
        // The last good judgement stays while a reading cannot be used.
        setJudged((old) => (result.worked || !old?.worked ? result : { ...old, readings: result.readings }));
      })
      .catch((error: unknown) => {
        if (!(error instanceof Refused)) return;
        setTrouble(error.message);
        setAway(error.away);
      });
    return () => abort.abort();
  }, [fields, units, readings]);
  const errorOf = (id: string) => judged?.readings.find((one) => one.id === id)?.error ?? '';
  // Of what is left as planned nothing is typed that could be said in other units.
  const otherOf = (id: string) =>
    (readings[id] ?? '') === '' ? '' : (judged?.readings.find((one) => one.id === id)?.other ?? '');
  const asks = families.find((one) => one.id === page?.family)?.trial;
  const fallback: Scene | undefined = answer?.scenes.find((one) => one.id === asks?.scene);
  const scene = judged?.scene ?? fallback;
  const typed = asks?.readings.filter((row) => row.choices.length === 0) ?? [];
  const picked = asks?.readings.filter((row) => row.choices.length > 0) ?? [];
  // What was judged is over; the next piece is typed where the last one was.
  const nextPiece = () => {
    setJudged(undefined);
    form.current?.querySelector('input')?.focus();
  };
  const read = typed.filter((row) => !row.moved);
  const moved = typed.filter((row) => row.moved);
  const asked = (row: (typeof typed)[number]) => (
    <label key={row.id} className={`${READING} ${errorOf(row.id) ? 'reading-wrong' : ''}`}>
      <span>{row.label}</span>
      <input
        className={`${FIELD} figures`}
        data-reading={row.id}
        value={readings[row.id] ?? ''}
        placeholder={row.hint}
        aria-invalid={errorOf(row.id) !== ''}
        onChange={(event) => edit({ kind: 'reading', id: row.id, text: event.target.value })}
      />
      {errorOf(row.id) ? (
        <em role="alert">{errorOf(row.id)}</em>
      ) : (
        otherOf(row.id) && <small className="figures">{otherOf(row.id)}</small>
      )}
    </label>
  );
  return (
    <div className={STATION}>
      <div className="plate-side-form flex min-w-0 flex-col gap-3 max-hand:overflow-x-auto">
        <form
          ref={form}
          className="grid grid-cols-3 gap-x-4 gap-y-1.75 max-hand:grid-cols-[minmax(0,1fr)]"
          onSubmit={(event) => event.preventDefault()}
          aria-label="Trial readings"
        >
          {read.map(asked)}
          {picked.map((pick) => {
            const at = readings[pick.id] ?? pick.usual;
            return (
              <div key={pick.id} className={READING}>
                <span>{pick.label}</span>
                <PickList
                  label={pick.label}
                  value={at}
                  text={pick.choices.find((c) => c.id === at)?.words ?? ''}
                  choices={pick.choices}
                  onPick={(id) => edit({ kind: 'reading', id: pick.id, text: id })}
                />
              </div>
            );
          })}
          {moved.length > 0 && (
            <Collapsible.Root
              className="col-span-full"
              open={opened || moved.some((row) => (readings[row.id] ?? '') !== '')}
              onOpenChange={setOpened}
            >
              <Collapsible.Trigger className="min-h-touch text-left font-semibold text-accent">
                Moved since the first cut {opened ? '▴' : '▾'}
              </Collapsible.Trigger>
              <Collapsible.Content className="grid grid-cols-3 gap-x-4 gap-y-1.75 max-hand:grid-cols-[minmax(0,1fr)]">
                {moved.map(asked)}
              </Collapsible.Content>
            </Collapsible.Root>
          )}
        </form>
        {scene && <Plate scene={scene} still />}
        <Panels names={asks?.panels ?? []} />
      </div>
      <aside className="ledger block min-w-0" aria-label="Judgement">
        <Standing />
        {trouble && <p role="alert">{trouble}</p>}
        <p className="verdict mb-2 text-verdict leading-tight font-semibold" role="status">
          {judged?.verdict ?? 'Cut a trial piece in the same stuff, then type what you measured.'}
        </p>
        {judged?.worked && <Judgement judged={judged} onDone={nextPiece} />}
        <ForKeepers>
          <KeepTrial worked={judged?.worked ?? false} away={away} />
        </ForKeepers>
        <Experiments />
        <PastTrials />
      </aside>
    </div>
  );
}
