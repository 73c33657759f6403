import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { api, given, type Schemas, sentenceOf } from '../api/client';
import { DIALOG, DO, LOG, MEND, OVERLAY, QUIET } from '../frame/looks';
import { savedBy } from '../frame/SavedBy';
import { useAnswer, useCut, useEdit } from './CutContext';
import { backTo, changedSince } from './earlier';

/** What this cut was before it was saved over, with what each save changed; any of it can be gone back to. */
export function EarlierVersions() {
  const { draft } = useCut();
  const [open, setOpen] = useState(false);
  if (draft.id === 'new') return null;
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <button type="button" className={QUIET}>
          What this cut was before
        </button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className={OVERLAY} />
        <Dialog.Content className={DIALOG} aria-describedby={undefined}>
          <Dialog.Title>What this cut was before</Dialog.Title>
          <Versions onBack={() => setOpen(false)} />
          <Dialog.Close className={DO}>Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Versions({ onBack }: { onBack: () => void }) {
  const { draft } = useCut();
  const { fields } = useAnswer();
  const edit = useEdit();
  const was = useQuery({
    queryKey: ['cut-was', draft.id, draft.version],
    queryFn: () => given(api.GET('/api/cuts/{id}/history', { params: { path: { id: draft.id } } })),
  });
  if (was.error) return <p role="alert">{sentenceOf(was.error)}</p>;
  if (!was.data) return <p role="status">Looking it up.</p>;
  if (was.data.length === 0) return <p>It was not saved over yet: what stands here is all that it ever was.</p>;
  const called = (id: string) => fields.get(id)?.label ?? id;
  const worded = (id: string, text: string) => (text === '' ? 'chosen by the program' : (words(id, text) ?? text));
  const words = (id: string, text: string) => {
    const now = fields.get(id);
    return now?.typed === text ? now.text : undefined;
  };
  return (
    <ul className={LOG}>
      {was.data.map((one, at) => {
        const after = at === 0 ? draft : was.data[at - 1];
        return (
          <li key={one.version} data-version={one.version}>
            <time className="figures" dateTime={one.savedAt}>
              {one.savedAt.slice(0, 10)}
              <br />
              {new Date(one.savedAt).toTimeString().slice(0, 5)}
            </time>
            <div>
              <p>
                {one.name} {savedBy(one) && <em>{savedBy(one)}</em>}
              </p>
              {after && (
                <ul className="text-small">
                  {changedSince(one, after).map((change) => (
                    <li key={change.id}>
                      {change.id === 'name' ? 'Name' : called(change.id)}: {worded(change.id, change.was)} →{' '}
                      {worded(change.id, change.is)}
                    </li>
                  ))}
                </ul>
              )}
              <button type="button" className={MEND} onClick={() => goBack(one)}>
                Go back to this
              </button>
            </div>
          </li>
        );
      })}
    </ul>
  );

  function goBack(one: Schemas['CutWas']) {
    // What bare numbers meant then.
    if (one.units !== draft.units) edit({ kind: 'units', units: one.units, spelled: {} });
    edit({ kind: 'fields', fields: backTo(one.fields, draft.fields) });
    onBack();
  }
}
