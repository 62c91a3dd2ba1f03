import { useId } from 'react';
import type { Layer } from '../../shared/api';
import { asPoint, facePath, spread, type Frame, type Point } from './model';
import { layerPattern, MouldPatterns } from './MouldPatterns';

type View = 'cut' | 'above';
type MarkKind = Layer['marks'][number]['kind'];

interface Props {
  id: string;
  layer: Layer;
  view: View;
  place: Frame['place'];
}

/** How closely a band is hatched, 0 the least to 1 the most. */
function rankOf(layer: Layer, index: number): number {
  return layer.bands.length > 1 ? index / (layer.bands.length - 1) : 1;
}

/** The contours of a layer, each band hatched the closer the more; cut off where the metal ends. */
export function Bands({ id, layer, view, place, within }: Props & { within: readonly string[] }) {
  if (layer.bands.length < 2) return null;
  return (
    <g style={{ pointerEvents: 'none' }} clipPath={`url(#${id}-metal)`} aria-hidden="true">
      <clipPath id={`${id}-metal`}>
        {within.map((path) => (
          <path key={path} d={path} clipRule="evenodd" />
        ))}
      </clipPath>
      {layer.bands.slice(1).flatMap((band, step) =>
        band[view].map((face, index) => {
          const path = facePath(face, place);
          return (
            <g key={`${step}-${index}`}>
              <path d={path} fillRule="evenodd" fill="var(--sheet)" />
              <path d={path} fillRule="evenodd" fill={layerPattern(id, rankOf(layer, step + 1))} stroke="var(--ink)" strokeWidth="1.1" />
            </g>
          );
        }),
      )}
    </g>
  );
}

/** Numbered places of a layer; what is at each stands under the drawing. */
export function LayerMarks({ layer, view, place, inside }: Omit<Props, 'id'> & { inside: number }) {
  const places = spread(
    layer.marks.map((mark) => place(asPoint(mark[view]))),
    24,
    inside,
  );
  return (
    <g style={{ pointerEvents: 'none' }}>
      {layer.marks.map((mark, index) => (
        <NumberedMark key={index} kind={mark.kind} number={index + 1} at={places[index] ?? [0, 0]} words={mark.words} />
      ))}
    </g>
  );
}

/** What hatching and numbers of a layer stand for. */
export function LayerLegend({ layer }: { layer: Layer }) {
  const id = useId().replaceAll(':', '');
  return (
    <div className="mt-2 text-sm">
      <p className="text-soft">{layer.words}</p>
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1.5">
        {layer.bands.map((band, index) => (
          <li key={band.from} className="inline-flex items-center gap-2">
            <svg viewBox="0 0 44 22" width="44" height="22" aria-hidden="true">
              <MouldPatterns id={`${id}-${index}`} />
              <rect
                x="0.8"
                y="0.8"
                width="42.4"
                height="20.4"
                fill={layerPattern(`${id}-${index}`, rankOf(layer, index))}
                stroke="var(--ink)"
                strokeWidth="1.4"
              />
            </svg>
            <span className="figure">{band.from === band.to ? band.from : `${band.from} to ${band.to}`}</span>
          </li>
        ))}
        {layer.marks.map((mark, index) => (
          <li key={index} className="inline-flex items-center gap-1.5">
            <svg viewBox="-13 -13 26 26" width="24" height="24" aria-hidden="true">
              <NumberedMark kind={mark.kind} number={index + 1} at={[0, 0]} words="" />
            </svg>
            {mark.words}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Told apart by shape: a ring for air, a square on its corner for what is thick, a square for the end of a way, filled for the last. */
function NumberedMark({ kind, number, at: [x, y], words }: { kind: MarkKind; number: number; at: Point; words: string }) {
  const paths = {
    high: 'M11 0A11 11 0 1 1 -11 0A11 11 0 1 1 11 0Z',
    hot: 'M0 -12.5L12.5 0L0 12.5L-12.5 0Z',
    meet: 'M-9.5 -9.5H9.5V9.5H-9.5Z',
    last: 'M-9.5 -9.5H9.5V9.5H-9.5Z',
  };
  const filled = kind === 'last' || kind === 'hot';
  return (
    <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
      {words && <title>{words}</title>}
      <path d={paths[kind]} fill="none" stroke="var(--sheet)" strokeWidth="5" />
      <path
        d={paths[kind]}
        fill={filled ? (kind === 'hot' ? 'var(--molten)' : 'var(--ink)') : 'var(--sheet)'}
        stroke={kind === 'hot' ? 'var(--molten)' : 'var(--ink)'}
        strokeWidth="2"
      />
      <text y="4.5" fontSize="13" fontWeight="700" textAnchor="middle" fill={filled ? 'var(--sheet)' : 'var(--ink)'}>
        {number}
      </text>
    </g>
  );
}
