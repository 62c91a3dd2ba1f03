import { useEffect, useRef, useState } from 'react';
import uPlot from 'uplot';
import 'uplot/dist/uPlot.min.css';
import type { Curve } from '../../shared/api';
import { nearest, timeWords, type TableRow } from './model';

interface Props {
  curve: Curve;
  /** What is shown now, in seconds since 1970; null: all of it. */
  onShown: (range: { from: number; to: number } | null) => void;
}

const HEIGHT = 340;
const minuteWords = (at: number) => new Date(at * 1000).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });

/** The curve to scale. It can be dragged into, walked along with the arrow keys, and is read out as it is walked. */
export function CurvePlot({ curve, onShown }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const plot = useRef<uPlot | null>(null);
  const latest = useRef(curve);
  const shown = useRef(onShown);
  const [theme, setTheme] = useState(document.documentElement.dataset['theme']);
  const [read, setRead] = useState<TableRow | null>(null);
  const drawn = curve.series.filter((one) => one.at.length > 0 && PANES.includes(one.quantity));
  const shape = drawn.map((one) => `${one.instrument} ${one.quantity}`).join('|');

  useEffect(() => {
    latest.current = curve;
    shown.current = onShown;
  });

  useEffect(() => {
    const watch = new MutationObserver(() => setTheme(document.documentElement.dataset['theme']));
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => watch.disconnect();
  }, []);

  useEffect(() => {
    const place = box.current;
    if (!place || shape === '') return;
    const made = new uPlot(
      optionsOf(latest.current, place.clientWidth, latest, setRead, (range) => shown.current(range)),
      dataOf(latest.current),
      place,
    );
    plot.current = made;
    const watch = new ResizeObserver(() => made.setSize({ width: place.clientWidth, height: HEIGHT }));
    watch.observe(place);
    return () => {
      watch.disconnect();
      made.destroy();
      plot.current = null;
    };
  }, [shape, theme]);

  useEffect(() => {
    const made = plot.current;
    if (!made) return;
    const zoomed = isZoomed(made);
    made.setData(dataOf(curve), !zoomed);
    if (zoomed) made.redraw();
  }, [curve]);

  const walk = (event: React.KeyboardEvent) => {
    const made = plot.current;
    const times = made?.data[0];
    if (!made || !times) return;
    const now = made.cursor.idx ?? times.length - 1;
    const far = Math.max(1, Math.round(times.length / 40));
    const to = { ArrowLeft: now - 1, ArrowRight: now + 1, PageUp: now - far, PageDown: now + far, Home: 0, End: times.length - 1 }[
      event.key
    ];
    if (to === undefined) {
      if (event.key === 'Escape') reset(made);
      return;
    }
    event.preventDefault();
    const index = Math.min(times.length - 1, Math.max(0, to));
    made.setCursor({ left: made.valToPos(times[index] ?? 0, 'x'), top: made.over.clientHeight / 2 });
  };

  if (shape === '') return null;
  return (
    <figure className="mt-4">
      {/* A plot is walked along like a slider: it takes the keyboard though it is none of the native ones. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex, jsx-a11y/no-noninteractive-element-interactions */}
      <div ref={box} tabIndex={0} role="img" aria-label={wordsOf(curve)} onKeyDown={walk} className="border-2 border-ink bg-sheet" />
      <figcaption className="mt-1 flex flex-wrap items-baseline justify-between gap-x-4 text-sm text-soft">
        <span aria-live="polite" className="figure text-base text-ink">
          {read
            ? `${timeWords(read.at)}  ${drawn
                .map((one, index) => (read.values[index] == null ? null : `${one.name} ${read.values[index]} ${one.unit}`))
                .filter(Boolean)
                .join(', ')}`
            : ' '}
        </span>
        <span className="flex gap-2">
          <button type="button" className="press press-quiet" onClick={() => plot.current && zoom(plot.current, 0.5)}>
            Nearer
          </button>
          <button type="button" className="press press-quiet" onClick={() => plot.current && reset(plot.current)}>
            All of it
          </button>
        </span>
      </figcaption>
    </figure>
  );
}

/** What has an axis here: the melt on the left, what is drawn from the mains on the right. */
const PANES = ['temperature', 'power'];

