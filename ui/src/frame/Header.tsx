import { lazy, memo, Suspense, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useMe } from '../api/records';
import { OfflineNote } from '../offline/OfflineNote';
import { UpkeepWorry } from '../shop/Upkeep';
import { flipShade } from './dimShop';
import { FirstRun } from './FirstRun';
import { KeyMap } from './KeyMap';
import { MEND, QUIET } from './looks';
import { useNotice } from './notices';
import { PrintFoot } from './PrintFoot';
import { usePageKey, useSignKey } from './pageKeys';

/** Comes when it is called for the first time. */
const CommandMenu = lazy(() => import('./CommandMenu'));

/** Name, the ways to the other pages, what the page itself puts here, and what works on every page: its keys and notices. */
export function Header({ children }: { children?: React.ReactNode }) {
  const [keys, setKeys] = useState(false);
  const [menu, setMenu] = useState<boolean>();
  const [said, putAway] = useNotice();
  usePageKey('d', flipShade);
  usePageKey('mod+k', () => setMenu(true), true);
  useSignKey('shift+?', () => setKeys(true));
  useSignKey('?', () => setKeys(true));
  return (
    <>
      <button
        type="button"
        className="skip absolute -left-[9999px] focus:top-1 focus:left-4 focus:z-50 focus:bg-paper focus:px-4 focus:py-2"
        onClick={() => {
          const main = document.querySelector('main');
          main?.setAttribute('tabindex', '-1');
          main?.focus();
        }}
      >
        Past the head of the page
      </button>
      <header className="header isolate flex items-center gap-3.5 border-b border-line px-5 py-1.5 max-desk:gap-1.5 max-desk:px-3 max-desk:[&_.do]:px-2 max-desk:[&_.quiet]:px-2 max-bench:flex-wrap max-bench:gap-x-2.5 max-bench:gap-y-1 max-hand:gap-x-1 max-hand:[&_.quiet]:px-1.5 print:hidden">
        <Ways />
        <div className="ml-auto flex flex-1 items-center justify-end gap-2 max-desk:min-w-0 max-desk:gap-1 max-bench:order-1 max-bench:ml-0 max-bench:flex-[1_1_100%] max-bench:flex-wrap">
          {children}
        </div>
        <button type="button" className={QUIET} onClick={() => setMenu(true)} aria-label="Find or do (Ctrl K)">
          Find
        </button>
        <button type="button" className={QUIET} onClick={() => setKeys(true)} aria-label="Keys">
          ?
        </button>
      </header>
      <OfflineNote />
      <UpkeepWorry />
      {said && (
        <p className="said bg-paper-2 px-5 py-1.75 print:hidden" role="status">
          {said.sentence}{' '}
          {said.action && (
            <button
              type="button"
              className={MEND}
              onClick={() => {
                putAway();
                said.action?.does();
              }}
            >
              {said.action.words}
            </button>
          )}{' '}
          <button type="button" className={MEND} onClick={putAway}>
            All right
          </button>
        </p>
      )}
      <PrintFoot />
      <FirstRun />
      <KeyMap open={keys} onOpenChange={setKeys} />
      {menu !== undefined && (
        <Suspense>
          <CommandMenu open={menu} onOpenChange={setMenu} keys={() => setKeys(true)} />
        </Suspense>
      )}
    </>
  );
}

/** The ways to the other pages; they do not change while something is typed. */
const Ways = memo(function Ways() {
  const { pathname } = useLocation();
  const me = useMe();
  const here = (path: string) => (pathname.startsWith(path) ? ('page' as const) : undefined);
  return (
    <>
      <Link
        to="/"
        className="flex min-h-touch items-center gap-2 whitespace-nowrap text-[1.1rem] font-bold text-ink no-underline"
      >
        <svg viewBox="0 0 16 16" aria-hidden="true" className="size-[22px] rounded-edge bg-plate">
          <path d="M2 3.5 L14 7 L6 14 Z" className="fill-none stroke-scribe stroke-[1.2]" />
        </svg>
        <span className="max-hand:sr-only">Bold Wedge</span>
      </Link>
      <nav
        aria-label="Pages"
        className="flex gap-0.5 desk:shrink-0 desk:whitespace-nowrap [&_a]:flex [&_a]:min-h-touch [&_a]:items-center [&_a]:px-1.5 [&_a]:py-2 [&_a]:text-ink [&_a]:no-underline max-desk:[&_a]:px-1.5 max-hand:[&_a]:px-1 [&_a[aria-current]]:underline [&_a[aria-current]]:decoration-2"
      >
        <Link to="/cuts" aria-current={here('/cut')}>
          Cuts
        </Link>
        <Link to="/crib" aria-current={here('/crib') ?? here('/tools')}>
          Crib
        </Link>
        <Link to="/jobs" aria-current={here('/jobs')}>
          Jobs
        </Link>
        <Link to="/shop" aria-current={here('/shop')}>
          Machines<span className="max-hand:sr-only">&nbsp;and files</span>
        </Link>
        {me.data?.network && (
          <Link to="/people" aria-current={here('/people')}>
            {me.data.name}
          </Link>
        )}
      </nav>
    </>
  );
});
