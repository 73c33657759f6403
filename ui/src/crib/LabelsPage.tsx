import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, given, sentenceOf } from '../api/client';
import { useFamilies, useMe, useTools } from '../api/records';
import { Header } from '../frame/Header';
import { DO, QUIET, SHOP } from '../frame/looks';
import { useTitle } from '../frame/useTitle';

/** Labels for drawers: name, kind, place, and a code that opens the tool's card; of one tool, or of those that were found in the crib. */
export function LabelsPage() {
  useTitle('Labels');
  const [asked] = useSearchParams();
  const me = useMe();
  const one = asked.get('tool');
  const alone = useQuery({
    queryKey: ['tool', one],
    queryFn: () => given(api.GET('/api/crib/tools/{id}', { params: { path: { id: one ?? '' } } })),
    enabled: one !== null,
  });
  const found = useTools(asked.get('words') ?? '', { kind: asked.get('kind') ?? '' });
  const tools = one === null ? (found.data?.pages ?? []).flatMap((page) => page.tools) : alone.data ? [alone.data] : [];
  const error = one === null ? found.error : alone.error;
  const families = useFamilies().data ?? [];
  const words = (kind: string) => families.flatMap((f) => f.kinds).find((k) => k.id === kind)?.words ?? kind;
  return (
    <>
      <Header>
        <button type="button" className={QUIET} onClick={() => window.print()}>
          Print
        </button>
      </Header>
      <main className={`${SHOP} max-w-none!`}>
        <section aria-label="Labels">
          <h1 className="print:hidden">Labels</h1>
          <p className="pb-3 text-ink-2 print:hidden">
            {me.data?.address
              ? `The codes lead to ${me.data.address}, where the shop’s other machines reach it.`
              : `The codes lead to ${window.location.origin}, where this page was opened: to read them with another device open it by the name that the device knows.`}
          </p>
          {error && <p role="alert">{sentenceOf(error)}</p>}
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(6.4cm,1fr))] gap-[3mm]" aria-label="Labels of tools">
            {tools.map((tool) => (
              <li
                key={tool.id}
                className="grid break-inside-avoid grid-cols-[2.6cm_1fr] items-center gap-[2mm] border border-line p-[2mm]"
              >
                <img src={`/api/crib/tools/${tool.id}/code.svg`} alt={`Code of ${tool.name}`} className="w-full" />
                <div>
                  <p className="font-semibold leading-tight">{tool.name}</p>
                  <p className="text-ink-2">{words(tool.kind)}</p>
                  {tool.drawer && <p className="figures text-xl">{tool.drawer}</p>}
                </div>
              </li>
            ))}
          </ul>
          {one === null && found.hasNextPage && (
            <button type="button" className={`${DO} mt-4`} onClick={() => void found.fetchNextPage()}>
              More labels
            </button>
          )}
        </section>
      </main>
    </>
  );
}
