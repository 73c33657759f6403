import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, given, sentenceOf } from '../api/client';
import { useCut } from '../cut/CutContext';
import { MEND } from '../frame/looks';
import { ForKeepers } from '../people/ForKeepers';
import { lotIntoNewJob, newId } from './jobDraft';

/** The route of this cut as a lot of a job: made several times, with the shop's hours. */
export function MakeSeveral() {
  const { draft } = useCut();
  const navigate = useNavigate();
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const make = async () => {
    setBusy(true);
    try {
      const name = draft.name || 'the open cut';
      const body = { id: newId('lot'), name, fields: draft.fields, units: draft.units };
      lotIntoNewJob(await given(api.POST('/api/jobs/from-route', { body })), name, draft.units);
      void navigate('/jobs/new');
    } catch (error) {
      setSaid(sentenceOf(error));
      setBusy(false);
    }
  };
  return (
    <ForKeepers>
      <p className="mb-3 flex flex-wrap items-center gap-3 print:hidden">
        <button type="button" className={MEND} disabled={busy} onClick={() => void make()}>
          Make several: as a lot of a job
        </button>
        {said && <span role="alert">{said}</span>}
      </p>
    </ForKeepers>
  );
}
