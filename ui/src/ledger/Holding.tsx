import { Collapsible } from 'radix-ui';
import type { Finding } from '../api/client';
import { FindingRow } from './FindingRow';
import { fold, useFolded } from './folded';

const COUNTS = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** What holds, folded to one line: it decides nothing, and is there when it is asked for. */
export function Holding({ findings }: { findings: Finding[] }) {
  const open = !useFolded();
  if (findings.length === 0) return null;
  const count = COUNTS[findings.length] ?? String(findings.length);
  return (
    <Collapsible.Root open={open} onOpenChange={(now) => fold(!now)}>
      <Collapsible.Trigger className="holding grid min-h-[42px] w-full grid-cols-[1fr_22px] items-center border-t border-line pl-[100px] text-left text-ink-2 max-hand:pl-0">
        <span>
          {count.charAt(0).toUpperCase() + count.slice(1)} {findings.length === 1 ? 'thing holds' : 'things hold'}
        </span>
        <span className="text-center font-numbers text-[1.2rem] text-ink-2" aria-hidden="true">
          {open ? '–' : '+'}
        </span>
      </Collapsible.Trigger>
      <Collapsible.Content>
        <ul className="findings">
          {findings.map((finding) => (
            <FindingRow key={finding.id} finding={finding} />
          ))}
        </ul>
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
