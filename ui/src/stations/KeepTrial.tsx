import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, sentenceOf } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { useCut, useEdit } from '../cut/CutContext';
import { DO, FIELD, KEEP } from '../frame/looks';
import { PickTool } from './PickTool';

/** Keeps a trial that was judged, with the tool that cut it and a note. */
export function KeepTrial({ worked }: { worked: boolean }) {
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
