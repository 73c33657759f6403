import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import { api, type BarAnswer, given, type Texts } from '../api/client';
import { useAttempt } from '../api/useAttempt';
import { useCut, useEdit } from '../cut/CutContext';
import { AS_MADE, DO, FIELD, MEND, QUIET } from '../frame/looks';
import { COLUMNS, LINES, PushTable } from './PushTable';
import { TapTest } from './TapTest';
import { TestAnswer } from './TestAnswer';

/** The tool pushed at its point and tapped, with the shop's instruments or with stand-ins; what is measured is then used. */
export function ToolTests() {
  return <Tests tapped />;
}

/** The same of a tool that is only pushed, folded until it is wanted. */
export function PushTest() {
  return (
    <Collapsible.Root>
      <Collapsible.Trigger className={QUIET}>Push test at the edge</Collapsible.Trigger>
      <Collapsible.Content>
        <Tests tapped={false} />
      </Collapsible.Content>
    </Collapsible.Root>
  );
}

function Tests({ tapped }: { tapped: boolean }) {
  const { draft } = useCut();
  const edit = useEdit();
  const { fields, units, readings } = draft;
  const [pushed, setPushed] = useState<BarAnswer>();
  const { said, say, attempt } = useAttempt();
  const at = (line: number, column: string) => readings[`push.${line}.${column}`] ?? '';
  const question = { fields, units };
  const before = readings['push.before'] ?? '';

  const judge = () =>
    attempt(async () => {
      const lines = LINES.map((n) => ({ load: at(n, 'load'), up: at(n, 'up'), down: at(n, 'down') }));
      setPushed(await given(api.POST('/api/instrument/push/judge', { body: { ...question, lines, before } })));
    });
  const readStandIns = () =>
    attempt(async () => {
      const read = await given(api.POST('/api/instrument/push', { body: question }));
      read.lines.forEach((line, n) => {
        for (const column of COLUMNS) {
          edit({ kind: 'reading', id: `push.${n}.${column.id}`, text: line[column.id] });
        }
      });
      setPushed(
        await given(api.POST('/api/instrument/push/judge', { body: { ...question, lines: read.lines, before } })),
      );
      say(read.by);
    });
  const ring = (recording: string) =>
    given(api.POST('/api/instrument/ring/judge', { body: { ...question, recording } }));
  const tap = () => given(api.POST('/api/instrument/tap', { body: question }));
  const use = (take: Texts) => edit({ kind: 'fields', fields: take });

  return (
    <section
      className="bar-tests grid grid-cols-[1.2fr_1fr] gap-5.5 pt-2.5 max-bench:grid-cols-[minmax(0,1fr)]"
      aria-label="Tests of the tool"
    >
      <div>
        <h2>Push test</h2>
        <p className="text-ink-2">Hang a known pull on the point, read the indicator there; up in steps, and down.</p>
        <PushTable
          at={at}
          wrong={(line, column) => pushed?.errors[`${line}.${column}`]}
          onType={(line, column, text) => edit({ kind: 'reading', id: `push.${line}.${column}`, text })}
        />
        <div className="flex flex-wrap gap-1.5 pt-1 pb-1.25">
          <button type="button" className={DO} onClick={() => void judge()}>
            Work it out
          </button>
          <button type="button" className={MEND} onClick={() => void readStandIns()}>
            Read the stand-ins
          </button>
        </div>
        {pushed && <TestAnswer answer={pushed} onUse={use} />}
        {tapped && pushed?.worked && (
          <button
            type="button"
            className={MEND}
            onClick={() => edit({ kind: 'reading', id: 'push.before', text: Object.values(pushed.take)[0] ?? '' })}
          >
            Keep it as the test before
          </button>
        )}
        {tapped && before && (
          <label className={AS_MADE}>
            <span>The test before, such as with the rod slack</span>
            <input
              className={`${FIELD} figures`}
              value={before}
              aria-invalid={!!pushed?.errors.before}
              onChange={(event) => edit({ kind: 'reading', id: 'push.before', text: event.target.value })}
            />
            {pushed?.errors.before && <em role="alert">{pushed.errors.before}</em>}
          </label>
        )}
      </div>
      {tapped && (
        <TapTest
          how="Record the ring of a tap: a WAV, or a CSV of seconds and value."
          judge={ring}
          tap={tap}
          onUse={use}
        />
      )}
      {said && (
        <p role="status" className="col-span-full">
          {said}
        </p>
      )}
    </section>
  );
}
