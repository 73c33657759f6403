import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { useDevices } from '../api/records';
import { QUIET } from '../frame/looks';

const day = (at: string) =>
  new Date(at).toLocaleDateString(undefined, { day: 'numeric', month: 'long', year: 'numeric' });

/** One's own devices, each ended by itself: the tablet that was left on the bus. */
export function Devices() {
  const devices = useDevices();
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const end = async (id: string, words: string) => {
    try {
      await given(api.DELETE('/api/people/devices/{id}', { params: { path: { id } } }));
      setSaid(`${words} is signed out and no longer known here.`);
    } catch (error) {
      setSaid(sentenceOf(error));
    }
    await readAgain(queries, { queryKey: ['devices'] });
  };
  return (
    <section aria-label="Your devices">
      <h2>Your devices</h2>
      {devices.error && <p role="alert">{sentenceOf(devices.error)}</p>}
      <ul className="[&>li]:grid [&>li]:min-h-12 [&>li]:grid-cols-[minmax(0,1fr)_auto] [&>li]:items-center [&>li]:gap-x-4 [&>li]:border-b [&>li]:border-line [&_small]:block [&_small]:text-fine [&_small]:text-ink-2">
        {devices.data?.map(({ id, words, paired, since, lastSeen, signedIn, here }) => (
          <li key={id}>
            <span>
              {words}
              {here && ' (this one)'}
              <small>
                {paired ? 'paired' : 'signed in first'} {day(since)}, last {day(lastSeen)}
                {signedIn ? '' : '; signed out'}
              </small>
            </span>
            {here ? (
              <span />
            ) : (
              <button
                type="button"
                className={QUIET}
                aria-label={`End ${words}, last seen ${day(lastSeen)}`}
                onClick={() => void end(id, words)}
              >
                End
              </button>
            )}
          </li>
        ))}
      </ul>
      {said && <p role="status">{said}</p>}
    </section>
  );
}
