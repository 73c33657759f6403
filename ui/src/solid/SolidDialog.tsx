import { Dialog } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import type { Texts, Units } from '../api/client';
import { DO, QUIET } from '../frame/looks';

/** Drawing in three dimensions is loaded when it is asked for. */
const SolidView = lazy(() => import('./SolidView'));

/** A button that opens what is made in three dimensions, over the plate. */
export function SolidDialog({ fields, units }: { fields: Texts; units: Units }) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <button type="button" className={QUIET}>
          Turn it in the hand
        </button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[#0008]" />
        <Dialog.Content
          className="fixed top-[8vh] left-1/2 z-41 max-h-[84vh] w-[min(680px,92vw)] -translate-x-1/2 overflow-auto rounded-sm bg-paper px-6.5 py-5 [&_.do]:mt-3 [&_h2]:text-[1.4rem] [&_h2]:font-[650] w-[min(1000px,94vw)]!"
          aria-describedby={undefined}
        >
          <Dialog.Title>As it comes out, in three dimensions</Dialog.Title>
          <Suspense fallback={<p role="status">Taking it up.</p>}>
            <SolidView fields={fields} units={units} />
          </Suspense>
          <Dialog.Close className={DO}>Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
