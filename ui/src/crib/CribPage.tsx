import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { download, sentenceOf, type ToolRecord } from '../api/client';
import { useFamilies, useTools } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { last, stored } from '../cut/draft';
import { Header } from '../frame/Header';
import { DO, FIELD, QUIET, SHOP } from '../frame/looks';
import { savedBy } from '../frame/SavedBy';
import { useTitle } from '../frame/useTitle';
import { Progress } from './Progress';
import { ToolPicture } from './ToolPicture';
import { useWhich } from './useWhich';

type Sort = 'NAME' | 'SAVED';
const SORTS = [
  { id: 'NAME', words: 'by name', more: '' },
  { id: 'SAVED', words: 'saved last first', more: '' },
];

const VERDICTS = { FINE: 'will do', WRONG: 'will not do', DOUBTFUL: 'with care', TOLD: 'will do' } as const;

/** Every tool of the shop with its drawing; by words, by kind; which of them will do the cut that is open. */
export function CribPage() {
  useTitle('Crib');
  const [words, setWords] = useState('');
  const [kind, setKind] = useState('');
  const [sort, setSort] = useState<Sort>('NAME');
  const [asking, setAsking] = useState(false);
  const tools = useTools(words, { kind, sort });
  const kinds = (useFamilies().data ?? []).flatMap((family) =>
    family.kinds.map((one) => ({ id: one.id, words: one.words, more: '' })),
  );
  // Read once: the same cut stays the same question.
  const [cut] = useState(() => stored(last() ?? ''));
  const { which, tried } = useWhich(cut, asking);
  const pages = tools.data?.pages ?? [];
  const found = pages.flatMap((page) => page.tools);
  const first = pages[0];
  const used = Object.assign({}, ...pages.map((page) => page.lastUsed)) as Record<string, string>;
  const ground = Object.assign({}, ...pages.map((page) => page.timesGround)) as Record<string, number>;
  return (
    <>
      <Header>
        <Link className={QUIET} to={`/crib/labels?${new URLSearchParams({ words, kind }).toString()}`}>
          Labels
        </Link>
        <Link className={QUIET} to="/crib/drawers">
          Drawers
        </Link>
        <button type="button" className={QUIET} onClick={() => void download('/api/exchange/crib.csv', 'crib.csv')}>
          The crib as a table (CSV)
        </button>
      </Header>
      <main className={`${SHOP} max-w-none!`}>
        <section aria-label="Crib">
          <h1>Crib</h1>
          <div className="flex flex-wrap items-center gap-x-5 gap-y-1 pb-4">
            <input
              type="search"
              className={`${FIELD} min-w-60 max-w-xl flex-1`}
              data-find
              aria-label="Find a tool by words"
              placeholder="Find by words: brass, A1, finisher"
              value={words}
              onChange={(event) => {
                setWords(event.target.value);
                setAsking(false);
              }}
            />
            <PickList
              label="Kind"
              value={kind || 'all'}
              text={kinds.find((one) => one.id === kind)?.words ?? 'all kinds'}
              choices={[{ id: 'all', words: 'all kinds', more: '' }, ...kinds]}
              onPick={(id) => setKind(id === 'all' ? '' : id)}
            />
            <PickList
              label="Order"
              value={sort}
              text={SORTS.find((one) => one.id === sort)?.words ?? ''}
              choices={SORTS}
              onPick={(id) => setSort(id as Sort)}
            />
            {cut && (
              <button type="button" className={DO} aria-pressed={asking} onClick={() => setAsking(!asking)}>
                Which will do “{cut.name || 'the open cut'}”?
              </button>
            )}
          </div>
          {tools.error && <p role="alert">{sentenceOf(tools.error)}</p>}
          {asking && which.error && <p role="alert">{sentenceOf(which.error)}</p>}
          {asking && which.isFetching && tried && <Progress tried={tried} onStop={() => setAsking(false)} />}
          {asking ? (
            <Cards
              rows={(which.data ?? []).map(({ tool, match }) => ({
                tool,
                more: `${VERDICTS[match.verdict]}. ${match.reasons[0] ?? ''}`,
              }))}
            />
          ) : (
            <Cards
              rows={found.map((tool) => ({
                tool,
                more: logged(ground[tool.id] ?? 0, used[tool.id]),
              }))}
            />
          )}
          {!asking && first && found.length === 0 && (
            <p>
              {words || kind
                ? 'No tool has all of this. Try fewer words.'
                : 'The crib is empty. Tools are kept at the station Crib of a cut.'}
            </p>
          )}
          {!asking && tools.hasNextPage && (
            <button type="button" className={`${DO} mt-4`} onClick={() => void tools.fetchNextPage()}>
              More: {found.length} of {first?.countIsAtLeast ? `${first.count} or more` : first?.count} shown
            </button>
          )}
        </section>
      </main>
    </>
  );
}

/** What its log comes to, in a line. */
const logged = (times: number, last: string | undefined) => (
  <>
    {times > 1 ? `ground ${times} times, ` : times === 1 ? 'ground once, ' : ''}
    <span className="whitespace-nowrap">{last ? `last used ${last}` : 'not used yet'}</span>
  </>
);

function Cards({ rows }: { rows: { tool: ToolRecord; more: ReactNode }[] }) {
  const families = useFamilies().data ?? [];
  const words = (kind: string) => families.flatMap((one) => one.kinds).find((one) => one.id === kind)?.words ?? kind;
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-4" aria-label="Tools">
      {rows.map(({ tool, more }) => (
        <li key={tool.id} data-tool={tool.name} className="flex flex-col border-t border-line pt-2">
          <ToolPicture tool={tool} />
          <Link to={`/tools/${tool.id}`} className="flex min-h-touch items-center text-lg font-semibold">
            {tool.name}
          </Link>
          <span className="text-ink-2">
            {words(tool.kind)}
            {tool.drawer && ` · ${tool.drawer}`} · {more}
            {savedBy(tool) && ` · ${savedBy(tool)}`}
          </span>
        </li>
      ))}
    </ul>
  );
}