function wordsOf(curve: Curve): string {
  const first = Math.min(...curve.series.map((one) => one.at[0] ?? Infinity));
  const now = curve.figures.find((figure) => figure.code === 'hot_now');
  const hottest = curve.figures.find((figure) => figure.code === 'hottest');
  return [
    'Temperature over time',
    Number.isFinite(first) ? `since ${timeWords(first)}` : null,
    now ? `now ${now.shown}` : null,
    hottest ? `hottest ${hottest.shown}` : null,
    'Arrow keys walk along it; a table stands below.',
  ]
    .filter(Boolean)
    .join(', ');
}

const drawnOf = (curve: Curve) => curve.series.filter((one) => one.at.length > 0 && PANES.includes(one.quantity));

function dataOf(curve: Curve): uPlot.AlignedData {
  const drawn = drawnOf(curve);
  const only = drawn[0];
  // Joining lists that are one list already would only cost time.
  if (drawn.length === 1 && only) return [only.at, only.value];
  return uPlot.join(drawn.map((one): uPlot.AlignedData => [one.at, one.value]));
}

const extent = (made: uPlot): [number, number] => {
  const times = made.data[0];
  return [times[0] ?? 0, times.at(-1) ?? 1];
};

function isZoomed(made: uPlot): boolean {
  const [first, last] = extent(made);
  const { min, max } = made.scales['x'] ?? {};
  return min != null && max != null && (min > first + 0.5 || max < last - 0.5);
}

function reset(made: uPlot): void {
  const [min, max] = extent(made);
  made.setScale('x', { min, max });
}

function zoom(made: uPlot, factor: number): void {
  const { min, max } = made.scales['x'] ?? {};
  if (min == null || max == null) return;
  const cursor = made.cursor.idx == null ? max : (made.data[0][made.cursor.idx] ?? max);
  const width = Math.max(10, (max - min) * factor);
  const from = Math.min(Math.max(min, cursor - width / 2), max - width);
  made.setScale('x', { min: from, max: from + width });
}

/** Colours of the page as they are now: night has others. */
function colour(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
}

function optionsOf(
  curve: Curve,
  width: number,
  latest: React.RefObject<Curve>,
  onRead: (row: TableRow | null) => void,
  onShown: Props['onShown'],
): uPlot.Options {
  const ink = colour('ink');
  const font = '14px Barlow Semi Condensed, sans-serif';
  const drawn = drawnOf(curve);
  let probes = 0;
  const axis = { stroke: ink, font, ticks: { stroke: colour('line'), width: 1 }, grid: { stroke: colour('hair'), width: 1 } };
  return {
    width,
    height: HEIGHT,
    legend: { show: false },
    cursor: { y: false, points: { size: 9 }, drag: { x: true, y: false }, dataIdx: (made, _series, hovered) => nearestRead(made, hovered) },
    scales: {
      x: { time: true },
      temperature: { range: (_made, low, high) => rangeOf(latest.current, low, high) },
      power: { range: (_made, _low, high) => [0, 4 * Math.max(1, high)] },
    },
    axes: [
      {
        ...axis,
        space: 60,
        values: (_made, marks) =>
          marks.map((mark) => (marks.length > 1 && (marks[1] ?? 0) - (marks[0] ?? 0) < 60 ? timeWords(mark) : minuteWords(mark))),
      },
      { ...axis, scale: 'temperature', size: 56, values: (_made, marks) => marks.map((mark) => `${mark} ${curve.unit}`) },
      ...(drawn.some((one) => one.quantity === 'power')
        ? [
            {
              ...axis,
              scale: 'power',
              side: 1 as const,
              size: 60,
              grid: { show: false },
              values: (_made: uPlot, marks: number[]) =>
                marks.map((mark) => `${mark} ${drawn.find((one) => one.quantity === 'power')?.unit ?? ''}`),
            },
          ]
        : []),
    ],
    series: [
      {},
      ...drawn.map((one): uPlot.Series => {
        const power = one.quantity === 'power';
        const first = !power && probes++ === 0;
        return {
          label: one.name,
          scale: power ? 'power' : 'temperature',
          stroke: power ? colour('line') : first ? colour('molten') : ink,
          width: power ? 1 : 2.5,
          dash: power ? [4, 3] : one.simulated ? [10, 3] : [],
          points: { show: one.at.length < 60 },
          spanGaps: true,
        };
      }),
    ],
    hooks: {
      drawClear: [(made) => drawLevels(made, latest.current)],
      draw: [
        (made) => {
          drawLabels(made, latest.current);
          drawEvents(made, latest.current);
        },
      ],
      setCursor: [
        (made) => {
          const index = made.cursor.idx;
          const at = index == null ? undefined : made.data[0][index];
          onRead(at === undefined ? null : { at, values: drawnOf(latest.current).map((one) => one.value[nearest(one.at, at)] ?? null) });
        },
      ],
      setScale: [
        (made, key) => {
          const { min, max } = made.scales['x'] ?? {};
          if (key === 'x' && min != null && max != null) onShown(isZoomed(made) ? { from: min, to: max } : null);
        },
      ],
    },
  };
}

