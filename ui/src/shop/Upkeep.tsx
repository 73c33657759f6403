import type { Schemas } from '../api/client';
import { useUpkeep } from '../api/records';

const MB_IN_GB = 1024;

const room = (mb: number) => (mb < 10 * MB_IN_GB ? `${mb} MB` : `${Math.round(mb / MB_IN_GB)} GB`);

/** When, as one says it: "today 02:10". */
export function saidWhen(at: string, now = new Date()): string {
  const then = new Date(at);
  const time = then.toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });
  const days = Math.round((midnight(now) - midnight(then)) / 86_400_000);
  if (days === 0) return `today ${time}`;
  if (days === 1) return `yesterday ${time}`;
  return `${then.toLocaleDateString(undefined, { dateStyle: 'medium' })} ${time}`;
}

const midnight = (at: Date) => new Date(at.getFullYear(), at.getMonth(), at.getDate()).getTime();

/** What of the upkeep somebody has to see to; nothing where nothing is wrong. */
export function worry({ room: left, backup }: Schemas['Upkeep']): string {
  if (left.readOnly) return `Nothing can be saved: the disk of ${left.folder} is read-only.`;
  if (left.low)
    return `Only ${left.freeMb} MB are left on the disk of ${left.folder}. Make room soon: with none left nothing can be saved.`;
  if (backup && !backup.proved) return backup.sentence;
  return '';
}

/** Told on every page until it is seen to. */
export function UpkeepWorry() {
  const upkeep = useUpkeep();
  const said = upkeep.data ? worry(upkeep.data) : '';
  if (!said) return null;
  return (
    <p className="upkeep border-l-5 border-warn bg-caution px-5 py-1.75 print:hidden" role="status">
      {said}
    </p>
  );
}

/** How the shop's records are kept up. */
export function Upkeep() {
  const { data } = useUpkeep();
  if (!data) return null;
  const { backup, room: left } = data;
  return (
    <section aria-label="Backups">
      <h2>Backups</h2>
      {backup ? (
        <p>
          {backup.proved
            ? `Last proved backup: ${saidWhen(backup.at)} (${backup.file}). It was read back and counted.`
            : backup.sentence}
        </p>
      ) : (
        <p>
          None was made by the program yet. A shop that is started with ./bw run is backed up each day; the demo is not.
        </p>
      )}
      {left.freeMb >= 0 && <p>{room(left.freeMb)} are free on the disk with the records.</p>}
    </section>
  );
}
