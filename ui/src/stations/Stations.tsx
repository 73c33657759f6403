import { memo } from 'react';
import type { CutPageParts, Finding } from '../api/client';
import { useOfAnswer } from '../cut/CutContext';
import { CribStation } from './CribStation';
import { MakeStation } from './MakeStation';
import { PlateStation } from './PlateStation';
import { ProveStation } from './ProveStation';

/** The stations of a cut, in working order. */
export const STATIONS = ['cut', 'edge', 'reach', 'make', 'prove', 'crib'] as const;
export type StationId = (typeof STATIONS)[number];
export const NAMES = { cut: 'Cut', edge: 'Edge', reach: 'Reach', make: 'Make', prove: 'Prove', crib: 'Crib' };

/** What the stations of a cut are called: each by its family's own word, where it has one. */
export function namesOf(page: CutPageParts | undefined): Record<StationId, string> {
  const names: Record<StationId, string> = { ...NAMES };
  for (const { station, name } of page?.stations ?? []) if (name) names[station.toLowerCase() as StationId] = name;
  return names;
}

export const isStation = (text: string): text is StationId => text in NAMES;

interface TabsProps {
  /** Of which cut. */
  cut: string;
  at: StationId;
  onGo: (station: StationId) => void;
}

/** The way from station to station, each with the worst that it has to say. */
export const StationTabs = memo(function StationTabs({ cut, at, onGo }: TabsProps) {
  const findings = useOfAnswer((plan) => plan.answer?.findings) ?? [];
  const page = useOfAnswer((plan) => plan.page);
  const names = namesOf(page);
  return (
    <nav
      className="stations isolate flex gap-0.5 border-b-2 border-ink px-5 max-bench:flex-wrap max-bench:px-3 print:hidden"
      aria-label="Stations"
    >
      {STATIONS.map((one, i) => (
        <a
          key={one}
          href={`/cut/${cut}/${one}`}
          className="flex min-h-[42px] items-center gap-1.5 px-4 py-1 text-[1.05rem] text-ink-2 no-underline aria-[current]:rounded-t-sm aria-[current]:bg-ink aria-[current]:font-[650] aria-[current]:text-paper"
          aria-current={one === at ? 'step' : undefined}
          onClick={(event) => {
            // With a key held it opens in a tab of its own.
            if (event.ctrlKey || event.metaKey || event.shiftKey) return;
            event.preventDefault();
            onGo(one);
          }}
        >
          <span className="figures">{i + 1}</span> {names[one]}
          <StationMark worst={findings.find((finding) => finding.station === one.toUpperCase())} />
        </a>
      ))}
    </nav>
  );
});

/** The worst that a station has to say, in two words beside its name. */
function StationMark({ worst }: { worst: Finding | undefined }) {
  if (worst?.verdict === 'WRONG')
    return (
      <span
        className="rounded-xs border-[1.5px] border-current px-1.5 text-[0.85rem] font-semibold"
        title="something will not do"
      >
        will not do
      </span>
    );
  if (worst?.verdict === 'DOUBTFUL')
    return (
      <span
        className="rounded-xs border-[1.5px] border-current px-1.5 text-[0.85rem] font-semibold"
        title="something to watch"
      >
        watch
      </span>
    );
  return null;
}

export const Station = memo(function Station({ station }: { station: StationId }) {
  switch (station) {
    case 'cut':
      return <PlateStation key="cut" station="CUT" />;
    case 'edge':
      return <PlateStation key="edge" station="EDGE" />;
    case 'reach':
      return <PlateStation key="reach" station="REACH" />;
    case 'make':
      return <MakeStation />;
    case 'prove':
      return <ProveStation />;
    case 'crib':
      return <CribStation />;
  }
});
