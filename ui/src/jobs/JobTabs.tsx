import { Link, useLocation } from 'react-router';

const TABS = [
  { to: '/jobs', words: 'Jobs' },
  { to: '/jobs/plan', words: 'The plan' },
  { to: '/jobs/hours', words: 'Who works when' },
];

/** A job's own page belongs to the jobs. */
const here = (pathname: string) => TABS.find(({ to }) => to === pathname)?.to ?? '/jobs';

/** The three pages of making many. */
export function JobTabs() {
  const { pathname } = useLocation();
  return (
    <nav aria-label="Making many" className="views flex flex-wrap border-b border-line print:hidden">
      {TABS.map(({ to, words }) => (
        <Link
          key={to}
          to={to}
          aria-current={here(pathname) === to ? 'page' : undefined}
          className="inline-flex min-h-touch items-center border-b-3 border-transparent px-3.5 py-1 font-[550] text-ink-2 no-underline aria-[current]:border-accent aria-[current]:text-ink"
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}
