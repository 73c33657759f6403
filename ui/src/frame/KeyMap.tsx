import { Dialog } from 'radix-ui';
import { memo } from 'react';
import { Link } from 'react-router';
import { startFirstRun } from './firstRun';
import { DIALOG, DO, OVERLAY } from './looks';

const KEYS: [string, string][] = [
  ['1 … 6', 'Cut, Edge, Reach, Make, Prove, Crib (Alt with the number while typing)'],
  ['U', 'Flip between millimetres and inches (Alt U while typing)'],
  ['Tab, Shift Tab', 'Next value, value before'],
  ['Enter', 'Done with a value'],
  ['Esc', 'Give a value back as it was'],
  ['Ctrl Z, Ctrl Shift Z', 'Undo, redo'],
  ['Ctrl S', 'Save the cut'],
  ['Ctrl K', 'Go to a cut, tool, job, machine, word, value or finding; do what a button does; type a new cut'],
  ['/', 'Find a tool in the crib'],
  ['P', 'Print the card of this station'],
  ['D', 'Light shop, dim shop'],
  ['?', 'This list'],
];

export const KeyMap = memo(function KeyMap({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className={OVERLAY} />
        <Dialog.Content className={DIALOG} aria-describedby={undefined}>
          <Dialog.Title>Keys</Dialog.Title>
          <dl className="[&>div]:grid [&>div]:grid-cols-[12rem_1fr] [&>div]:gap-3 [&>div]:border-t [&>div]:border-line [&>div]:py-1.25 max-bench:[&>div]:grid-cols-[minmax(0,1fr)]">
            {KEYS.map(([key, does]) => (
              <div key={key}>
                <dt>
                  <kbd>{key}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <p>
            Anything may be typed as it is said in the shop: 5/8, 1-3/8, .387, 4 thou, #31, letter F, 9.5mm, 11°30', 90
            sfm.
          </p>
          <p>
            <Dialog.Close asChild>
              <Link to="/cut/new/cut" className="inline-flex min-h-touch items-center" onClick={startFirstRun}>
                Walk through a first job
              </Link>
            </Dialog.Close>
            : five steps, to be left whenever you like.
          </p>
          <p>
            <Dialog.Close asChild>
              <Link to="/words" className="inline-flex min-h-touch items-center">
                Words of the trade
              </Link>
            </Dialog.Close>
            : what they mean, with small drawings.
          </p>
          <Dialog.Close className={DO}>Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
});
