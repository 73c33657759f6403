import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { useCut } from '../cut/CutContext';
import { DO, KEEP } from '../frame/looks';
import { laterOr } from '../offline/outbox';
import { PickTool } from './PickTool';

/** Writes what was measured into the log of a tool in the crib. */
export function KeepGrind() {
  const { draft } = useCut();
  const queries = useQueryClient();
  const newGrind = useNewRecord();
  const [tool, setTool] = useState('');
  const [said, setSaid] = useState('');
  const keep = async () => {
    const measured = Object.fromEntries(Object.entries(draft.measured).filter(([, text]) => text.trim() !== ''));
    const body = newGrind({ units: draft.units, measured });
    try {
      await given(api.POST('/api/crib/tools/{id}/grinds', { params: { path: { id: tool } }, body }));
      setSaid('Written into the tool’s log.');
      void readAgain(queries, { queryKey: ['grinds', tool] });
    } catch (error) {
      setSaid(laterOr(error, { kind: 'grind', tool, what: 'what was measured on a grind', body }));
    }
  };
  return (
    <div className={KEEP}>
      <p>Ground it? Write what you measured into the log of</p>
      <PickTool label="Tool that was ground" value={tool} none="choose a tool" onPick={setTool} />
      <button type="button" className={DO} disabled={!tool} onClick={() => void keep()}>
        Keep this grind
      </button>
      {said && <p role="status">{said}</p>}
    </div>
  );
}
