import { useTrials } from '../api/records';
import { useCut } from '../cut/CutContext';
import { LOG } from '../frame/looks';
import { SavedBy } from '../frame/SavedBy';
import { Photos } from '../photos/Photos';
import { usePhotos } from '../photos/usePhotos';
import { SetAside } from './SetAside';

/** The trials of this cut that were kept, with their photos. */
export function PastTrials() {
  const { draft } = useCut();
  const trials = useTrials('cut', draft.id);
  const photos = usePhotos({ cut: draft.id });
  if (!trials.data || trials.data.length === 0) return null;
  return (
    <section aria-label="Trials so far">
      <h2>Trials of this cut</h2>
      <ul className={LOG}>
        {trials.data.map((trial) => (
          <li key={trial.id}>
            <time className="figures">{trial.onDay}</time>
            <span>
              {trial.verdict}
              {trial.note && <em> {trial.note}</em>}
              <SavedBy record={trial} />
              <SetAside trial={trial} />
              <Photos
                shown={{ trialId: trial.id }}
                photos={(photos.data ?? []).filter((photo) => photo.trialId === trial.id)}
                words={`the trial of ${trial.onDay}`}
              />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
