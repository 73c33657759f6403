import { Dialog } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import { useCut } from '../cut/CutContext';
import { DIALOG, DO, OVERLAY, QUIET } from '../frame/looks';

/** Drawing in three dimensions is loaded when it is asked for. */
const SolidView = lazy(() => import('./SolidView'));

/** A button that opens what is made in three dimensions, over the plate. */
export function SolidDialog() {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <button type="button" className={QUIET}>
          Turn it in the hand
        </button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className={OVERLAY} />
        <Dialog.Content className={`${DIALOG} w-[min(1000px,94vw)]!`} aria-describedby={undefined}>
          <Dialog.Title>As it comes out, in three dimensions</Dialog.Title>
          <Suspense fallback={<p role="status">Taking it up.</p>}>
            <AsTyped />
          </Suspense>
          <Dialog.Close className={DO}>Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function AsTyped() {
  const { fields, units } = useCut().draft;
  return <SolidView fields={fields} units={units} />;
}
