import { useState } from 'react';
import { api, given, sentenceOf } from '../api/client';
import { useCuts } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { newId } from './jobDraft';
import type { Lot } from './records';

/** A lot made from the route of a cut: every step an operation. */
export function LotFromCut({ onLot }: { onLot: (lot: Lot) => void }) {
  const cuts = useCuts().data;
  const [said, setSaid] = useState('');
  // A list that grows under the finger is another list.
  if (!cuts || cuts.length === 0) return null;
  const take = async (id: string) => {
    const cut = cuts.find((one) => one.id === id);
    if (!cut) return;
    try {
      const body = { id: newId('lot'), name: cut.name, fields: cut.fields, units: cut.units };
      onLot(await given(api.POST('/api/jobs/from-route', { body })));
      setSaid('');
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  return (
    <span>
      <PickList
        label="A lot from the route of a cut"
        value=""
        text="A lot from the route of a cut"
        choices={cuts.map((cut) => ({ id: cut.id, words: cut.name, more: cut.says }))}
        onPick={(id) => void take(id)}
      />
      {said && <p role="alert">{said}</p>}
    </span>
  );
}
