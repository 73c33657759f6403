import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, type Finding, given, type PlanAnswer, sentenceOf } from '../api/client';
import { store, stored, storeUndo } from '../cut/draft';
import { ComparedTable } from '../frame/ComparedTable';
import { Header } from '../frame/Header';
import { DO, QUIET, SHOP, VIEW } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { Plate } from '../plate/Plate';
import { type Difference, fieldsApart, figuresApart, findingsApart } from './differences';
import { dropSetUp, type KeptSetUp, keepSetUp, keptSetUp } from './kept';

function usePlanOf(setUp: KeptSetUp | undefined) {
  return useQuery({
    queryKey: ['beside', setUp],
    queryFn: () =>
      given(api.POST('/api/plan', { body: { fields: setUp?.fields ?? {}, units: setUp?.units ?? 'METRIC' } })),
    enabled: setUp !== undefined,
  });
}

/** Two set-ups of one cut, side by side: what was typed otherwise, what comes out otherwise, what is gained and lost. */
export function BesidePage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const now = stored(id);
  const [kept, setKept] = useState(() => keptSetUp(id));
  const left = usePlanOf(kept);
  const right = usePlanOf(now);
  useTitle(`${now?.name || 'Unnamed cut'}, beside`);
  const back = `/cut/${id}/cut`;
  if (!now || !kept) {
    return (
      <>
        <Header />
        <main className="px-5 py-12 text-[1.2rem]">
          <p>No set-up of this cut is kept to set another beside it. Press Compare at the cut first.</p>
          <Link to={back}>Back to the cut</Link>
        </main>
      </>
    );
  }
  const takeKept = () => {
    // The present one is one undo away.
    store({ ...now, fields: kept.fields, units: kept.units, changed: true });
    storeUndo({ now, before: [now], after: [], touched: '' });
    dropSetUp(id);
    void navigate(back);
  };
  const keepNow = () => {
    keepSetUp(id, now);
    setKept({ fields: now.fields, units: now.units });
  };
  const failed = left.error ?? right.error;
  const worked = left.data?.worked && right.data?.worked;
  return (
    <>
      <Header>
        <Link to={back} className={`${QUIET} flex items-center`}>
          Back to the cut
        </Link>
        <button type="button" className={QUIET} onClick={keepNow}>
          Keep the present one instead
        </button>
        <button type="button" className={DO} onClick={takeKept}>
          Take the kept one
        </button>
      </Header>
      <main className={`${SHOP} max-w-none!`}>
        <h1>Two set-ups of “{now.name || 'the new cut'}”</h1>
        {failed && <p role="alert">{sentenceOf(failed)}</p>}
        {left.data && right.data && !worked && (
          <p role="alert">One of them cannot be worked out yet: mend it at the cut.</p>
        )}
        {left.data && right.data && worked && <Both kept={left.data} now={right.data} />}
      </main>
    </>
  );
}

function Both({ kept, now }: { kept: PlanAnswer; now: PlanAnswer }) {
  const stations = now.page.stations.filter((one) => one.scenes.length > 0);
  const [at, setAt] = useState('');
  const scenes = stations.flatMap((one) => one.scenes);
  const scene = scenes.includes(at) ? at : scenes[0];
  const of = (answer: PlanAnswer) => answer.scenes.find((one) => one.id === scene);
  const titles = [...new Set(scenes)]
    .map((one) => now.scenes.find((drawn) => drawn.id === one))
    .filter((one) => one !== undefined);
  const [keptScene, nowScene] = [of(kept), of(now)];
  return (
    <>
      <section aria-label="Drawings">
        <div className="views flex flex-wrap" role="group" aria-label="Drawings">
          {titles.map((one) => (
            <button
              type="button"
              key={one.id}
              className={VIEW}
              aria-pressed={one.id === scene}
              onClick={() => setAt(one.id)}
            >
              {one.title}
            </button>
          ))}
        </div>
        <div className="grid grid-cols-1 gap-4 bench:grid-cols-2">
          <div>
            <h2>Kept</h2>
            {keptScene && <Plate scene={keptScene} still />}
          </div>
          <div>
            <h2>Now</h2>
            {nowScene && <Plate scene={nowScene} still />}
          </div>
        </div>
      </section>
      <section className="grid grid-cols-1 gap-x-8 gap-y-4 bench:grid-cols-2" aria-label="Differences">
        <Apart title="Typed or chosen otherwise" rows={fieldsApart(kept, now)} />
        <Apart title="Comes out otherwise" rows={figuresApart(kept, now)} />
        <Against title="Against the kept one only" findings={findingsApart(kept, now)} />
        <Against title="Against the present one only" findings={findingsApart(now, kept)} />
      </section>
    </>
  );
}

function Apart({ title, rows }: { title: string; rows: Difference[] }) {
  return (
    <div>
      <h2>{title}</h2>
      {rows.length === 0 ? (
        <p>Nothing: they are the same.</p>
      ) : (
        <ComparedTable heads={['Kept', 'Now']}>
          {rows.map((row) => (
            <tr key={row.id} data-apart={row.id}>
              <th scope="row">{row.label}</th>
              <td className="figures">{row.kept}</td>
              <td className="figures">{row.now}</td>
            </tr>
          ))}
        </ComparedTable>
      )}
    </div>
  );
}

function Against({ title, findings }: { title: string; findings: Finding[] }) {
  return (
    <div>
      <h2>{title}</h2>
      {findings.length === 0 ? (
        <p>Nothing.</p>
      ) : (
        <ul className="list-disc pl-5">
          {findings.map((finding) => (
            <li key={finding.id}>{finding.statement}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
