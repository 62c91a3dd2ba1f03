import type { LotLine } from '../../shared/api';
import { pile } from './model';

const WIDE = 132;
const HIGH = 72;

/** A lot as it lies on its board, drawn to scale with the others: ingots as a stack, scrap of any size hatched. */
export function LotFigure({ lot, most }: { lot: LotLine; most: number }) {
  const bars = pile(lot.kg, lot.pieces, most, WIDE - 8);
  const scrap = lot.pieces === null;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      className="w-full max-w-36"
      role="img"
      aria-label={`${lot.name}: ${lot.shown}${lot.pieces === null ? '' : `, ${lot.pieces} pieces`}`}
    >
      {bars.map((bar, index) => (
        <path
          key={index}
          d={`M${4 + bar.x + bar.width * 0.12} ${HIGH - bar.y}h${bar.width * 0.76}l${bar.width * 0.1} ${bar.height}h${-bar.width * 0.96}z`}
          fill={scrap ? 'var(--wash)' : 'var(--plaster)'}
          stroke="var(--ink)"
          strokeWidth="1.3"
          strokeDasharray={scrap ? '4 2.5' : undefined}
          strokeLinejoin="round"
        />
      ))}
      <line x1="0" x2={WIDE} y1={HIGH - 0.8} y2={HIGH - 0.8} stroke="var(--ink)" strokeWidth="2.4" />
    </svg>
  );
}
