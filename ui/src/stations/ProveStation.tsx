import { useQueryClient } from '@tanstack/react-query';
import { Collapsible } from 'radix-ui';
import { useEffect, useState } from 'react';
import { api, given, Refused, type Scene, sentenceOf, type TrialAnswer } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { useTrials } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { COMPARED, DO, FIELD, KEEP, LOG, READING, STATION } from '../frame/looks';
import { Working } from '../ledger/Working';
import { Photos } from '../photos/Photos';
import { usePhotos } from '../photos/usePhotos';
import { Plate } from '../plate/Plate';
import { Experiments } from './Experiments';
import { Panels } from './Panels';
import { PickTool } from './PickTool';

/** A trial cut: what was measured, beside what was predicted; causes; one change. */
export function ProveStation() {
  const { draft, families } = useCut();
  const { answer, page } = useAnswer();
  const edit = useEdit();
  const [judged, setJudged] = useState<TrialAnswer>();
  const [trouble, setTrouble] = useState('');
  const { fields, units, readings } = draft;
  useEffect(() => {
    const abort = new AbortController();
    given(api.POST('/api/proof/judge', { body: { fields, units, readings }, signal: abort.signal }))
      .then((result) => {
        setTrouble('');
        // The last good judgement stays while a reading cannot be used.
        setJudged((old) => (result.worked || !old?.worked ? result : { ...old, readings: result.readings }));
      })
      .catch((error: unknown) => {
        if (error instanceof Refused) setTrouble(error.message);
      });
    return () => abort.abort();
  }, [fields, units, readings]);
  const errorOf = (id: string) => judged?.readings.find((one) => one.id === id)?.error ?? '';
  const otherOf = (id: string) => judged?.readings.find((one) => one.id === id)?.other ?? '';
  const form = families.find((one) => one.id === page?.family)?.trial;
  const fallback: Scene | undefined = answer?.scenes.find((one) => one.id === form?.scene);
  const scene = judged?.scene ?? fallback;
  const typed = form?.readings.filter((row) => row.choices.length === 0) ?? [];
  const picked = form?.readings.filter((row) => row.choices.length > 0) ?? [];
  return (
    <div className={STATION}>
      <div className="plate-side-form flex min-w-0 flex-col gap-3 max-hand:overflow-x-auto">
        <form
          className="grid grid-cols-3 gap-x-4 gap-y-1.75 max-hand:grid-cols-[minmax(0,1fr)]"
          onSubmit={(event) => event.preventDefault()}
          aria-label="Trial readings"
        >
          {typed.map((row) => (
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
          ))}
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
        </form>
        {scene && <Plate scene={scene} still />}
        <Panels names={form?.panels ?? []} />
      </div>
      <aside className="ledger block min-w-0" aria-label="Judgement">
        {trouble && <p role="alert">{trouble}</p>}
        <p className="verdict mb-2 text-verdict leading-tight font-semibold" role="status">
          {judged?.verdict ?? 'Cut a trial piece in the same stuff, then type what you measured.'}
        </p>
        {judged?.worked && <Judgement judged={judged} />}
        <KeepTrial worked={judged?.worked ?? false} />
        <Experiments />
        <PastTrials />
      </aside>
    </div>
  );
}

