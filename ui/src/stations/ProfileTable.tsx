import { useState } from 'react';
import { api, given, sentenceOf } from '../api/client';
import { useAnswer, useCut, useEdit, useFieldState, useTyped } from '../cut/CutContext';
import { FIELD, FILE, QUIET } from '../frame/looks';
import { ProfileSketch } from './ProfileSketch';
import { type Corner, cornersOf, textOf } from './profileText';

/** A profile as a table of its corners, or taken from a drawing: the same text as its field's, in cells. */
export function ProfileTable() {
  const field = useAnswer().page?.stations.find((one) => one.panels.includes('PROFILE'))?.settings[0];
  return field ? <Table field={field} /> : null;
}

const COLUMNS: { key: keyof Corner; name: string }[] = [
  { key: 'along', name: 'Along' },
  { key: 'across', name: 'Diameter' },
  { key: 'arc', name: 'Arc to here' },
];

function Table({ field }: { field: string }) {
  const edit = useEdit();
  const state = useFieldState(field);
  const typed = useTyped(field);
  const { units } = useCut().draft;
  const [said, setSaid] = useState('');
  const [corners, setCorners] = useState<Corner[]>([]);
  const text = typed || (state?.text ?? '');
  // Undo, a mend or the field itself may have put another text there.
  const [shown, setShown] = useState('');
  if (text !== shown) {
    setShown(text);
    if (text !== textOf(corners)) setCorners(cornersOf(text));
  }
  const write = (next: Corner[]) => {
    setCorners(next);
    edit({ kind: 'field', id: field, text: textOf(next) });
  };
  const take = async (file: File) => {
    setSaid('');
    try {
      const outline = await given(api.POST('/api/measure/outline', { body: { dxf: await file.text() } }));
      edit({ kind: 'field', id: field, text: outline.text });
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  return (
    <section aria-label="Corners of the profile" className="mt-3 border-t border-line pt-2.5">
      <ProfileSketch corners={corners} units={units} onWrite={write} />
      <table className="w-full text-small">
        <thead>
          <tr className="text-left text-ink-2">
            <th className="w-7 font-[550]">
              <span className="sr-only">Number</span>
            </th>
            {COLUMNS.map((column) => (
              <th key={column.key} className="font-[550]">
                {column.name}
              </th>
            ))}
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {corners.map((corner, at) => (
            // A corner is known by its place: there is nothing else that stays while it is typed.
            <tr key={at}>
              <td className="pr-1 text-right font-numbers text-ink-2">{at + 1}</td>
              {COLUMNS.map((column) => (
                <td key={column.key} className="py-0.5 pr-1.5">
                  {column.key === 'arc' && at === 0 ? null : (
                    <input
                      className={`${FIELD} w-full min-w-16 font-numbers`}
                      aria-label={`${column.name}, corner ${at + 1}`}
                      value={corner[column.key]}
                      placeholder={column.key === 'arc' ? 'line' : ''}
                      onChange={(event) =>
                        write(corners.map((one, i) => (i === at ? { ...one, [column.key]: event.target.value } : one)))
                      }
                    />
                  )}
                </td>
              ))}
              <td>
                <button
                  type="button"
                  className={QUIET}
                  disabled={corners.length <= 2}
                  aria-label={`Remove corner ${at + 1}`}
                  onClick={() => write(corners.filter((_, i) => i !== at))}
                >
                  ×
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-fine text-ink-2">
        Drag a corner, or touch the paper where one is to be; arrow keys move it. From left to right. An arc’s radius
        bulges out as 5, and is hollow as -5; left empty, a line leads here.
      </p>
      <div className="mt-1.5 flex flex-wrap items-end justify-between gap-3">
        <button
          type="button"
          className={QUIET}
          onClick={() => write([...corners, { ...(corners.at(-1) ?? { along: '0', across: '20' }), arc: '' }])}
        >
          Add a corner
        </button>
        <label className={FILE}>
          <span className="text-fine text-ink-2">
            From a drawing (DXF): one open outline, its heights the work’s radii
          </span>
          <input
            type="file"
            accept=".dxf"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) void take(file);
            }}
          />
        </label>
      </div>
      {said && (
        <p role="alert" className="text-small text-warn">
          {said}
        </p>
      )}
    </section>
  );
}
