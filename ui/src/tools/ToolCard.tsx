import type { Texts, ToolKind, ToolRecord } from '../api/client';
import { ComparedTable } from '../frame/ComparedTable';
import { FIELD } from '../frame/looks';
import { savedBy } from '../frame/SavedBy';
import type { DrawnTool } from './useDrawnTool';

interface Props {
  /** The card as it is being written, and as it is kept. */
  entry: ToolRecord;
  kept: ToolRecord | undefined;
  onWrite: (entry: ToolRecord) => void;
  kind: ToolKind | undefined;
  labels: Texts;
  /** What a field's text says in words. */
  worded: (field: string, text: string | undefined) => string;
  /** What was measured when it was ground last. */
  measured: Texts;
  /** How long it lasts, in a sentence; empty when it is not counted. */
  life: string;
  figure: DrawnTool['figure'];
}

/** What a tool is called, where it lives, what is wanted of it and what was measured last. */
export function ToolCard({ entry, kept, onWrite, kind, labels, worded, measured, life, figure }: Props) {
  return (
    <div className="card-entries flex flex-col gap-2 [&>label]:flex [&>label]:flex-col [&>label]:text-small [&>label]:text-ink-2">
      <label>
        Name
        <input
          className={`${FIELD} text-verdict! font-semibold`}
          value={entry.name}
          onChange={(e) => onWrite({ ...entry, name: e.target.value })}
        />
      </label>
      <label>
        Lives in
        <input className={FIELD} value={entry.drawer} onChange={(e) => onWrite({ ...entry, drawer: e.target.value })} />
      </label>
      <label>
        Note
        <textarea
          className={FIELD}
          rows={2}
          value={entry.note}
          onChange={(e) => onWrite({ ...entry, note: e.target.value })}
        />
      </label>
      <ComparedTable heads={kind?.ground ? ['Wanted', 'Last measured'] : ['On the card']}>
        {Object.entries(labels)
          .filter(([field]) => kind?.ground || entry.fields[field])
          .map(([field, label]) => (
            <tr key={field}>
              <th scope="row">{label}</th>
              <td className="figures">{worded(field, entry.fields[field])}</td>
              {kind?.ground && <td className="figures">{measured[field] ?? '—'}</td>}
            </tr>
          ))}
      </ComparedTable>
      {kept && savedBy(kept) && <p className="text-ink-2">Last saved: {savedBy(kept)}</p>}
      {life && <p>{life}</p>}
      {figure && (
        <p>
          {figure.label}: <b className="figures">{figure.text}</b>
        </p>
      )}
    </div>
  );
}