function Judgement({ judged }: { judged: TrialAnswer }) {
  const edit = useEdit();
  const next = judged.next;
  return (
    <>
      <table className={COMPARED}>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">What</span>
            </th>
            <th scope="col">Predicted</th>
            <th scope="col">Measured</th>
          </tr>
        </thead>
        <tbody>
          {judged.compared.map((row) => (
            <tr key={row.what}>
              <th scope="row">{row.what}</th>
              <td className="figures">{row.predicted}</td>
              <td className="figures">
                {row.measured || '—'}
                {row.measured && !row.within && (
                  <span className="border-b-2 border-warn font-words font-bold text-warn"> off</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="my-3 rounded-edge border-2 border-accent px-3 pt-1.5 pb-2.5 [&_h2]:mt-0 [&_h2]:mb-1.25 [&_p]:mt-1.5">
        <h2>One change next</h2>
        {next && !next.field ? <p className="font-semibold">{next.label}</p> : null}
        {next?.field ? (
          <button type="button" className={DO} onClick={() => edit({ kind: 'field', id: next.field, text: next.text })}>
            {next.label}
          </button>
        ) : null}
        <p>{judged.expected}</p>
      </div>
      {judged.causes.length > 0 && (
        <>
          <h2>What would explain it, likeliest first</h2>
          <ol className="causes [&>li]:border-t [&>li]:border-line [&>li]:pt-1 [&>li]:pb-1.5">
            {judged.causes.map((cause) => (
              <Collapsible.Root asChild key={cause.id}>
                <li data-cause={cause.id}>
                  <Collapsible.Trigger className="flex min-h-touch w-full items-center gap-2.5 text-left">
                    <span
                      className="h-2.5 w-15 flex-none border-[1.5px] border-ink [&>i]:block [&>i]:h-full [&>i]:bg-ink"
                      aria-hidden="true"
                    >
                      <i style={{ width: `${Math.round(cause.fit * 100)}%` }} />
                    </span>
                    <span>
                      <b>{cause.title}</b> <span className="figures">{Math.round(cause.fit * 100)} % fit</span>
                    </span>
                  </Collapsible.Trigger>
                  <p>{cause.explains}</p>
                  <Collapsible.Content className="working ml-1 border-l-3 border-line pt-1 pb-1.5 pl-2.5">
                    <Working steps={cause.working} />
                  </Collapsible.Content>
                </li>
              </Collapsible.Root>
            ))}
          </ol>
        </>
      )}
    </>
  );
}

function KeepTrial({ worked }: { worked: boolean }) {
  const { draft } = useCut();
  const edit = useEdit();
  const newTrial = useNewRecord();
  const queries = useQueryClient();
  const [tool, setTool] = useState('');
  const note = draft.card.trialNote ?? '';
  const setNote = (text: string) => edit({ kind: 'card', id: 'trialNote', text });
  const [said, setSaid] = useState('');
  const keep = async () => {
    try {
      await given(
        api.POST('/api/proof/trials', {
          body: newTrial({
            toolId: tool || undefined,
            cutId: draft.id === 'new' ? undefined : draft.id,
            units: draft.units,
            fields: draft.fields,
            readings: draft.readings,
            note,
          }),
        }),
      );
      setSaid('Kept.');
      setNote('');
      void readAgain(queries, { queryKey: ['trials'] });
      void readAgain(queries, { queryKey: ['experiments'] });
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  return (
    <div className={KEEP}>
      <p>Cut with</p>
      <PickTool label="Tool that cut it" value={tool} none="no tool of the crib" onPick={setTool} />
      <textarea
        className={FIELD}
        aria-label="Note on the trial"
        placeholder="A note, if there is something to remember"
        rows={2}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <button type="button" className={DO} disabled={!worked} onClick={() => void keep()}>
        Keep this trial
      </button>
      {said && <p role="status">{said}</p>}
    </div>
  );
}

function PastTrials() {
  const { draft } = useCut();
  const trials = useTrials('cut', draft.id);
  const photos = usePhotos({ cut: draft.id });
  if (!trials.data || trials.data.length === 0) return null;
  return (
    <section aria-label="Trials so far">
      <h2>Trials of this cut</h2>
      <ul className={LOG}>
        {trials.data.map((trial) => (
          <li key={trial.id}>
            <time className="figures">{trial.onDay}</time>
            <span>
              {trial.verdict}
              {trial.note && <em> {trial.note}</em>}
              {trial.savedBy && <> ({trial.savedBy})</>}
              <Photos
                shown={{ trialId: trial.id }}
                photos={(photos.data ?? []).filter((photo) => photo.trialId === trial.id)}
                words={`the trial of ${trial.onDay}`}
              />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
