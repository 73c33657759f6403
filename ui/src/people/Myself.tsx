import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, type Me, type Pairing, Refused, sentenceOf, type Texts } from '../api/client';
import { readAgain } from '../api/readAgain';
import { DO, MACHINE, MEND } from '../frame/looks';
import { Devices } from './Devices';
import { Entry } from './Entry';
import { ROLES } from './roles';
import { SecondFactor } from './SecondFactor';

/** Who has signed in: out again here or everywhere, a tablet let in, a new passphrase, a second factor. */
export function Myself({ me }: { me: Me }) {
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const [pairing, setPairing] = useState<Pairing>();
  const act = async (what: () => Promise<unknown>) => {
    try {
      setSaid('');
      await what();
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  const leave = (path: '/api/people/sign-out' | '/api/people/sign-out-everywhere') =>
    act(async () => {
      await given(api.POST(path));
      await readAgain(queries, { queryKey: ['me'] });
    });
  return (
    <section aria-label="You">
      <h1>{me.name}</h1>
      <p>{ROLES[me.role]}</p>
      <div className="flex flex-wrap items-center gap-4 py-1.5">
        <button type="button" className={DO} onClick={() => void leave('/api/people/sign-out')}>
          Sign out
        </button>
        <button type="button" className={MEND} onClick={() => void leave('/api/people/sign-out-everywhere')}>
          Sign out everywhere
        </button>
        <button
          type="button"
          className={MEND}
          onClick={() => void act(async () => setPairing(await given(api.POST('/api/people/pairings'))))}
        >
          Pair a tablet
        </button>
      </div>
      {said && <p role="alert">{said}</p>}
      {pairing && (
        <div className="pairing my-4 flex flex-wrap gap-5 [&>div]:grid [&>div]:min-w-64 [&>div]:flex-1 [&>div]:content-start [&>div]:gap-2.5">
          <img
            src={`data:image/svg+xml,${encodeURIComponent(pairing.code)}`}
            alt="Code to scan with the tablet"
            width={220}
            height={220}
          />
          <div>
            <p>
              Scan this with the tablet within {pairing.minutes} minutes. It works once, and the tablet comes in as you.
            </p>
            <p>
              Its browser will say that it does not know the shop’s certificate: compare the fingerprint with the one in
              the window in which the program was started, then go on.
            </p>
            <p className="figures pairing-address wrap-anywhere">{pairing.address}</p>
          </div>
        </div>
      )}
      <Devices />
      <NewPassphrase />
      <SecondFactor me={me} />
    </section>
  );
}

function NewPassphrase() {
  const queries = useQueryClient();
  const [typed, setTyped] = useState<Texts>({});
  const [wrong, setWrong] = useState<Texts>({});
  const entries = [
    { id: 'now', words: 'Passphrase now', complete: 'current-password' },
    { id: 'next', words: 'A new one', complete: 'new-password' },
  ];
  const change = async () => {
    try {
      await given(api.POST('/api/people/passphrase', { body: { now: typed.now ?? '', next: typed.next ?? '' } }));
      await readAgain(queries, { queryKey: ['me'] });
    } catch (error) {
      setWrong(
        error instanceof Refused && Object.keys(error.fields).length > 0 ? error.fields : { now: sentenceOf(error) },
      );
    }
  };
  return (
    <form
      className={`${MACHINE} [&>h2]:col-span-full`}
      aria-label="New passphrase"
      onSubmit={(event) => {
        event.preventDefault();
        void change();
      }}
    >
      <h2>Another passphrase</h2>
      {entries.map(({ id, words, complete }) => (
        <Entry
          key={id}
          words={words}
          type="password"
          complete={complete}
          value={typed[id] ?? ''}
          wrong={wrong[id]}
          onChange={(text) => setTyped({ ...typed, [id]: text })}
        />
      ))}
      <div className="col-span-full flex items-center gap-4">
        <button type="submit" className={MEND}>
          Change it, and sign in anew everywhere
        </button>
      </div>
    </form>
  );
}
