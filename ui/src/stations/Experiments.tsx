import { useExperiments } from '../api/records';
import { useCut } from '../cut/CutContext';
import { ComparedTable } from '../frame/ComparedTable';

/** Trials that followed each other with a change between them: what it should have done, and what it did. */
export function Experiments() {
  const pairs = useExperiments(useCut().draft.id);
  if (!pairs.data || pairs.data.length === 0) return null;
  return (
    <section aria-label="What changes did">
      <h2>What changes did</h2>
      <p>Predicted without what trials taught, so that none was told of itself.</p>
      {pairs.data.map(({ before, after, beforeDay, afterDay, experiment }) => (
        <div key={before + after} data-experiment={after} className="pt-2">
          <p>
            <time className="figures">{beforeDay}</time> to <time className="figures">{afterDay}</time>:{' '}
            {experiment.changed.map((one, i) => (
              <span key={one.label}>
                {i > 0 && ', '}
                <b>{one.label}</b> {one.from} → {one.to}
              </span>
            ))}
          </p>
          <ComparedTable heads={['Predicted', 'Measured']}>
            {experiment.rows.map((row) => (
              <tr key={row.what}>
                <th scope="row">{row.what}</th>
                <td className="figures">
                  {row.predictedBefore} → {row.predictedAfter}
                </td>
                <td className="figures">
                  {row.measuredBefore || '—'} → {row.measuredAfter || '—'}
                </td>
              </tr>
            ))}
          </ComparedTable>
        </div>
      ))}
    </section>
  );
}
