import { AlertDialog } from 'radix-ui';
import type { ReactElement } from 'react';
import { DIALOG, DO, OVERLAY, QUIET } from '../frame/looks';

interface Props {
  /** What is asked before it is done, and what it will do. */
  question: string;
  consequence: string;
  act: string;
  open?: boolean;
  onOpen?: (open: boolean) => void;
  onYes: () => void;
  children?: ReactElement;
}

/** Asks before something is done that somebody else will feel. */
export function Asked({ question, consequence, act, open, onOpen, onYes, children }: Props) {
  return (
    <AlertDialog.Root open={open} onOpenChange={onOpen}>
      {children && <AlertDialog.Trigger asChild>{children}</AlertDialog.Trigger>}
      <AlertDialog.Portal>
        <AlertDialog.Overlay className={OVERLAY} />
        <AlertDialog.Content className={DIALOG}>
          <AlertDialog.Title>{question}</AlertDialog.Title>
          <AlertDialog.Description>{consequence}</AlertDialog.Description>
          <div className="mt-3 flex flex-wrap items-center gap-4 [&_.do]:mt-0">
            <AlertDialog.Action className={DO} onClick={onYes}>
              {act}
            </AlertDialog.Action>
            <AlertDialog.Cancel className={QUIET}>Leave it as it is</AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
