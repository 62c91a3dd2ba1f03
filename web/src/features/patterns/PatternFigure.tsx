import type { PatternLine } from '../../shared/api';

const WIDE = 120;
const HIGH = 74;

/** What such a thing looks like, in section; worn ones lose their edges, broken ones show it. */
export function PatternFigure({ line }: { line: PatternLine }) {
  const worn = Math.min(1, line.worn ?? 0);
  const round = 1 + 9 * worn;
  const left = line.left;
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} width={WIDE} height={HIGH} aria-hidden="true">
      {left !== null ? (
        <Pieces count={left} wax={line.form === 'wax'} />
      ) : BODIES[line.form ?? ''] ? (
        BODIES[line.form ?? '']?.(round)
      ) : null}
      {line.is_out && <path d="M62 8l-7 18l9 12l-8 24" fill="none" stroke="var(--molten)" strokeWidth="2.8" />}
      <line x1="4" x2={WIDE - 4} y1={HIGH - 2} y2={HIGH - 2} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}

/** Waxes and foams stand in a row: as many as there are, up to eight; none is an outline. */
function Pieces({ count, wax }: { count: number; wax: boolean }) {
  const drawn = Math.max(1, Math.min(8, count));
  return (
    <g stroke="var(--ink)" strokeWidth="1.4" strokeDasharray={count === 0 ? '4 3' : undefined}>
      {Array.from({ length: drawn }, (_, index) => {
        const x = 8 + (index % 4) * 27;
        const y = index < 4 ? 40 : 6;
        return wax ? (
          <path key={index} d={`M${x} ${y + 30}v-18q0-10 10-10t10 10v18z`} fill={count === 0 ? 'none' : 'var(--plaster)'} />
        ) : (
          <g key={index}>
            <rect x={x} y={y + 2} width="20" height="28" fill={count === 0 ? 'none' : 'var(--sheet)'} />
            {count > 0 &&
              [0, 1, 2, 3, 4, 5].map((dot) => (
                <circle key={dot} cx={x + 5 + (dot % 2) * 10} cy={y + 8 + Math.floor(dot / 2) * 8} r="2.6" fill="none" strokeWidth="0.9" />
              ))}
          </g>
        );
      })}
    </g>
  );
}

const ink = { stroke: 'var(--ink)', strokeWidth: 1.5, strokeLinejoin: 'round' as const };

/** A boss on a plate, as each kind shows it: grain of wood, layers of a print, both halves of a mould. */
const BODIES: Record<string, (round: number) => React.ReactNode> = {
  wood: (round) => (
    <g {...ink} fill="var(--plaster)">
      <Boss round={round} />
      <path d="M16 62q40-6 88 0M40 40q18-4 38 0M41 30q18-3 36 0" fill="none" strokeWidth="0.9" />
    </g>
  ),
  print: (round) => (
    <g {...ink} fill="var(--sheet)">
      <Boss round={round} />
      <path d="M12 67h96M12 63h96M12 59h96M39 51h42M39 46h42M39 41h42M39 36h42M39 31h42M39 26h42" fill="none" strokeWidth="0.7" />
    </g>
  ),
  original: (round) => (
    <g {...ink} fill="var(--wash)">
      <Boss round={round} />
      <circle cx="60" cy="40" r="7" fill="var(--sheet)" />
    </g>
  ),
  clay: (round) => (
    <g {...ink} fill="var(--line)">
      <Boss round={round + 6} />
    </g>
  ),
  plaster: (round) => (
    <g {...ink} fill="var(--plaster)">
      <Boss round={round} />
    </g>
  ),
  metal: (round) => (
    <g {...ink} fill="var(--ink)" fillOpacity="0.82">
      <Boss round={round} />
    </g>
  ),
  match_plate: (round) => (
    <g {...ink}>
      <rect x="4" y="38" width="112" height="7" fill="var(--ink)" fillOpacity="0.82" />
      <path d={`M22 38v-10q0-${round} ${round}-${round}h14q${round} 0 ${round} ${round}v10z`} fill="var(--plaster)" />
      <path d={`M68 38v-10q0-${round} ${round}-${round}h14q${round} 0 ${round} ${round}v10z`} fill="var(--plaster)" />
      <path d="M26 45h26v12h-26zM72 45h26v12h-26z" fill="var(--plaster)" />
      <path d="M10 32v20M110 32v20" strokeWidth="4" />
    </g>
  ),
  core_box: () => (
    <g {...ink} fill="var(--plaster)">
      <path d="M10 12h100v26h-24a26 15 0 0 1-52 0h-24zM10 41h24a26 15 0 0 0 52 0h24v29h-100z" />
    </g>
  ),
  silicone_mould: (round) => (
    <g {...ink} fill="var(--wash)">
      <path d={`M10 8h100q4 0 4 4v24h-30q-2 -${10 + round} -24 -${10 + round}t-24 ${10 + round}h-30v-24q0-4 4-4z`} />
      <path d="M6 40h108v26q0 4-4 4h-100q-4 0-4-4z" />
      <path d="M18 40q4 6 8 0M94 40q4 6 8 0" fill="var(--sheet)" />
    </g>
  ),
  metal_mould: () => (
    <g {...ink}>
      <path d="M8 8h46v58h-46z" fill="var(--ink)" fillOpacity="0.82" />
      <path d="M66 8h46v58h-46z" fill="var(--ink)" fillOpacity="0.82" />
      <path d="M54 16q-14 4-14 24t14 20zM66 16q14 4 14 24t-14 20z" fill="var(--sheet)" />
      <path d="M16 20v6M16 46v6M104 20v6M104 46v6" stroke="var(--sheet)" strokeWidth="3" />
    </g>
  ),
};

function Boss({ round }: { round: number }) {
  // Up from the foot, over the plate, up the boss, across, and down again.
  const plate = round / 2;
  const path = [
    `M12 72v-${16 - plate}q0-${plate} ${plate}-${plate}h${27 - plate}`,
    `v-${28 - round}q0-${round} ${round}-${round}h${42 - 2 * round}q${round} 0 ${round} ${round}v${28 - round}`,
    `h${27 - plate}q${plate} 0 ${plate} ${plate}v${16 - plate}z`,
  ];
  return <path d={path.join('')} />;
}
