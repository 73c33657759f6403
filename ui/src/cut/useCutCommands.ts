import { useMemo } from 'react';
import { type Command, useCommands } from '../frame/commands';
import { NAMES, STATIONS, type StationId } from '../stations/Stations';
import type { Plan } from './usePlan';

/** What the open cut puts into the menu of commands: its stations, values, findings, and what its buttons do. */
export function useCutCommands(plan: Plan, go: (station: StationId) => void, does: Command[]): void {
  const commands = useMemo(() => {
    const stations = STATIONS.map((one) => ({ id: one, words: NAMES[one], more: 'station', does: () => go(one) }));
    const values = [...plan.fields.values()].map((state) => ({
      id: `value ${state.id}`,
      words: state.label,
      more: state.text,
      does: () => {
        const there = `[data-field="${state.id}"], [data-field-pick="${state.label}"]`;
        if (!focusOn(there)) {
          go(state.station.toLowerCase() as StationId);
          later(() => focusOn(there));
        }
      },
    }));
    const findings = (plan.answer?.findings ?? []).map((finding) => ({
      id: `finding ${finding.id}`,
      words: finding.statement,
      does: () => {
        go(finding.station.toLowerCase() as StationId);
        later(() => focusOn(`[data-finding="${finding.id}"] button`));
      },
    }));
    return { name: 'This cut', commands: [...stations, ...does, ...values, ...findings] };
  }, [plan.fields, plan.answer?.findings, go, does]);
  useCommands(commands);
}

/** After the menu has gone and the station has been painted. */
const later = (then: () => void) => void setTimeout(then, 150);

function focusOn(selector: string): boolean {
  const there = document.querySelector<HTMLElement>(selector);
  // The menu gives the focus back to where it was when it shuts: it is taken after that.
  if (there) setTimeout(() => there.focus(), 60);
  return there !== null;
}
