/** A wedge that thins as the margin thins; turned about and hollow when there is none left. */
export function MarginWedge({ margin, verdict }: { margin: number; verdict: string }) {
  if (verdict === 'TOLD') {
    return (
      <svg className="wedge" viewBox="0 0 44 22" aria-hidden="true">
        <line x1="4" y1="11" x2="40" y2="11" className="wedge-told" />
      </svg>
    );
  }
  const thick = Math.max(1.2, Math.min(1, Math.abs(margin)) * 18);
  const failed = verdict === 'WRONG';
  const points = failed
    ? `40,${11 - thick / 2} 40,${11 + thick / 2} 4,11`
    : `4,${11 - thick / 2} 4,${11 + thick / 2} 40,11`;
  return (
    <svg className="wedge" viewBox="0 0 44 22" aria-hidden="true">
      <polygon
        points={points}
        className={failed ? 'wedge-none' : verdict === 'DOUBTFUL' ? 'wedge-thin' : 'wedge-left'}
      />
      {failed && <line x1="6" y1="3" x2="20" y2="19" className="wedge-struck" />}
    </svg>
  );
}
