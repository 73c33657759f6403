import { FIELD, READING } from '../frame/looks';
import type { Sheet } from './records';

interface Props {
  sheet: Sheet;
  errors: Record<string, string>;
  onWrite: (next: Sheet) => void;
}

/** The lengths that lie there, bar by bar, and what the saw takes. */
export function StockSheet({ sheet, errors, onWrite }: Props) {
  const bars = [...new Set(sheet.lots.filter((lot) => lot.length.trim()).map((lot) => lot.fromBar.trim()))];
  if (bars.length === 0) return null;
  const write = (bar: string, lengths: string) => {
    const others = sheet.stock.filter((one) => one.bar.trim() !== bar);
    onWrite({ ...sheet, stock: [...others, { bar, lengths }] });
  };
  const small = (field: 'kerf' | 'grip', words: string, example: string) => (
    <label className={`${READING} w-44`}>
      <span>{words}</span>
      <input
        className={FIELD}
        value={sheet[field]}
        placeholder={example}
        aria-invalid={!!errors[field]}
        onChange={(event) => onWrite({ ...sheet, [field]: event.target.value })}
      />
      {errors[field] && <em role="alert">{errors[field]}</em>}
    </label>
  );
  return (
    <section aria-label="Stock">
      <h2 className="mt-0!">Lengths that lie there</h2>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        {bars.map((bar) => {
          const at = sheet.stock.findIndex((one) => one.bar.trim() === bar);
          const wrong = errors[`stock[${at}].lengths`];
          return (
            <label key={bar} className={`${READING} min-w-60 flex-1`}>
              <span>{bar || 'the bar'}</span>
              <input
                className={FIELD}
                value={sheet.stock[at]?.lengths ?? ''}
                placeholder="292 x 2, 500"
                aria-invalid={!!wrong}
                onChange={(event) => write(bar, event.target.value)}
              />
              {wrong && <em role="alert">{wrong}</em>}
            </label>
          );
        })}
        {small('kerf', 'The saw takes', '2')}
        {small('grip', 'Held last, not sawn', '0')}
      </div>
    </section>
  );
}
