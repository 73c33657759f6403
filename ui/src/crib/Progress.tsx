import type { Schemas } from '../api/client';
import { QUIET } from '../frame/looks';

/** How many tools have been tried, and a way to leave it. */
export function Progress({ tried, onStop }: { tried: Schemas['WhichProgress']; onStop: () => void }) {
  return (
    <div className="flex items-center gap-3 [&_progress]:flex-1 [&_progress]:accent-accent" role="status">
      <progress value={tried.tried} max={tried.of} aria-label="Tools tried" />
      <span className="figures">
        {tried.tried} of {tried.of} tried
      </span>
      <button type="button" className={QUIET} onClick={onStop}>
        Stop
      </button>
    </div>
  );
}
