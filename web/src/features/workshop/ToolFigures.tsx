/** A crucible in section, as large against the others as it is, its wall as worn as its heats say. */
export function CrucibleFigure({ size, worn, out }: { size: number; worn: number; out: boolean }) {
  const scale = Math.max(0.35, size || 0.6);
  const wide = 64 * scale;
  const high = 74 * scale;
  const wall = Math.max(1.6, 7 * scale * (1 - 0.75 * Math.min(1, worn)));
  const left = 40 - wide / 2;
  const foot = 0.7;
  const outer = `M${left} ${84 - high}L${40 - (wide * foot) / 2} 84H${40 + (wide * foot) / 2}L${left + wide} ${84 - high}Z`;
  const half = (wide * foot) / 2;
  const inner =
    `M${left + wall} ${84 - high}L${40 - half + wall} ${84 - wall}` + `H${40 + half - wall}L${left + wide - wall} ${84 - high}Z`;
  return (
    <svg viewBox="0 0 80 88" width="80" height="88" aria-hidden="true">
      <path d={outer} fill="var(--ink)" fillOpacity="0.82" stroke="var(--ink)" strokeWidth="1.4" strokeLinejoin="round" />
      <path d={inner} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1" strokeLinejoin="round" />
      {out && (
        <path
          d={`M${40 - 3} ${84 - high}l6 ${high * 0.3}l-7 ${high * 0.25}l6 ${high * 0.45}`}
          fill="none"
          stroke="var(--molten)"
          strokeWidth="2.6"
        />
      )}
      <line x1="4" x2="76" y1="85" y2="85" stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}

/** A flask from its side, cope over drag, to scale with the others. */
export function FlaskFigure({
  length,
  cope,
  drag,
  most,
}: {
  length: number | null;
  cope: number | null;
  drag: number | null;
  most: number;
}) {
  const scale = 150 / most;
  const wide = Math.max(24, (length ?? 0.5 * most) * scale);
  const up = Math.max(8, (cope ?? 0.25 * most) * scale);
  const down = Math.max(8, (drag ?? 0.25 * most) * scale);
  return (
    <svg viewBox={`-14 -2 ${wide + 28} ${up + down + 6}`} width={wide + 28} height={up + down + 6} aria-hidden="true">
      <g fill="none" stroke="var(--ink)" strokeWidth="1.5" strokeDasharray={length === null ? '5 3' : undefined}>
        <rect x="0" y="0" width={wide} height={up} fill="var(--plaster)" />
        <rect x="0" y={up + 2} width={wide} height={down} fill="var(--plaster)" />
        <path d={`M0 ${up - 5}h-11v5h11M${wide} ${up - 5}h11v5h-11M0 ${up + 7}h-11v-5h11M${wide} ${up + 7}h11v-5h-11`} />
      </g>
    </svg>
  );
}

/** What a tool cuts, as large as it is on paper at twice its size. */
export function CutterFigure({ kind, size }: { kind: string; size: number }) {
  const across = Math.min(96, Math.max(6, size * 2000));
  const box = across + 6;
  return (
    <svg viewBox={`0 0 ${box} ${box}`} width={box} height={box} aria-hidden="true">
      {kind === 'bar' ? (
        <rect x="3" y="3" width={across} height={across} fill="var(--wash)" stroke="var(--ink)" strokeWidth="1.5" />
      ) : (
        <circle
          cx={box / 2}
          cy={box / 2}
          r={across / 2}
          fill={kind === 'tube' ? 'none' : 'var(--wash)'}
          stroke="var(--ink)"
          strokeWidth={kind === 'tube' ? 3 : 1.5}
        />
      )}
    </svg>
  );
}
