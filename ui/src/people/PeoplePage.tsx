import { useMe } from '../api/records';
import { Header } from '../frame/Header';
import { SHOP } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { Everybody } from './Everybody';
import { Journal } from './Journal';
import { Myself } from './Myself';

/** Oneself and, for the owner, everybody of the shop. */
export function PeoplePage() {
  const me = useMe();
  useTitle('People');
  return (
    <>
      <Header />
      <main className={SHOP}>
        {me.data?.network ? (
          <>
            <Myself me={me.data} />
            {me.data.role === 'OWNER' && <Everybody me={me.data} />}
            {me.data.role === 'OWNER' && <Journal />}
          </>
        ) : (
          <section aria-label="People">
            <h1>People</h1>
            <p>
              The program answers this machine only, so nobody signs in. Started with --network it lets the shop’s other
              machines in, each person with a passphrase.
            </p>
          </section>
        )}
      </main>
    </>
  );
}
