import { memo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { FIRST_STEPS, leaveFirstRun, toFirstStep, useFirstRun } from './firstRun';
import { DO, QUIET } from './looks';

/** The first job in five steps, at the foot of whatever page is open: it leads from station to station and can be left. */
export const FirstRun = memo(function FirstRun() {
  const { step } = useFirstRun();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const now = step === undefined ? undefined : FIRST_STEPS[step];
  if (step === undefined || !now) return null;
  const cut = /^\/cut\/([^/]+)/.exec(pathname)?.[1] ?? 'new';
  const go = (to: number) => {
    toFirstStep(to);
    const next = FIRST_STEPS[to];
    if (next) void navigate(`/cut/${cut}/${next.station}`);
  };
  const last = step === FIRST_STEPS.length - 1;
  return (
    <section
      aria-label="First job"
      className="fixed inset-x-0 bottom-0 z-20 flex flex-wrap items-center gap-x-6 gap-y-2 border-t-2 border-accent bg-paper-2 px-5 py-3 print:hidden"
    >
      <div className="min-w-60 flex-1" role="status">
        <p className="font-semibold">
          {step + 1} of {FIRST_STEPS.length}: {now.title}
        </p>
        <p>{now.words}</p>
      </div>
      <div className="flex gap-2">
        {step > 0 && (
          <button type="button" className={QUIET} onClick={() => go(step - 1)}>
            Back
          </button>
        )}
        <button type="button" className={DO} onClick={() => go(step + 1)}>
          {last ? 'That is all' : 'Next'}
        </button>
        {!last && (
          <button type="button" className={QUIET} onClick={leaveFirstRun}>
            Leave
          </button>
        )}
      </div>
    </section>
  );
});
