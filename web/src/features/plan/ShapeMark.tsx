import type { CastingSection } from '../../shared/api';

const PATHS: Record<CastingSection['shape'], string> = {
  plate: 'M3 17l8 -6h18l-8 6zM3 17v3h18v-3M21 20l8 -6v-3',
  bar: 'M3 16l6 -5h20l-6 5zM3 16v6h20v-6M23 22l6 -5v-6',
  cylinder: 'M8 8a8 3.4 0 0 1 16 0a8 3.4 0 0 1 -16 0v16a8 3.4 0 0 0 16 0v-16',
  tube: 'M7 8a9 3.6 0 0 1 18 0a9 3.6 0 0 1 -18 0v16a9 3.6 0 0 0 18 0v-16M12 8a4 1.6 0 0 1 8 0a4 1.6 0 0 1 -8 0',
  ring: 'M3 14a13 6 0 0 1 26 0a13 6 0 0 1 -26 0v4a13 6 0 0 0 26 0v-4M9 14a7 3 0 0 1 14 0a7 3 0 0 1 -14 0',
  sphere: 'M6 16a10 10 0 0 1 20 0a10 10 0 0 1 -20 0M6 16a10 3.6 0 0 0 20 0',
  boss: 'M11 9a5 2.2 0 0 1 10 0a5 2.2 0 0 1 -10 0v10a5 2.2 0 0 0 10 0v-10M3 22h8M21 22h8',
  wedge: 'M3 10l6 -4l20 9l-6 5zM3 10v12h20v-2M23 22l6 -5v-2',
  pierced: 'M3 15l8 -7h18l-8 7zM3 15v8h18v-8M21 23l8 -7v-8M11 11.5a5 1.9 0 0 1 10 0a5 1.9 0 0 1 -10 0',
  mesh: 'M4 20L11 6L22 4L29 14L24 26L9 27ZM11 6L16 16L4 20M16 16L22 4M16 16L29 14M16 16L24 26M16 16L9 27',
  free: 'M7 20c-4 -8 4 -14 10 -11s4 -1 8 3s-2 12 -8 11s-7 3 -10 -3',
};

/** What a section is, as a small drawing. */
export function ShapeMark({ shape, size = 26 }: { shape: CastingSection['shape']; size?: number }) {
  return (
    <svg viewBox="0 0 32 30" width={size} height={(size * 30) / 32} aria-hidden="true" className="flex-none">
      <path d={PATHS[shape]} fill="none" stroke="currentColor" strokeWidth="1.5" strokeLinejoin="round" />
    </svg>
  );
}
