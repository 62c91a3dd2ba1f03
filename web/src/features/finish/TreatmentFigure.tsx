import type { Treatment } from '../../shared/api';
import { curveOf, rampOf } from './model';

const WIDE = 460;
const HIGH = 110;
const RAMP = ['var(--t0)', 'var(--t1)', 'var(--t2)', 'var(--t3)', 'var(--t4)'] as const;

/** A heat treatment as its oven goes: how hot over how long. */
export function TreatmentFigure({ treatment }: { treatment: Treatment }) {
  const { points, holds } = curveOf(treatment.stages, WIDE, HIGH);
  const words = treatment.stages.map((stage) => `${stage.label} at ${stage.set} for ${stage.hold}, then ${stage.then}`).join('; ');
  return (
    <svg viewBox={`-6 -12 ${WIDE + 12} ${HIGH + 26}`} className="w-full max-w-xl" role="img" aria-label={`${treatment.name}: ${words}`}>
      {holds.map(({ x, y, index }) => {
        const stage = treatment.stages[index];
        const [from, to] = [points[3 * index + 1], points[3 * index + 2]];
        if (!stage || !from || !to) return null;
        return (
          <g key={index}>
            <rect x={from.x} y={y} width={to.x - from.x} height={HIGH - y} fill={RAMP[rampOf(stage.celsius)]} fillOpacity="0.28" />
            <line x1={from.x} x2={to.x} y1={y} y2={y} stroke={RAMP[rampOf(stage.celsius)]} strokeWidth="5" />
            <text x={x} y={y - 7} textAnchor="middle" fontSize="14" fontWeight="600" fontFamily="var(--font-narrow)" fill="var(--ink)">
              {stage.set}
            </text>
            <text x={x} y={HIGH - 6} textAnchor="middle" fontSize="12" fontFamily="var(--font-narrow)" fill="var(--ink)">
              {stage.hold.split(' (')[0]}
            </text>
          </g>
        );
      })}
      <polyline points={points.map(({ x, y }) => `${x},${y}`).join(' ')} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      <line x1="0" x2={WIDE} y1={HIGH} y2={HIGH} stroke="var(--ink)" strokeWidth="1.5" />
    </svg>
  );
}
