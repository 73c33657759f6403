import { useEffect, useState } from 'react';
import { ownStore } from '../frame/ownStore';

const key = (cut: string, step: string) => `bw.card.soak.${cut}.${step}`;

/** A clock that was set when something began to wait; it goes on while the page is closed. */
export interface SoakClock {
  /** Seconds that are left; below 0 it is over its time. Nothing while it was not set. */
  left: number | undefined;
  start: () => void;
  stop: () => void;
}

function begunAt(cut: string, step: string): number | undefined {
  const text = ownStore.getItem(key(cut, step));
  const at = text === null ? Number.NaN : Number(text);
  return Number.isFinite(at) ? at : undefined;
}

/** The clock of a step that waits so many minutes. */
export function useSoakClock(cut: string, step: string, minutes: number): SoakClock {
  const [begun, setBegun] = useState(() => begunAt(cut, step));
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (begun === undefined) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [begun]);
  const left = begun === undefined ? undefined : Math.ceil(minutes * 60 - (Math.max(now, begun) - begun) / 1000);
  const over = left !== undefined && left <= 0;
  useEffect(() => {
    if (over) navigator.vibrate?.([400, 200, 400]);
  }, [over]);
  return {
    left,
    start: () => {
      const at = Date.now();
      ownStore.setItem(key(cut, step), String(at));
      setNow(at);
      setBegun(at);
    },
    stop: () => {
      ownStore.removeItem(key(cut, step));
      setBegun(undefined);
    },
  };
}

/** Minutes and seconds, as a clock shows them: 17:05, 1:02:30. */
export function asClock(seconds: number): string {
  const all = Math.abs(seconds);
  const two = (value: number) => String(value).padStart(2, '0');
  const hours = Math.floor(all / 3600);
  const minutes = Math.floor((all % 3600) / 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${two(all % 60)}` : `${minutes}:${two(all % 60)}`;
}
