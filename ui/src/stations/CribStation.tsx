import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { api, download, given, Refused, type Schemas, sentenceOf, type Texts, type ToolRecord } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { useTools } from '../api/records';
import { Progress } from '../crib/Progress';
import { useWhich } from '../crib/useWhich';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { EarlierVersions } from '../cut/EarlierVersions';
import { takenOf, takenWords } from '../cut/families';
import { ValueInput } from '../cut/ValueInput';
import { DO, FIELD, KEEP, MEND, QUIET, STATION, TOOL_HEAD } from '../frame/looks';
import { Standing } from '../ledger/Standing';
import { ForKeepers } from '../people/ForKeepers';
import { Plate } from '../plate/Plate';

/** Keep the bit, find one by words, or ask which of them will do this cut. */
export function CribStation() {
  const { draft, families } = useCut();
  const { answer, stale, page } = useAnswer();
  const edit = useEdit();
  const [said, setSaid] = useState('');
  const [words, setWords] = useState('');
  const findInput = useRef<HTMLInputElement>(null);
  const wantsToFind = (useLocation().state as { find?: boolean } | null)?.find === true;
  useEffect(() => {
    if (wantsToFind) findInput.current?.focus();
  }, [wantsToFind]);
  const [asking, setAsking] = useState(false);
  const tools = useTools(words);
  const { which, tried } = useWhich(draft, asking);
  const found = tools.data?.pages.flatMap((page) => page.tools) ?? [];
  const first = tools.data?.pages[0];
  const scene = answer?.scenes.find((one) => one.id === page?.crib);
  const family = families.find((one) => one.id === page?.family);
  const take = (tool: ToolRecord, setting: Texts = {}) => {
    const taken = takenOf(family, draft.fields, { ...tool.fields, ...setting });
    edit({ kind: 'fields', fields: taken });
    setSaid(takenWords(family, taken));
  };
  return (
    <div className={STATION}>
      <div className="plate-side-form flex min-w-0 flex-col gap-3 max-hand:overflow-x-auto">
        <ForKeepers>
          <KeepTool />
        </ForKeepers>
        {scene && <Plate scene={scene} dimmed={stale} still />}
        <p>
          <EarlierVersions />
        </p>
      </div>
      <aside className="ledger block min-w-0" aria-label="Crib">
        <Standing />
        <div className="find mb-2.5 flex flex-wrap gap-2.5">
          <input
            className={`${FIELD} flex-[1_1_180px]`}
            type="search"
            data-find
            ref={findInput}
            aria-label="Find a tool by words"
            placeholder="Find by words: brass, A1, finisher"
            value={words}
            onChange={(event) => {
              setWords(event.target.value);
              setAsking(false);
            }}
          />
          <button type="button" className={DO} aria-pressed={asking} onClick={() => setAsking(!asking)}>
            Which will do this cut?
          </button>
        </div>
        {said && (
          <p role="status" className="my-1.5 text-small">
            {said}
          </p>
        )}
        {asking ? (
          <ul className="tools" aria-busy={which.isFetching}>
            {which.error && <li role="alert">{sentenceOf(which.error)}</li>}
            {which.isFetching && tried && (
              <li>
                <Progress tried={tried} onStop={() => setAsking(false)} />
              </li>
            )}
            {which.data?.map(({ tool, match }) => (
              <li key={tool.id} className="tool-row border-t border-line py-1.5" data-tool={tool.name}>
                <div className={TOOL_HEAD}>
                  <Link to={`/tools/${tool.id}`}>{tool.name}</Link>
                  <span className="whitespace-nowrap rounded-xs border-[1.5px] border-current px-1.75 text-fine">
                    {match.verdict === 'FINE' ? 'will do' : match.verdict === 'WRONG' ? 'will not do' : 'with care'}
                  </span>
                  <button type="button" className={MEND} onClick={() => take(tool, match.take)}>
                    Take it
                  </button>
                </div>
                {match.reasons.slice(0, 3).map((reason) => (
                  <p key={reason}>{reason}</p>
                ))}
                {match.reasons.length > 3 && <p className="text-ink-2">and {match.reasons.length - 3} more</p>}
              </li>
            ))}
          </ul>
        ) : (
          <ul className="tools">
            {tools.error && <li role="alert">{sentenceOf(tools.error)}</li>}
            {first && found.length === 0 && (
              <li>
                {words
                  ? 'No tool’s card has all these words. Try fewer.'
                  : 'The crib is empty. Keep the bit on the left and it will be here tomorrow.'}
              </li>
            )}
            {found.map((tool) => (
              <li key={tool.id} className="tool-row border-t border-line py-1.5" data-tool={tool.name}>
                <div className={TOOL_HEAD}>
                  <Link to={`/tools/${tool.id}`}>{tool.name}</Link>
                  <span className="figures">{tool.drawer}</span>
                  {family?.kinds.some((kind) => kind.id === tool.kind) && (
                    <button type="button" className={MEND} onClick={() => take(tool)}>
                      Take it
                    </button>
                  )}
                </div>
                {tool.note && <p>{tool.note}</p>}
              </li>
            ))}
            {tools.hasNextPage && (
              <li>
                <button type="button" className={DO} onClick={() => void tools.fetchNextPage()}>
                  More: {found.length} of {first?.countIsAtLeast ? `${first.count} or more` : first?.count} shown
                </button>
              </li>
            )}
          </ul>
        )}
        <button type="button" className={QUIET} onClick={() => void download('/api/exchange/crib.csv', 'crib.csv')}>
          The crib as a table (CSV)
        </button>
      </aside>
    </div>
  );
}

