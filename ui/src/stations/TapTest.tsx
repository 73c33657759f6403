import { useState } from 'react';
import type { BarAnswer, Texts } from '../api/client';
import { useAttempt } from '../api/useAttempt';
import { FILE, MEND } from '../frame/looks';
import { TestAnswer } from './TestAnswer';

const base64 = async (file: Blob): Promise<string> => {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000) text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
};

const MOST_BYTES = 14_000_000;

interface Props {
  how: string;
  /** Judges a recording, in base64. */
  judge: (recording: string) => Promise<BarAnswer>;
  /** Taps the stand-in. */
  tap: () => Promise<{ by: string; recording: string }>;
  onUse: (take: Texts) => void;
  /** What taking it over is called. */
  words?: string;
}

/** The ring of a tap, from a recording or a stand-in; what it tells is then used. */
export function TapTest({ how, judge, tap, onUse, words }: Props) {
  const [rung, setRung] = useState<BarAnswer>();
  const { said, say, attempt } = useAttempt();
  const tapStandIn = () =>
    attempt(async () => {
      const { by, recording } = await tap();
      setRung(await judge(recording));
      say(by);
    });
  const fromFile = (file: File | undefined) =>
    attempt(async () => {
      if (!file) return;
      if (file.size > MOST_BYTES) throw new Error('That file is over 14 MB: cut out a second or two about the tap.');
      setRung(await judge(await base64(file)));
    });
  return (
    <div>
      <h2>Tap test</h2>
      <p className="text-ink-2">{how}</p>
      <div className="flex flex-wrap gap-1.5 pt-1 pb-1.25">
        <label className={FILE}>
          A recording
          <input
            type="file"
            accept=".wav,.csv,audio/wav,text/csv"
            onChange={(event) => void fromFile(event.target.files?.[0])}
          />
        </label>
        <button type="button" className={MEND} onClick={() => void tapStandIn()}>
          Tap the stand-in
        </button>
      </div>
      {rung && <TestAnswer answer={rung} onUse={onUse} words={words} />}
      {said && <p role="status">{said}</p>}
    </div>
  );
}
