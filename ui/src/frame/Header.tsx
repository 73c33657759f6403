import { Link, useLocation } from 'react-router';
import { useMe } from '../api/records';

interface Props {
  children?: React.ReactNode;
  onKeys: () => void;
}

/** Name, the ways to the other pages, and what the page itself puts here. */
export function Header({ children, onKeys }: Props) {
  const { pathname } = useLocation();
  const me = useMe();
  const here = (path: string) => (pathname.startsWith(path) ? ('page' as const) : undefined);
  return (
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
      <button type="button" className="quiet" onClick={onKeys} aria-label="Keys">
        ?
      </button>
    </header>
  );
}
