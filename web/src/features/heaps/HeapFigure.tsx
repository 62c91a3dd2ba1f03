import { grains, outline } from './model';

const GRAINS = 80;
const PLACES = grains(GRAINS);
const WIDE = 240;
const HIGH = 104;
const STEPS = Array.from({ length: 41 }, (_, step) => step / 40);
const EDGE = STEPS.map((x) => `L${(x * WIDE).toFixed(1)} ${(HIGH - outline(x) * HIGH).toFixed(1)}`);
const PATH = `M0 ${HIGH} ${EDGE.join(' ')} L${WIDE} ${HIGH} Z`;

/** A heap in section: of its grains, as many are drawn dead as were burnt; below it how moist it is against what is wanted. */
export function HeapFigure({ name, burnt, moisture }: { name: string; burnt: number | null; moisture: number | null }) {
  const dead = burnt === null ? 0 : Math.round(burnt * GRAINS);
  const words = [
    burnt === null ? 'how much was burnt is not known' : `of ${GRAINS} grains ${dead} are burnt`,
    moisture === null ? 'not tested today' : moisture < 0 ? 'too dry' : moisture > 1 ? 'too wet' : 'as moist as wanted',
  ];
  const at = moisture === null ? null : 70 + 100 * Math.min(1.6, Math.max(-0.6, moisture));
  return (
    <svg viewBox={`0 2 ${WIDE} ${HIGH + 38}`} className="w-full max-w-80" role="img" aria-label={`${name}: ${words.join(', ')}`}>
      <path d={PATH} fill="var(--plaster)" stroke="var(--ink)" strokeWidth="1.5" strokeLinejoin="round" />
      {PLACES.map(({ x, y }, index) =>
        index % GRAINS < dead ? (
          <rect key={index} x={x * WIDE - 2.6} y={HIGH - y * HIGH - 2.6} width="5.2" height="5.2" fill="var(--ink)" />
        ) : (
          <circle key={index} cx={x * WIDE} cy={HIGH - y * HIGH} r="1.7" fill="none" stroke="var(--line)" strokeWidth="1.1" />
        ),
      )}
      <line x1="0" x2={WIDE} y1={HIGH} y2={HIGH} stroke="var(--ink)" strokeWidth="2" />
      <g aria-hidden="true" fontSize="11" fontFamily="var(--font-narrow)" fill="var(--ink)">
        <line x1="8" x2={WIDE - 8} y1={HIGH + 20} y2={HIGH + 20} stroke="var(--line)" strokeWidth="1" />
        <rect x="70" y={HIGH + 16} width="100" height="8" fill="var(--wash)" stroke="var(--ink)" strokeWidth="1" />
        <text x="8" y={HIGH + 36}>
          dry
        </text>
        <text x="120" y={HIGH + 36} textAnchor="middle">
          {at === null ? 'moisture not known today' : 'right'}
        </text>
        <text x={WIDE - 8} y={HIGH + 36} textAnchor="end">
          wet
        </text>
        {at !== null && <path d={`M${at} ${HIGH + 15}l-5 -9h10z`} fill="var(--ink)" />}
      </g>
    </svg>
  );
}

/** A fistful after the squeeze, as it shows each of the three answers. */
export function SqueezeDrawing({ state }: { state: string }) {
  return (
    <svg width="64" height="44" viewBox="0 0 64 44" aria-hidden="true" className="flex-none">
      {state === 'dry' && (
        <g fill="var(--plaster)" stroke="currentColor" strokeWidth="1.5">
          <path d="M18 30c-2-8 2-14 9-15l2 7-5 4 3 8z" />
          <path d="M34 15c8 0 13 6 12 13l-7 6-4-6 3-5z" />
          <circle cx="30" cy="38" r="1.6" />
          <circle cx="22" cy="39" r="1.2" />
          <circle cx="37" cy="40" r="1.4" />
          <circle cx="45" cy="38" r="1.2" />
          <circle cx="14" cy="38" r="1.4" />
        </g>
      )}
      {state === 'good' && (
        <g fill="var(--plaster)" stroke="currentColor" strokeWidth="1.5" strokeLinejoin="round">
          <path d="M8 30c-1-9 5-14 13-14h7l-2 9 3 3-2 8H14c-4 0-6-2-6-6z" />
          <path d="M34 16h8c9 0 14 6 13 14 0 4-3 6-7 6H33l2-8-3-3z" />
          <path d="M13 20v12M19 18v16M43 18v16M49 20v13" strokeWidth="1" />
        </g>
      )}
      {state === 'wet' && (
        <g fill="var(--plaster)" stroke="currentColor" strokeWidth="1.5">
          <path d="M12 30c-2-10 6-17 20-17s22 7 20 17c-1 5-6 7-20 7s-19-2-20-7z" />
          <path
            d="M22 4c3 4 3 7 0 7s-3-3 0-7zM33 2c3 4 3 7 0 7s-3-3 0-7zM44 4c3 4 3 7 0 7s-3-3 0-7z"
            fill="currentColor"
            strokeWidth="0.5"
          />
        </g>
      )}
    </svg>
  );
}
