import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, given, type Lesson } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { askAgain, useAsked } from '../cut/askAgain';
import { useCut, useEdit } from '../cut/CutContext';
import { DO, FIELD, KEEP, MEND } from '../frame/looks';
import { laterOr } from '../offline/outbox';
import { PickTool } from './PickTool';

const REST_MS = 400;

/** What the trial would teach if it were kept; asked once the readings rest. */
function useLessons(worked: boolean): Lesson[] {
  const { draft } = useCut();
  const [lessons, setLessons] = useState<Lesson[]>([]);
  const fields = useAsked(draft.fields);
  const { units, readings } = draft;
  useEffect(() => {
    if (!worked) {
      setLessons([]);
      return;
    }
    const abort = new AbortController();
    const rests = setTimeout(() => {
      given(api.POST('/api/proof/teaches', { body: { fields, units, readings }, signal: abort.signal }))
        .then(setLessons)
        // Nothing is told of it then; the trial may still be kept.
        .catch(() => undefined);
    }, REST_MS);
    return () => {
      clearTimeout(rests);
      abort.abort();
    };
  }, [worked, fields, units, readings]);
  return lessons;
}

interface Props {
  /** Whether it was judged. */
  worked: boolean;
  /** Whether nothing could judge it: the program does not answer. */
  away: boolean;
}

/** Keeps a trial that was judged, with the tool that cut it and a note; where the program does not answer, its readings until it does. */
export function KeepTrial({ worked, away }: Props) {
  const { draft } = useCut();
  const edit = useEdit();
  const newTrial = useNewRecord();
  const queries = useQueryClient();
  const [tool, setTool] = useState('');
  const note = draft.card.trialNote ?? '';
  const setNote = (text: string) => edit({ kind: 'card', id: 'trialNote', text });
  const [said, setSaid] = useState('');
  const lessons = useLessons(worked);
  const isRead = Object.values(draft.readings).some((text) => text.trim() !== '');
  const keep = async (aside: boolean) => {
    const body = newTrial({
      toolId: tool || undefined,
      cutId: draft.id === 'new' ? undefined : draft.id,
      units: draft.units,
      fields: draft.fields,
      readings: draft.readings,
      note,
      aside,
    });
    try {
      await given(api.POST('/api/proof/trials', { body }));
      setSaid(aside ? 'Kept as a record: it teaches nothing.' : 'Kept.');
      setNote('');
      void readAgain(queries, { queryKey: ['trials'] });
      void readAgain(queries, { queryKey: ['experiments'] });
      askAgain();
    } catch (error) {
      setSaid(laterOr(error, { kind: 'trial', what: `the trial of “${draft.name || 'a cut without a name'}”`, body }));
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
      {lessons.length > 0 && (
        <div className="lessons col-span-full">
          <p>Kept, it will teach:</p>
          <ul className="list-disc pl-5">
            {lessons.map((lesson) => (
              <li key={lesson.sentence} className={lesson.far ? 'far border-l-5 border-warn bg-caution px-2' : ''}>
                {lesson.sentence}
              </li>
            ))}
          </ul>
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className={DO} disabled={!worked && !(away && isRead)} onClick={() => void keep(false)}>
          {away && !worked ? 'Keep the readings, to be judged later' : 'Keep this trial'}
        </button>
        {lessons.length > 0 && (
          <button type="button" className={MEND} onClick={() => void keep(true)}>
            Keep as a record only
          </button>
        )}
      </div>
      {said && <p role="status">{said}</p>}
    </div>
  );
}
