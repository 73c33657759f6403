import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { MEND } from '../frame/looks';
import { notice } from '../frame/notices';
import { readAt } from './kept';
import { dropWaiting, outbox, readOutbox, sendWaiting } from './outbox';

/** So often it is tried again while something waits, or what is shown is of before. */
const AGAIN_MS = 5000;

/** "10:42", or with its day where that is not today. */
function asTime(at: Date): string {
  const time = at.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
  return at.toDateString() === new Date().toDateString() ? time : `${at.toLocaleDateString()} ${time}`;
}

/** What one should know while the program does not answer: of when all this is, and what waits to be sent. */
export function OfflineNote() {
  const since = useSyncExternalStore(readAt.subscribe, () => readAt.now);
  const waiting = useSyncExternalStore(outbox.subscribe, () => outbox.now);
  const queries = useQueryClient();
  const isAway = since !== undefined;
  const open = waiting.filter((one) => one.refused === undefined);
  const waits = open.length > 0;
  useEffect(() => {
    readOutbox();
    window.addEventListener('storage', readOutbox);
    return () => window.removeEventListener('storage', readOutbox);
  }, []);
  useEffect(() => {
    if (!isAway && !waits) return;
    const again = async () => {
      const sent = await sendWaiting();
      if (sent.length > 0) notice(`Sent: ${sent.map((one) => one.what).join(', ')}.`);
      if (isAway || sent.length > 0) await queries.invalidateQueries();
    };
    const timer = setInterval(() => void again().catch(() => undefined), AGAIN_MS);
    const now = () => void again().catch(() => undefined);
    window.addEventListener('online', now);
    if (waits && !isAway) now();
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', now);
    };
  }, [isAway, waits, queries]);
  if (!isAway && waiting.length === 0) return null;
  return (
    <div className="bg-paper-2 px-5 py-1.75 print:hidden" role="status" data-offline>
      {isAway && <p>The program does not answer: what you see is as it was read at {asTime(since)}.</p>}
      {waits && (
        <p>
          Waiting on this device to be sent: {open.map((one) => one.what).join(', ')}. It goes by itself once the
          program answers.
        </p>
      )}
      {waiting
        .filter((one) => one.refused)
        .map((one) => (
          <p key={one.body.id}>
            {one.what} was not taken: {one.refused}{' '}
            {one.kind === 'trial' && one.body.cutId && (
              <Link className={MEND} to={`/cut/${one.body.cutId}/prove`}>
                Look at its readings
              </Link>
            )}{' '}
            <button type="button" className={MEND} onClick={() => dropWaiting(one.body.id)}>
              Throw it away
            </button>
          </p>
        ))}
    </div>
  );
}
