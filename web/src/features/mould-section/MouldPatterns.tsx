import type { Layer } from '../../shared/api';

/** From wide to close, for what is laid over a casting: by hatching, so that it is told apart without colour. */
const LAYER_SPACING = [17, 11, 7, 4.5];

/** Which of them shows a rank from 0 to 1. */
export function layerPattern(id: string, rank: number): string {
  return `url(#${id}-layer-${Math.min(LAYER_SPACING.length - 1, Math.floor(rank * LAYER_SPACING.length))})`;
}

/** How closely a section is hatched: the lowest where contours tell the rest of it, else by its own figure. */
export function rankIn(layer: Layer, subject: string): number | undefined {
  if (layer.bands.length > 0) return layer.bands.length > 1 ? 0 : 1;
  return layer.values.find((value) => value.section === subject)?.rank;
}

/** Hatching and stipple for materials, seeded by hand so that the grain does not line up. */
export function MouldPatterns({ id }: { id: string }) {
  const grains = [
    [3, 4],
    [11, 2],
    [19, 7],
    [27, 3],
    [6, 13],
    [15, 11],
    [23, 15],
    [30, 12],
    [2, 21],
    [10, 24],
    [18, 20],
    [26, 25],
    [5, 30],
    [14, 29],
    [21, 31],
    [29, 28],
  ];
  const stipple = (every: number, r: number) =>
    grains.filter((_, i) => i % every === 0).map(([x, y]) => <circle key={`${x}-${y}`} cx={x} cy={y} r={r} fill="var(--sand-dot)" />);
  return (
    <defs>
      <pattern id={`${id}-sand`} width="33" height="33" patternUnits="userSpaceOnUse">
        {stipple(1, 1.15)}
      </pattern>
      <pattern id={`${id}-oil`} width="33" height="33" patternUnits="userSpaceOnUse">
        {stipple(1, 1.15)}
        <path d="M8 8h6M24 19h6M2 27h5" stroke="var(--sand-dot)" strokeWidth="1.4" />
      </pattern>
      <pattern id={`${id}-dry`} width="33" height="33" patternUnits="userSpaceOnUse">
        {stipple(2, 1.3)}
      </pattern>
      <pattern id={`${id}-plaster`} width="26" height="26" patternUnits="userSpaceOnUse">
        <rect width="26" height="26" fill="var(--plaster)" />
        <path d="M3 9l4 -4M16 5l3 -3M10 20l4 -4M21 17l3 -3M2 24l2 -2" stroke="var(--sand-dot)" strokeWidth="1.1" />
      </pattern>
      <pattern id={`${id}-rubber`} width="24" height="12" patternUnits="userSpaceOnUse">
        <rect width="24" height="12" fill="var(--rubber)" />
        <path d="M0 6q6 -5 12 0t12 0" fill="none" stroke="var(--sand-dot)" strokeWidth="1.1" />
      </pattern>
      <pattern id={`${id}-iron`} width="10" height="10" patternUnits="userSpaceOnUse">
        <path d="M0 10L10 0M0 0L10 10" stroke="var(--sand-dot)" strokeWidth="1" />
      </pattern>
      <pattern id={`${id}-casting`} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="4.6" height="9" fill="var(--molten)" />
      </pattern>
      <pattern id={`${id}-feed`} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="1.7" height="9" fill="var(--molten)" />
      </pattern>
      {LAYER_SPACING.map((every, step) => (
        <pattern
          key={every}
          id={`${id}-layer-${step}`}
          width={every}
          height={every}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <path d={`M0 ${every / 2}H${every}`} stroke="var(--ink)" strokeWidth="1.6" />
        </pattern>
      ))}
    </defs>
  );
}
