import { useCallback, useMemo } from 'react';
import { type Command, useCommands } from '../frame/commands';
import type { Watched } from '../frame/store';
import { namesOf, STATIONS, type StationId } from '../stations/Stations';
import type { Edit } from './draft';
import type { Plan } from './planDesk';

/** What the open cut puts into the menu of commands: its stations, values, findings, what would mend them, and what its buttons do. */
export function useCutCommands(
  kept: Watched<Plan>,
  go: (station: StationId) => void,
  edit: (edit: Edit) => void,
  does: Command[],
): void {
  const read = useCallback(() => {
    const plan = kept.now;
    const names = namesOf(plan.page);
    const stations = STATIONS.map((one) => ({ id: one, words: names[one], more: 'station', does: () => go(one) }));
    const values = [...plan.fields.values()].map((state) => ({
      id: `value ${state.id}`,
      words: state.label,
      more: state.text,
      does: () => {
        const there = `[data-field="${state.id}"], [data-field-pick="${state.label}"]`;
        if (!document.querySelector(there)) go(state.station.toLowerCase() as StationId);
        focusOn(there);
      },
    }));
    const findings = (plan.answer?.findings ?? []).map((finding) => ({
      id: `finding ${finding.id}`,
      words: finding.statement,
      does: () => {
        go(finding.station.toLowerCase() as StationId);
        focusOn(`[data-finding="${finding.id}"] button`);
      },
    }));
    const mends = (plan.answer?.findings ?? []).flatMap((finding) =>
      finding.mends
        .filter((mend) => mend.field !== '')
        .map((mend) => ({
          id: `mend ${finding.id} ${mend.label}`,
          words: mend.label,
          more: `mends: ${finding.statement}`,
          does: () => edit({ kind: 'field' as const, id: mend.field, text: mend.text }),
        })),
    );
    return [...stations, ...does, ...mends, ...values, ...findings];
  }, [kept, go, edit, does]);
  useCommands(useMemo(() => ({ name: 'This cut', commands: read }), [read]));
}

const LONGEST_WAIT_MS = 3000;
/** The menu gives the focus back to where it was a moment after it has gone: what is to have it must keep it for so many frames. */
const FRAMES_KEPT = 4;

/** Gives the focus to what is there, or will be once its station has been painted. */
function focusOn(selector: string): void {
  const until = performance.now() + LONGEST_WAIT_MS;
  let kept = 0;
  const look = () => {
    const there = document.querySelector<HTMLElement>(selector);
    if (there && !document.querySelector('[role=dialog]')) {
      kept = document.activeElement === there ? kept + 1 : 0;
      if (kept === 0) there.focus();
    }
    if (kept < FRAMES_KEPT && performance.now() < until) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}
