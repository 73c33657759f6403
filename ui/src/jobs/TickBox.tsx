import { useState } from 'react';

interface Props {
  label: string;
  checked: boolean;
  disabled?: boolean;
  /** Says it to the program; what the box shows meanwhile is what was asked for. */
  tick: (done: boolean) => Promise<void>;
  onFocus?: () => void;
}

/** A box that is ticked off at once; it goes back where the program could not keep it. */
export function TickBox({ label, checked, disabled = false, tick, onFocus }: Props) {
  const [asked, setAsked] = useState<boolean>();
  const shown = asked ?? checked;
  return (
    <input
      type="checkbox"
      className="tick -m-[7px] size-touch flex-none self-center p-[7px] accent-accent"
      aria-label={label}
      checked={shown}
      disabled={disabled}
      onFocus={onFocus}
      onChange={() => {
        if (asked !== undefined) return;
        setAsked(!shown);
        void tick(!shown).finally(() => setAsked(undefined));
      }}
    />
  );
}