/** A finger between two readings reads the nearer one that has a value. */
function nearestRead(made: uPlot, hovered: number): number {
  return Math.min(hovered, made.data[0].length - 1);
}

/** Liquidus and target belong on the sheet, also before the melt is there. */
function rangeOf(curve: Curve, low: number, high: number): [number, number] {
  const wanted = curve.levels.filter((level) => level.code !== 'limit').flatMap((level) => [level.from, level.to]);
  const least = Math.min(low, ...wanted);
  const most = Math.max(high, ...wanted);
  const air = Math.max(10, 0.06 * (most - least));
  return [least - air, most + air];
}

function drawLevels(made: uPlot, curve: Curve): void {
  const { ctx, bbox } = made;
  ctx.save();
  ctx.font = `${13 * devicePixelRatio}px Barlow Semi Condensed, sans-serif`;
  for (const level of curve.levels) {
    const from = made.valToPos(level.from, 'temperature', true);
    const to = made.valToPos(level.to, 'temperature', true);
    if (to > bbox.top + bbox.height || from < bbox.top) continue;
    const hot = level.code === 'target' || level.code === 'limit';
    if (level.from < level.to) {
      ctx.fillStyle = colour('wash');
      ctx.fillRect(bbox.left, to, bbox.width, from - to);
    }
    ctx.strokeStyle = hot ? colour('molten') : colour('line');
    ctx.lineWidth = devicePixelRatio;
    ctx.setLineDash(level.code === 'limit' ? [] : [6 * devicePixelRatio, 4 * devicePixelRatio]);
    ctx.beginPath();
    ctx.moveTo(bbox.left, to);
    ctx.lineTo(bbox.left + bbox.width, to);
    ctx.stroke();
  }
  ctx.restore();
}

/** Over the grid, each with the sheet behind it; the lower of two that lie close stands below its line. */
function drawLabels(made: uPlot, curve: Curve): void {
  const { ctx, bbox } = made;
  const size = 13 * devicePixelRatio;
  ctx.save();
  ctx.font = `600 ${size}px Barlow Semi Condensed, sans-serif`;
  ctx.textAlign = 'left';
  ctx.textBaseline = 'middle';
  for (const level of curve.levels) {
    const y = made.valToPos(level.to, 'temperature', true);
    if (y > bbox.top + bbox.height || y < bbox.top) continue;
    const middle = level.code === 'melting' || y - 1.4 * size < bbox.top ? y + 0.8 * size : y - 0.8 * size;
    const left = bbox.left + 6 * devicePixelRatio;
    ctx.fillStyle = colour('sheet');
    ctx.fillRect(left - 2, middle - 0.62 * size, ctx.measureText(level.label).width + 4, 1.24 * size);
    ctx.fillStyle = colour('ink');
    ctx.fillText(level.label, left, middle);
  }
  ctx.restore();
}

function drawEvents(made: uPlot, curve: Curve): void {
  const { ctx, bbox } = made;
  ctx.save();
  ctx.font = `${13 * devicePixelRatio}px Barlow Semi Condensed, sans-serif`;
  ctx.fillStyle = colour('ink');
  ctx.strokeStyle = colour('line');
  ctx.textAlign = 'left';
  let free = -Infinity;
  for (const event of curve.events) {
    const x = made.valToPos(event.at, 'x', true);
    if (x < bbox.left || x > bbox.left + bbox.width) continue;
    ctx.beginPath();
    ctx.moveTo(x, bbox.top);
    ctx.lineTo(x, bbox.top + bbox.height);
    ctx.stroke();
    // Words that would lie over each other are left out; the line stays.
    const words = ctx.measureText(event.label).width;
    if (x > free && x + words < bbox.left + bbox.width) {
      ctx.fillText(event.label, x + 3 * devicePixelRatio, bbox.top + bbox.height - 6 * devicePixelRatio);
      free = x + words + 8 * devicePixelRatio;
    }
  }
  ctx.restore();
}
