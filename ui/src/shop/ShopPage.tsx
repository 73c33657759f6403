import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { useLathes } from '../api/records';
import { useNews } from '../api/useNews';
import { Header } from '../frame/Header';
import { SHOP, VIEW } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { Files } from './Files';
import { MachineForm } from './MachineForm';
import { Upkeep } from './Upkeep';

/** The shop's machines, the one that is asked for first. */
export function ShopPage() {
  const asked = useSearchParams()[0].get('machine') ?? undefined;
  return <Shop key={asked} asked={asked} />;
}

/** The shop's lathes, kept and edited; the shop in and out as files. */
function Shop({ asked }: { asked?: string }) {
  const lathes = useLathes();
  const machines = useNews()?.machines;
  const queries = useQueryClient();
  useEffect(() => {
    if (machines) void readAgain(queries, { queryKey: ['lathes'] });
  }, [machines, queries]);
  useTitle('Machines and files');
  const [said, setSaid] = useState('');
  const [picked, setPicked] = useState(asked);
  const current = picked === 'new' ? undefined : (lathes.data?.find((one) => one.id === picked) ?? lathes.data?.[0]);
  return (
    <>
      <Header />
      <main className={SHOP}>
        <section aria-label="Machines">
          <h1>Machines</h1>
          {lathes.error && <p role="alert">{sentenceOf(lathes.error)}</p>}
          <div className="views flex flex-wrap">
            {lathes.data?.map((lathe) => (
              <button
                type="button"
                key={lathe.id}
                className={VIEW}
                aria-pressed={picked !== 'new' && lathe.id === current?.id}
                onClick={() => {
                  setPicked(lathe.id);
                  setSaid('');
                }}
              >
                {lathe.card.name}
              </button>
            ))}
            <button type="button" className={VIEW} aria-pressed={picked === 'new'} onClick={() => setPicked('new')}>
              A new machine
            </button>
          </div>
          {lathes.data?.length === 0 && picked !== 'new' && (
            <p>No machine yet. Enter yours: every speed, feed and power in an answer is one that it really has.</p>
          )}
          {(current || picked === 'new') && (
            <MachineForm key={current?.id ?? 'new'} lathe={current} onKept={setPicked} said={said} say={setSaid} />
          )}
        </section>
        <Upkeep />
        <Files />
      </main>
    </>
  );
}