function KeepTool() {
  const { units, card } = useCut().draft;
  const { page, stale } = useAnswer();
  const edit = useEdit();
  const write = (id: string, text: string) => edit({ kind: 'card', id, text });
  const { name = '', drawer = '', note = '' } = card;
  const queries = useQueryClient();
  const newTool = useNewRecord();
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState<Texts>({});
  const [tool, ...others] = page?.kept ?? [];
  const keep = async ({ kind, fields }: Schemas['Kept']) => {
    try {
      const kept = await given(
        api.POST('/api/crib/tools', { body: newTool({ version: 0, name, drawer, note, kind, units, fields }) }),
      );
      setSaid(`“${kept.name}” is in the crib.`);
      setWrong({});
      write('name', '');
      write('note', '');
      void readAgain(queries, { queryKey: ['tools'] });
    } catch (error) {
      setSaid(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
    }
  };
  return (
    <form
      className={`${KEEP} keep-tool items-end! [&_label]:flex [&_label]:flex-col [&_label]:text-small [&_label]:text-ink-2`}
      aria-label="Keep this tool"
      onSubmit={(event) => {
        event.preventDefault();
        if (tool) void keep(tool);
      }}
    >
      <label>
        Keep this tool as
        <input
          className={FIELD}
          value={name}
          aria-invalid={!!wrong.name}
          placeholder="what you would call it"
          onChange={(event) => write('name', event.target.value)}
        />
      </label>
      <label>
        in
        <input
          className={FIELD}
          value={drawer}
          placeholder="drawer or tray"
          onChange={(event) => write('drawer', event.target.value)}
        />
      </label>
      <label className="min-w-40 flex-1 [&_input]:w-full">
        Note
        <input className={FIELD} value={note} onChange={(event) => write('note', event.target.value)} />
      </label>
      <button type="submit" className={DO} disabled={stale || !tool}>
        {tool?.button ?? 'Keep it'}
      </button>
      {others.map((other) => (
        <button key={other.kind} type="button" className={DO} disabled={stale} onClick={() => void keep(other)}>
          {other.button}
        </button>
      ))}
      {page?.keptWith.map((field) => (
        <ValueInput key={field} field={field} caption place="sentence" />
      ))}
      {said && <p role="status">{said}</p>}
    </form>
  );
}
