import type { Schemas } from '../api/client';

/** How many tools have been tried, and a way to leave it. */
export function Progress({ tried, onStop }: { tried: Schemas['WhichProgress']; onStop: () => void }) {
  return (
    <div className="progress" role="status">
      <progress value={tried.tried} max={tried.of} aria-label="Tools tried" />
      <span className="figures">
        {tried.tried} of {tried.of} tried
      </span>
      <button type="button" className="quiet" onClick={onStop}>
        Stop
      </button>
    </div>
  );
}
