import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, given, type ToolRecord } from '../api/client';
import { useFamilies, useLathes } from '../api/records';
import { kindOf, machinesFor } from '../cut/families';
import { Plate } from '../plate/Plate';

/** A tool's small drawing, worked out when it comes into view. */
export function ToolPicture({ tool }: { tool: ToolRecord }) {
  const box = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const at = box.current;
    if (!at) return;
    const watch = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) {
          setSeen(true);
          watch.disconnect();
        }
      },
      { rootMargin: '200px' },
    );
    watch.observe(at);
    return () => watch.disconnect();
  }, []);
  const of = kindOf(useFamilies().data ?? [], tool.kind);
  const kind = of?.kind;
  const lathe = machinesFor(of?.family, useLathes().data ?? [])[0]?.id;
  const drawn = useQuery({
    queryKey: ['tool-picture', tool.id, tool.version, lathe, kind?.id],
    queryFn: () =>
      given(
        api.POST('/api/plan', {
          body: {
            fields: { lathe: lathe ?? '', ...tool.fields, ...kind?.sample },
            units: tool.units,
          },
        }),
      ),
    enabled: seen && lathe !== undefined && kind !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const scene = drawn.data?.scenes.find((one) => one.id === kind?.drawing);
  // A figure that its card leaves open tells nothing of the thing itself.
  const known = kind?.figure && tool.fields[kind.figureNeeds];
  const figure = known ? drawn.data?.figures.find((one) => one.id === kind.figure) : undefined;
  return (
    <>
      <div ref={box} className="[&_.plate]:max-w-none [&_figcaption]:hidden" aria-hidden="true">
        {scene ? (
          <Plate scene={{ ...scene, labels: [], scaleNote: '' }} still />
        ) : (
          <div className="plate plate-empty" />
        )}
      </div>
      {figure && (
        <p className="order-last text-ink-2">
          {figure.label}: <b className="figures">{figure.text}</b>
        </p>
      )}
    </>
  );
}
