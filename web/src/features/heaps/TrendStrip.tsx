import type { Heap, HeapMeasure } from '../../shared/api';
import { clockWords } from '../../shared/day';
import { heightOf, type Span } from './model';

const WIDE = 420;
const HIGH = 92;
const LEFT = 4;

/** One measure over the life of a heap: tests with their spread, the band that is wanted, pours and what was mixed in along the foot. */
export function TrendStrip({ measure, heap, span }: { measure: HeapMeasure; heap: Heap; span: Span }) {
  const height = heightOf(measure);
  const x = (at: number) => LEFT + ((at - span.from) / (span.to - span.from || 1)) * (WIDE - 2 * LEFT);
  const y = (value: number) => HIGH - height(value) * HIGH;
  const points = measure.trend.map((one) => ({ ...one, x: x(one.at), y: y(one.value) }));
  const band = measure.band;
  const tests = measure.trend.filter((one) => one.tested).length;
  const ends = band ? [band.high, ...(band.low > 0 ? [band.low] : [])] : [];
  return (
    <div className="relative">
      {ends.map((end) => (
        <span
          key={end}
          aria-hidden="true"
          className="absolute right-1 -translate-y-1/2 bg-sheet px-1 text-sm leading-none"
          style={{ top: `${(100 * y(end)) / (HIGH + 18)}%` }}
        >
          {end}
        </span>
      ))}
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH + 18}`}
        className="w-full"
        role="img"
        aria-label={`${measure.label} over time: ${tests === 0 ? 'never measured' : `${tests} tests`}`}
      >
        {band && (
          <g>
            <rect x="0" width={WIDE} y={y(band.high)} height={Math.max(1, y(band.low) - y(band.high))} fill="var(--wash)" />
            {[band.low, band.high].map((end) => (
              <line key={end} x1="0" x2={WIDE} y1={y(end)} y2={y(end)} stroke="var(--line)" strokeDasharray="5 4" strokeWidth="1" />
            ))}
          </g>
        )}
        <polyline points={points.map((one) => `${one.x},${one.y}`).join(' ')} fill="none" stroke="var(--ink)" strokeWidth="1.25" />
        {points.map((one) => (
          <g key={`${one.at} ${one.tested}`}>
            {one.tested && <line x1={one.x} x2={one.x} y1={y(one.low)} y2={y(one.high)} stroke="var(--ink)" strokeWidth="1.5" />}
            {one.tested && <circle cx={one.x} cy={one.y} r="4" fill="var(--ink)" />}
          </g>
        ))}
        <line x1="0" x2={WIDE} y1={HIGH + 2} y2={HIGH + 2} stroke="var(--ink)" strokeWidth="1" />
        {heap.pours.map((one) => (
          <line key={one.attempt_id} x1={x(one.at)} x2={x(one.at)} y1={HIGH + 2} y2={HIGH + 12} stroke="var(--molten)" strokeWidth="2" />
        ))}
        {heap.entries
          .filter((one) => one.kind === 'sand_addition')
          .map((one) => (
            <path key={one.id} d={`M${x(one.at)} ${HIGH + 4}l5 9h-10z`} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
          ))}
      </svg>
    </div>
  );
}

/** The same in rows, for whoever reads rather than looks. */
export function TrendTable({ measure }: { measure: HeapMeasure }) {
  if (measure.trend.length === 0) return null;
  return (
    <details>
      <summary className="cursor-pointer py-2 text-sm underline underline-offset-4">as a table</summary>
      <table className="w-full text-sm">
        <tbody>
          {measure.trend.toReversed().map((one) => (
            <tr key={`${one.at} ${one.tested}`} className="hairline">
              <th scope="row" className="py-1 text-left font-normal">
                {clockWords(one.at)}
              </th>
              <td className="figure py-1">{one.value}</td>
              <td className="py-1 text-soft">
                {one.low} to {one.high}
              </td>
              <td className="py-1 text-soft">{one.tested ? 'tested' : 'reckoned'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
