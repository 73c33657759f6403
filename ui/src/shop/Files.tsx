import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { download, type Imported, sendFile, sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { DO, FILE, QUIET } from '../frame/looks';
import { ForKeepers } from '../people/ForKeepers';

/** The shop in and out as files, and what the program was built from. */
export function Files() {
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const takeIn = async (path: string, file: File | undefined, type: string) => {
    if (!file) return;
    try {
      const done = await sendFile<Imported>(path, file, type);
      setSaid(`${file.name}: ${done.sentence}`);
      await readAgain(queries);
    } catch (error) {
      setSaid(`${file.name}: ${sentenceOf(error)}`);
    }
  };
  return (
    <section aria-label="Files" className="files">
      <h2>Files</h2>
      <p>Everything the shop keeps, in open formats. What is already here is never overwritten by a file.</p>
      <div className="flex flex-wrap items-center gap-4 py-1.5">
        <button type="button" className={DO} onClick={() => void download('/api/exchange/shop.json', 'shop.json')}>
          Whole shop as JSON
        </button>
        <button type="button" className={DO} onClick={() => void download('/api/exchange/crib.csv', 'crib.csv')}>
          Crib as CSV
        </button>
        <a className={QUIET} href="/api/exchange/schema.json">
          JSON Schema
        </a>
        <a className={QUIET} href="/api/openapi.json">
          API for scripts
        </a>
        <a className={QUIET} href="/third-party-program.txt">
          Built from: program
        </a>
        <a className={QUIET} href="/third-party-page.txt">
          page
        </a>
      </div>
      <ForKeepers>
        <div className="flex flex-wrap items-center gap-4 py-1.5">
          <label className={FILE}>
            Take in a shop or tool (JSON)
            <input
              type="file"
              accept=".json,application/json"
              onChange={(event) => void takeIn('/api/exchange/shop', event.target.files?.[0], 'application/json')}
            />
          </label>
          <label className={FILE}>
            Take in tools (CSV)
            <input
              type="file"
              accept=".csv,text/csv"
              onChange={(event) => void takeIn('/api/exchange/crib', event.target.files?.[0], 'text/csv')}
            />
          </label>
        </div>
      </ForKeepers>
      {said && <p role="status">{said}</p>}
    </section>
  );
}
