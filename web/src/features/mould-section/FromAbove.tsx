import { useId } from 'react';
import type { FromAbove as View, Layer } from '../../shared/api';
import { Bands, LayerMarks } from './LaidOver';
import { facePath, spread } from './model';
import { layerPattern, MouldPatterns, rankIn } from './MouldPatterns';
import { pressable } from './pressable';
import { useWidth } from '../../shared/ui/useWidth';

interface Props {
  view: View;
  /** Called with the section of the casting that was pressed. */
  onSelect?: (subject: string) => void;
  subject?: string | null;
  most?: number;
  /** What is laid over it. */
  layer?: Layer | null;
}

const MARGIN = 34;

/** The casting seen from above, to scale: which bodies lie where, and what its body says of filling, air and feeding. */
export function FromAbove({ view, onSelect, subject = null, most = 320, layer = null }: Props) {
  const id = useId().replaceAll(':', '');
  const { ref, width } = useWidth(960);
  const { left, right, front, back } = view.bounds;
  const scale = Math.min((width - 2 * MARGIN) / Math.max(1, right - left), (most - 2 * MARGIN) / Math.max(1, back - front));
  const height = (back - front) * scale + 2 * MARGIN;
  const x0 = (width - (right - left) * scale) / 2;
  const place = ([x = 0, y = 0]: readonly number[]): [number, number] => [x0 + (x - left) * scale, MARGIN + (back - y) * scale];
  const cut = place([left, view.cut_along])[1];
  // What a layer marks takes the place of all but the gates.
  const marks = layer ? view.marks.filter((mark) => mark.kind === 'gate') : view.marks;
  const kinds = [...new Set(marks.map((mark) => mark.kind))];
  // Side by side where one would cover another; a gate first, so that it stays where it is.
  const places = spread(
    marks.map((mark) => place(mark.at)),
    17,
    width,
  );
  return (
    <figure>
      <div ref={ref}>
        <svg
          viewBox={`0 0 ${width} ${height.toFixed(0)}`}
          className="block w-full font-narrow"
          role={onSelect ? 'group' : 'img'}
          aria-label="The casting from above, to scale"
        >
          <MouldPatterns id={id} />
          {view.parts.map((part) => {
            const path = facePath(part, place);
            const rank = layer ? rankIn(layer, part.subject) : undefined;
            return (
              <g key={part.id} {...pressable(onSelect && (() => onSelect(part.subject)), part.label, part.subject === subject)}>
                <path d={path} fillRule="evenodd" fill="var(--sheet)" />
                <path
                  d={path}
                  fillRule="evenodd"
                  fill={rank !== undefined ? layerPattern(id, rank) : `url(#${id}-${part.cut ? 'casting' : 'feed'})`}
                  stroke="var(--ink)"
                  strokeWidth={part.subject === subject ? 4.5 : 1.8}
                >
                  <title>{part.label}</title>
                </path>
              </g>
            );
          })}
          {layer && <Bands id={id} layer={layer} view="above" place={place} within={view.parts.map((part) => facePath(part, place))} />}
          <path
            d={`M${x0 - 24} ${cut}H${x0 - 4}M${x0 + (right - left) * scale + 4} ${cut}H${x0 + (right - left) * scale + 24}`}
            stroke="var(--ink)"
            strokeWidth="1.4"
            strokeDasharray="14 4 3 4"
          />
          {marks.map((mark, index) => (
            <Mark key={`${mark.kind}-${index}`} kind={mark.kind} at={places[index] ?? place(mark.at)} words={mark.words} />
          ))}
          {layer && <LayerMarks layer={layer} view="above" place={place} inside={width} />}
        </svg>
      </div>
      <figcaption className="flex flex-wrap gap-x-6 gap-y-1 text-sm text-soft">
        <span>From above; the section is cut along the dashes.</span>
        {kinds.map((kind) => (
          <span key={kind} className="inline-flex items-center gap-1.5">
            <svg viewBox="-10 -10 20 20" width="16" height="16" aria-hidden="true">
              <Mark kind={kind} at={[0, 0]} words="" />
            </svg>
            {view.marks.find((mark) => mark.kind === kind)?.words}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}

/** Told apart by shape: an arrow, an open ring, a cross, a filled square on its corner. */
function Mark({ kind, at: [x, y], words }: { kind: View['marks'][number]['kind']; at: readonly [number, number]; words: string }) {
  const paths = {
    gate: 'M-9 -5L0 0L-9 5Z',
    high: 'M5.5 0A5.5 5.5 0 1 1 -5.5 0A5.5 5.5 0 1 1 5.5 0Z',
    last: 'M-6 -6L6 6M-6 6L6 -6',
    hot: 'M0 -7L7 0L0 7L-7 0Z',
  };
  return (
    <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
      {words && <title>{words}</title>}
      <path d={paths[kind]} fill="none" stroke="var(--sheet)" strokeWidth="6" />
      <path
        d={paths[kind]}
        fill={kind === 'hot' ? 'var(--molten)' : kind === 'gate' ? 'var(--ink)' : kind === 'high' ? 'var(--sheet)' : 'none'}
        stroke={kind === 'hot' ? 'var(--molten)' : 'var(--ink)'}
        strokeWidth="2.4"
      />
    </g>
  );
}
