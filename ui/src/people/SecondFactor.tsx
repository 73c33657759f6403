import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, given, type Me, Refused, type SecretOfFactor, sentenceOf, type Texts } from '../api/client';
import { readAgain } from '../api/readAgain';
import { MACHINE, MEND } from '../frame/looks';
import { Entry } from './Entry';

/** Codes of one's telephone beside the passphrase: turned on in two steps, the second of which shows that the telephone has the secret. */
export function SecondFactor({ me }: { me: Me }) {
  const queries = useQueryClient();
  const [begun, setBegun] = useState<SecretOfFactor>();
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<Texts>({});
  const entry = begun ? 'code' : 'now';
  const act = async () => {
    try {
      if (begun) {
        await given(api.POST('/api/people/second-factor/on', { body: { code: typed } }));
        setBegun(undefined);
      } else if (me.secondFactor) {
        await given(api.POST('/api/people/second-factor/off', { body: { now: typed } }));
      } else {
        setBegun(await given(api.POST('/api/people/second-factor', { body: { now: typed } })));
      }
      setWrong({});
      setTyped('');
      await readAgain(queries, { queryKey: ['me'] });
    } catch (error) {
      const told = error instanceof Refused && Object.keys(error.fields).length > 0;
      setWrong(told ? error.fields : { [entry]: sentenceOf(error) });
    }
  };
  const words = begun ? 'Ask for it from now on' : me.secondFactor ? 'Take it off' : 'Take a telephone in';
  return (
    <form
      className={`${MACHINE} [&>h2]:col-span-full [&>p]:col-span-full`}
      aria-label="Second factor"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        void act();
      }}
    >
      <h2>Second factor</h2>
      <p>
        {me.secondFactor
          ? 'Whoever signs in as you needs your passphrase and the code that your telephone shows. If the telephone is lost, the shop’s owner gives you a code that takes this off.'
          : 'If you like, a code that your telephone makes is asked for beside your passphrase. Any program for time codes (RFC 6238) will do; it needs no network.'}
      </p>
      {begun && (
        <div className="col-span-full flex flex-wrap items-center gap-5">
          <img
            src={`data:image/svg+xml,${encodeURIComponent(begun.code)}`}
            alt="Code to scan with the telephone"
            width={200}
            height={200}
          />
          <p>
            Scan this with the telephone, or type there: <span className="figures wrap-anywhere">{begun.secret}</span>
            <br />
            Then type the six figures that it shows.
          </p>
        </div>
      )}
      <Entry
        key={entry}
        words={begun ? 'Code that the telephone shows' : 'Passphrase now'}
        type={begun ? 'text' : 'password'}
        complete={begun ? 'one-time-code' : 'current-password'}
        value={typed}
        wrong={wrong[entry]}
        onChange={setTyped}
      />
      <div className="col-span-full flex items-center gap-4">
        <button type="submit" className={MEND}>
          {words}
        </button>
      </div>
    </form>
  );
}
