import type { ReactNode } from 'react';

const COMPARED =
  'compared w-full border-collapse [&_td]:py-1 [&_td]:pr-1.5 [&_td]:align-top [&_th]:py-1 [&_th]:pr-1.5 [&_th]:text-left [&_th]:align-top [&_th]:font-medium [&_th]:text-ink-2 [&_tbody_tr]:border-t [&_tbody_tr]:border-line';

interface Props {
  /** What the columns are, after the one that names the row. */
  heads: string[];
  /** The rows, each begun by a heading of its own. */
  children: ReactNode;
}

/** Numbers beside each other, a thing to a row. */
export function ComparedTable({ heads, children }: Props) {
  return (
    <table className={COMPARED}>
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">What</span>
          </th>
          {heads.map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
