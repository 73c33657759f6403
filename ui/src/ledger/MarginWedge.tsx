/** A wedge that thins as the margin thins; turned about and hollow when there is none left. */
export function MarginWedge({ margin, verdict }: { margin: number; verdict: string }) {
  if (verdict === 'TOLD') {
    return (
      <svg className="h-[22px] w-15" viewBox="0 0 44 22" aria-hidden="true">
        <line x1="4" y1="11" x2="40" y2="11" className="stroke-line stroke-[2.5]" />
      </svg>
    );
  }
  const thick = Math.max(1.2, Math.min(1, Math.abs(margin)) * 18);
  const failed = verdict === 'WRONG';
  const points = failed
    ? `40,${11 - thick / 2} 40,${11 + thick / 2} 4,11`
    : `4,${11 - thick / 2} 4,${11 + thick / 2} 40,11`;
  return (
    <svg className="h-[22px] w-15" viewBox="0 0 44 22" aria-hidden="true">
      <polygon
        points={points}
        className={
          failed
            ? 'fill-none stroke-warn stroke-[1.8] [stroke-dasharray:3_2]'
            : verdict === 'DOUBTFUL'
              ? 'fill-none stroke-ink stroke-[1.6]'
              : 'fill-ink'
        }
      />
      {failed && <line x1="6" y1="3" x2="20" y2="19" className="stroke-warn stroke-[2.4]" />}
    </svg>
  );
}
