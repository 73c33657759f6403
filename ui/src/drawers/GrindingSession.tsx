import { CAUTIONS } from '../frame/looks';
import { useSession } from './records';

/** Everything that is dull, ground in one session: wheel by wheel, each set-up of rest and fence once. */
export function GrindingSession() {
  const session = useSession().data;
  if (!session || (session.wheels.length === 0 && session.byCard.length === 0)) return null;
  return (
    <section aria-label="One session at the grinder">
      <h2>One session at the grinder</h2>
      <p className="text-ink-2">
        Everything that is dull, wheel by wheel. Each set-up of rest and fence serves all that share it; every tool
        keeps its own order.
      </p>
      <ul className={CAUTIONS}>
        <li>
          Glasses and face shield on. Look each wheel over and ring it before it is mounted; rest within 3 mm, guards in
          place, and stand aside while it runs up.
        </li>
      </ul>
      {session.wheels.map((wheel) => (
        <div key={wheel.wheel} data-wheel={wheel.wheel}>
          <h3 className="mt-4 text-more font-semibold">{wheel.wheel}</h3>
          <ol>
            {wheel.setUps.map((setUp, at) => (
              <li
                key={`${at} ${setUp.setting}`}
                className="grid grid-cols-[2.6rem_minmax(0,1fr)_minmax(0,1.2fr)] items-start gap-x-3 border-t border-line py-1.5 max-hand:grid-cols-[2.6rem_minmax(0,1fr)]"
              >
                <input
                  type="checkbox"
                  className="tick size-touch p-[7px] accent-accent"
                  aria-label={`Done: ${setUp.setting}`}
                />
                <span className="pt-2 font-[550]">{setUp.setting}</span>
                <ul className="pt-2 max-hand:col-start-2">
                  {setUp.work.map((work) => (
                    <li key={`${work.tool} ${work.surface}`}>
                      {work.count > 1 ? `${work.count} × ` : ''}
                      {work.tool}: {work.surface}
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ol>
          <p className="text-small text-ink-2">
            {wheel.setUps.length === wheel.alone
              ? `${wheel.alone} set-ups: none of them is shared.`
              : `${wheel.setUps.length} set-ups in place of ${wheel.alone}.`}
          </p>
        </div>
      ))}
      {session.byCard.length > 0 && (
        <p className="mt-3">Dull too, ground as their own cards say: {session.byCard.join(', ')}.</p>
      )}
    </section>
  );
}
