import { lazy, Suspense, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useMe } from '../api/records';
import { flipShade } from './dimShop';
import { FirstRun } from './FirstRun';
import { KeyMap } from './KeyMap';
import { useNotice } from './notices';
import { PrintFoot } from './PrintFoot';
import { usePageKey, useSignKey } from './pageKeys';

/** Comes when it is called for the first time. */
const CommandMenu = lazy(() => import('./CommandMenu'));

/** Name, the ways to the other pages, what the page itself puts here, and what works on every page: its keys and notices. */
export function Header({ children }: { children?: React.ReactNode }) {
  const { pathname } = useLocation();
  const me = useMe();
  const [keys, setKeys] = useState(false);
  const [menu, setMenu] = useState<boolean>();
  const [said, putAway] = useNotice();
  usePageKey('d', flipShade);
  usePageKey('mod+k', () => setMenu(true), true);
  useSignKey('shift+?', () => setKeys(true));
  useSignKey('?', () => setKeys(true));
  const here = (path: string) => (pathname.startsWith(path) ? ('page' as const) : undefined);
  return (
    <>
      <button
        type="button"
        className="skip"
        onClick={() => {
          const main = document.querySelector('main');
          main?.setAttribute('tabindex', '-1');
          main?.focus();
        }}
      >
        Past the head of the page
      </button>
      <header className="header">
        <Link to="/" className="brand">
          <svg viewBox="0 0 16 16" aria-hidden="true">
            <path d="M2 3.5 L14 7 L6 14 Z" />
          </svg>
          Bold Wedge
        </Link>
        <nav aria-label="Pages">
          <Link to="/cuts" aria-current={here('/cut')}>
            Cuts
          </Link>
          <Link to="/crib" aria-current={here('/crib') ?? here('/tools')}>
            Crib
          </Link>
          <Link to="/shop" aria-current={here('/shop')}>
            Machines and files
          </Link>
          {me.data?.network && (
            <Link to="/people" aria-current={here('/people')}>
              {me.data.name}
            </Link>
          )}
        </nav>
        <div className="header-page">{children}</div>
        <button type="button" className="quiet" onClick={() => setMenu(true)} aria-label="Find or do (Ctrl K)">
          Find
        </button>
        <button type="button" className="quiet" onClick={() => setKeys(true)} aria-label="Keys">
          ?
        </button>
      </header>
      {said && (
        <p className="said" role="status">
          {said.sentence}{' '}
          {said.action && (
            <button
              type="button"
              className="mend"
              onClick={() => {
                putAway();
                said.action?.does();
              }}
            >
              {said.action.words}
            </button>
          )}{' '}
          <button type="button" className="mend" onClick={putAway}>
            All right
          </button>
        </p>
      )}
      <PrintFoot />
      <FirstRun />
      <KeyMap open={keys} onOpenChange={setKeys} />
      {menu !== undefined && (
        <Suspense>
          <CommandMenu open={menu} onOpenChange={setMenu} />
        </Suspense>
      )}
    </>
  );
}
