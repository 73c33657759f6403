import { Link } from 'react-router';
import { sentenceOf } from '../api/client';
import { useCuts } from '../api/records';
import { Header } from '../frame/Header';
import { useTitle } from '../frame/useTitle';
import { last, stored } from './draft';

/** The shop's cuts, the last saved first. */
export function CutList() {
  const cuts = useCuts();
  useTitle('Cuts');
  return (
    <>
      <Header />
      <main className="shop">
        <section aria-label="Cuts">
          <h1>Cuts</h1>
          {cuts.error && <p role="alert">{sentenceOf(cuts.error)}</p>}
          <ul className="cuts">
            <li>
              <Link to="/cut/new/cut">{stored('new')?.changed ? 'Go on with the new cut' : 'Start a new cut'}</Link>
            </li>
            {cuts.data?.map((cut) => (
              <li key={cut.id}>
                <Link to={`/cut/${cut.id}/cut`}>{cut.name}</Link>
                <span className="cut-says">{cut.says}</span>
                {cut.savedBy && <span className="quiet-words">{cut.savedBy}</span>}
                {stored(cut.id)?.changed && <em>not saved yet</em>}
              </li>
            ))}
          </ul>
        </section>
      </main>
    </>
  );
}

/** The way in: the cut last worked on, else the first kept, else a new one. */
export function WayIn({ to }: { to: (path: string) => React.ReactNode }) {
  const cuts = useCuts();
  const at = last();
  if (at && stored(at)?.changed) return to(`/cut/${at}/cut`);
  if (cuts.error) return to(at ? `/cut/${at}/cut` : '/cut/new/cut');
  if (!cuts.data) return null;
  if (at && cuts.data.some((cut) => cut.id === at)) return to(`/cut/${at}/cut`);
  const first = cuts.data[0];
  return to(first ? `/cut/${first.id}/cut` : '/cut/new/cut');
}
