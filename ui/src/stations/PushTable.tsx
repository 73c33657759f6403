import { FIELD } from '../frame/looks';
export const LINES = [0, 1, 2, 3, 4];
export const COLUMNS = [
  { id: 'load', label: 'Pull', hint: '20 N' },
  { id: 'up', label: 'Going up', hint: '9 µm' },
  { id: 'down', label: 'Coming down', hint: 'if read' },
] as const;

interface Props {
  at: (line: number, column: string) => string;
  wrong: (line: number, column: string) => string | undefined;
  onType: (line: number, column: string, text: string) => void;
  /** What tells this table from another on the page. */
  of?: string;
}

/** Pulls and readings of a push test, as they are typed. */
export function PushTable({ at, wrong, onType, of = '' }: Props) {
  return (
    <table className="push w-full border-collapse [&_em]:block [&_em]:text-[0.85rem] [&_em]:text-warn [&_input]:min-h-touch [&_input]:w-full [&_td]:py-0.5 [&_td]:pr-1.5 [&_td]:align-top [&_th]:text-left [&_th]:text-fine [&_th]:font-medium [&_th]:text-ink-2">
      <thead>
        <tr>
          {COLUMNS.map((column) => (
            <th key={column.id} scope="col">
              {column.label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {LINES.map((line) => (
          <tr key={line}>
            {COLUMNS.map((column) => {
              const trouble = wrong(line, column.id);
              return (
                <td key={column.id}>
                  <input
                    className={`${FIELD} figures`}
                    data-push={`${of}${line}.${column.id}`}
                    aria-label={`${column.label}, line ${line + 1}${of && `, ${of}`}`}
                    aria-invalid={!!trouble}
                    value={at(line, column.id)}
                    placeholder={line === 1 ? column.hint : ''}
                    onChange={(event) => onType(line, column.id, event.target.value)}
                  />
                  {trouble && <em role="alert">{trouble}</em>}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
