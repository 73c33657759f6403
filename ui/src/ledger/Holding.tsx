import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import type { Finding } from '../api/client';
import { FindingRow } from './FindingRow';

const COUNTS = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** Whether the reader has opened it: it stays so from station to station. */
let wasOpen = false;

/** What holds, folded to one line: it decides nothing, and is there when it is asked for. */
export function Holding({ findings }: { findings: Finding[] }) {
  const [open, setOpen] = useState(wasOpen);
  if (findings.length === 0) return null;
  const count = COUNTS[findings.length] ?? String(findings.length);
  return (
    <Collapsible.Root
      open={open}
      onOpenChange={(now) => {
        wasOpen = now;
        setOpen(now);
      }}
    >
      <Collapsible.Trigger className="holding">
        <span>
          {count.charAt(0).toUpperCase() + count.slice(1)} {findings.length === 1 ? 'thing holds' : 'things hold'}
        </span>
        <span className="finding-more" aria-hidden="true">
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
