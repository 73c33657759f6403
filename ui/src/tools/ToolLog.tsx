import { Link } from 'react-router';
import type { Photo, Texts } from '../api/client';
import { useGrinds, useTrials } from '../api/records';
import { LOG } from '../frame/looks';
import { SavedBy } from '../frame/SavedBy';
import { Photos } from '../photos/Photos';
import { SetAside } from '../stations/SetAside';

/** What happened to a tool: when it was ground and tried, what was measured, and what it looked like. */
export function ToolLog({ tool, labels, photos }: { tool: string; labels: Texts; photos: Photo[] }) {
  const grinds = useGrinds(tool);
  const trials = useTrials('tool', tool);
  return (
    <>
      <h2>Log</h2>
      <ul className={LOG}>
        {(grinds.data ?? []).map((grind) => (
          <li key={grind.id}>
            <time className="figures">{grind.onDay}</time>
            <span>
              Ground{Object.keys(grind.measured).length > 0 ? ': ' : '.'}
              {Object.entries(grind.measured)
                .map(([field, text]) => `${labels[field] ?? field} ${text}`)
                .join(', ')}
              {grind.note && <em> {grind.note}</em>}
              <SavedBy record={grind} />
              <Photos
                shown={{ grindId: grind.id }}
                photos={photos.filter((photo) => photo.grindId === grind.id)}
                words={`the grind of ${grind.onDay}`}
              />
            </span>
          </li>
        ))}
        {(trials.data ?? []).map((trial) => (
          <li key={trial.id}>
            <time className="figures">{trial.onDay}</time>
            <span>
              Trial: {trial.verdict}
              {trial.note && <em> {trial.note}</em>}
              <SavedBy record={trial} />
              <SetAside trial={trial} />
              {trial.cutId && (
                <>
                  {' '}
                  <Link to={`/cut/${trial.cutId}/prove`}>the cut</Link>
                </>
              )}
              <Photos
                shown={{ trialId: trial.id }}
                photos={photos.filter((photo) => photo.trialId === trial.id)}
                words={`the trial of ${trial.onDay}`}
              />
            </span>
          </li>
        ))}
      </ul>
      {grinds.data?.length === 0 && trials.data?.length === 0 && (
        <p>Nothing yet. Grinds are written here from Make, trials from Prove.</p>
      )}
    </>
  );
}
