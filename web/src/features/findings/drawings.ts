import type { DefectCode } from '../../shared/api';

/**
 * The atlas drawings, our own: a block of casting in section (hatched elsewhere) and what is wrong with it.
 * Each entry: the outline of the block, then strokes, then filled marks, on a 72 × 52 field.
 */
export interface Drawing {
  outline: string;
  strokes?: string;
  marks?: string;
  /** Holes are drawn in the colour of the sheet over the hatching. */
  holes?: string;
}

const BLOCK = 'M8 14H64V42H8Z';
const dot = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
const dots = (list: readonly (readonly [number, number, number])[]) => list.map(([x, y, r]) => dot(x, y, r)).join('');

export const drawings: Record<DefectCode, Drawing> = {
  flash: { outline: 'M8 14H64V27H71V29H64V42H8V29H1V27H8Z' },
  vein: { outline: 'M8 14H28L30 4L32 14H48L49 8L50 14H64V42H8Z' },
  swell: { outline: 'M8 14H20C28 2 44 2 52 14H64V42H8Z' },
  run_out_bead: { outline: 'M8 14H64V26C70 27 71 31 68 36C66 39 64 36 64 33V42H8Z' },
  metal_beads: {
    outline: BLOCK,
    marks: dots([
      [18, 11, 3.4],
      [30, 12, 2.4],
      [41, 11, 3.2],
      [54, 12, 2.2],
      [24, 45, 2.6],
      [47, 45, 3.2],
    ]),
  },
  crush_lump: { outline: 'M8 14H30L33 6L38 9L41 5L45 14H64V42H8Z' },
  drop_lump: { outline: 'M8 14H26C27 5 43 4 45 14H64V42H8Z', holes: 'M28 24C34 20 42 22 46 27C40 32 31 31 28 24Z' },
  blowhole: { outline: BLOCK, holes: dot(36, 22, 7) },
  gas_porosity: {
    outline: BLOCK,
    holes: dots([
      [16, 20, 2.6],
      [26, 32, 3],
      [36, 22, 2.4],
      [44, 35, 2.8],
      [54, 25, 3],
      [20, 37, 1.8],
      [58, 37, 2],
      [32, 38, 1.7],
    ]),
  },
  pinholes: { outline: BLOCK, strokes: 'M13 16v5M19 16v3M25 16v6M31 16v3M37 16v5M43 16v4M49 16v6M55 16v3M60 16v5' },
  trapped_air: { outline: 'M8 14H24C26 24 46 24 48 14H64V42H8Z', strokes: 'M24 8q4 -6 8 0t8 0t8 0' },
  sprue_bubble: {
    outline: 'M26 4H46L42 30H64V42H8V30H30Z',
    holes: dots([
      [36, 14, 4],
      [37, 24, 2.6],
    ]),
  },
  sink: { outline: 'M8 14H22C28 14 30 26 36 26C42 26 44 14 50 14H64V42H8Z' },
  internal_shrinkage: { outline: BLOCK, holes: 'M24 28L29 23L32 26L36 20L40 25L46 23L44 29L49 32L41 33L37 37L34 32L27 34Z' },
  centreline_shrinkage: { outline: BLOCK, holes: 'M12 28L20 26.5L26 28.5L34 26.5L42 29L50 26.5L60 28L50 30L42 30.5L34 29.5L26 31L20 29Z' },
  micro_shrinkage: {
    outline: BLOCK,
    holes: dots([
      [14, 24, 1.2],
      [18, 30, 1],
      [22, 22, 1.3],
      [26, 28, 1],
      [30, 33, 1.3],
      [33, 24, 1],
      [37, 29, 1.2],
      [41, 22, 1],
      [44, 33, 1.2],
      [48, 27, 1.1],
      [52, 31, 1.3],
      [56, 24, 1],
      [59, 33, 1.2],
      [20, 36, 1.1],
      [35, 37, 1.1],
      [50, 37, 1],
    ]),
  },
  hot_tear: { outline: 'M8 6H26V28H64V46H8Z', strokes: 'M26 28L22 31L24 34L18 36L20 40L15 42' },
  cold_crack: { outline: BLOCK, strokes: 'M42 14L30 42' },
  cold_shut: {
    outline: BLOCK,
    strokes: 'M36 14C31 20 41 24 36 30C32 35 39 38 36 42',
    holes: 'M33 14C34 18 38 18 39 14Z M33 42C34 38 38 38 39 42Z',
  },
  foam_fold: { outline: BLOCK, strokes: 'M14 20C22 26 26 16 34 22S48 28 58 20M16 32C24 38 30 28 38 33S52 38 58 31' },
  brittle_break: { outline: 'M8 14H32L28 20L36 25L30 31L37 36L32 42H8Z M42 14H64V42H43L48 36L41 31L47 25L39 20Z' },
  rough_skin: {
    outline:
      'M8 15L11 12L14 16L17 12L20 15L23 11L26 16L29 12L32 15L35 12L38 16L41 11L44 15L47 12L50 16L53 12L56 15L59 11L62 15L64 13V42H8Z',
  },
  penetration: {
    outline: BLOCK,
    marks: dots([
      [14, 13, 1.8],
      [20, 10, 1.4],
      [25, 13, 1.8],
      [31, 9, 1.5],
      [36, 12, 1.8],
      [42, 9, 1.4],
      [47, 13, 1.8],
      [53, 10, 1.5],
      [58, 13, 1.8],
      [28, 5, 1.1],
      [45, 5, 1.1],
    ]),
  },
  scab: { outline: 'M8 14H24L22 8H50L47 14H64V42H8Z', strokes: 'M24 14H47' },
  erosion: { outline: BLOCK, strokes: 'M10 28L30 18M10 28L34 25M10 28L34 32M10 28L28 38', marks: dot(10, 28, 2.4) },
  wrinkled_skin: {
    outline: 'M8 14C11 10 14 18 18 13S24 18 28 13S34 18 38 13S44 18 48 13S56 18 64 13V42H8Z',
    strokes: 'M12 20C18 16 20 24 26 20S36 24 42 20S54 24 60 19',
  },
  foamy_skin: {
    outline: BLOCK,
    holes: dots([
      [12, 15, 2],
      [18, 14, 2.6],
      [25, 15, 2],
      [31, 14, 2.7],
      [38, 15, 2.2],
      [45, 14, 2.6],
      [52, 15, 2],
      [59, 14, 2.5],
    ]),
  },
  crack_lines: { outline: BLOCK, strokes: 'M12 18L24 24L22 34L30 40M24 24L38 20L50 26L60 20M38 20L40 32L52 38M40 32L30 40' },
  pattern_marks: { outline: BLOCK, strokes: 'M8 18H64M8 22H64M8 26H64M8 30H64M8 34H64M8 38H64' },
  edge_tearout: { outline: 'M14 14H64V42H8V26L12 24L9 21L14 19L11 16Z' },
  misrun: { outline: 'M8 14H40C48 16 44 24 50 27C46 34 50 40 42 42H8Z', strokes: 'M52 14H64V42H54' },
  poured_short: { outline: 'M8 28H64V42H8Z', strokes: 'M8 28V14H64V28' },
  run_out: { outline: 'M8 14H14V34H58V14H64V42H36L34 50H28L26 42H8Z' },
  collapsed_mould: { outline: 'M8 30L16 24L24 33L32 26L44 36L52 28L64 38V42H8Z', strokes: 'M8 24V14H64V30' },
  frozen_gate: { outline: 'M4 4H14V42H4Z M14 34H26V38H14Z', strokes: 'M32 14H66V42H32V14M28 33v6' },
  missing_detail: { outline: 'M8 18C20 14 26 18 34 17S52 14 64 18V42H8Z', strokes: 'M14 12V6H20V12H26V6M34 12V6H42V12H50V6' },
  shift: { outline: 'M8 14H58V28H8Z M16 28H66V42H16Z' },
  warp: { outline: 'M6 30C22 12 50 12 66 30V42C50 24 22 24 6 42Z' },
  wrong_size: { outline: 'M16 18H56V38H16Z', strokes: 'M8 10H64V46H8Z M8 10L16 18M64 46L56 38' },
  distorted_pattern: { outline: 'M8 20C20 10 30 26 44 14L64 18L60 42C44 36 30 48 10 40Z' },
  core_shift: { outline: BLOCK, holes: dot(38, 23, 8), strokes: 'M30 34a8 8 0 0 0 14 -2' },
  sand_inclusion: {
    outline: BLOCK,
    holes: 'M28 20H46V34H28Z',
    marks: dots([
      [32, 24, 1.2],
      [37, 23, 1.2],
      [42, 25, 1.2],
      [34, 29, 1.2],
      [39, 30, 1.2],
      [43, 31, 1.2],
      [31, 32, 1],
    ]),
  },
  dross_inclusion: { outline: BLOCK, marks: 'M18 17L24 19L22 23L16 21ZM38 16L46 17L44 22L37 20ZM54 18L59 17L60 22L55 22Z' },
  oxide_film: { outline: BLOCK, strokes: 'M16 22C22 18 24 30 30 24S40 36 46 28S54 36 58 30' },
  hard_spot: { outline: BLOCK, marks: 'M32 22L42 20L46 28L40 35L30 32Z' },
  segregation: { outline: BLOCK, marks: 'M8 14H64V22C54 26 46 18 36 22S18 26 8 22Z' },
  wrong_composition: { outline: BLOCK, marks: 'M36 14H64V42H36Z' },
  open_pits: {
    outline: 'M8 14H14C15 18 19 18 20 14H28C29 19 34 19 35 14H44C45 17 48 17 49 14H55C56 18 60 18 61 14H64V42H8Z',
  },
  liquid_inside: { outline: BLOCK, holes: 'M16 22C26 18 46 18 56 22V36C44 40 28 40 16 36Z', strokes: 'M18 31Q27 27 36 31T54 31' },
  bead_cluster: {
    outline: 'M8 14H34V30H64V42H8Z',
    marks: dots([
      [38, 26, 3],
      [44, 27, 2.4],
      [38, 20, 2.4],
      [43, 22, 2.6],
      [49, 27, 1.8],
    ]),
  },
  soaked_corner: { outline: 'M8 14H34V30H64V42H8Z', marks: 'M34 18L37 21L36 24L40 25L43 28L47 27L50 30H34Z' },
  soot: { outline: BLOCK, marks: 'M12 14L18 11L25 13L33 10L40 13L47 11L54 13L60 14Z' },
  chilled_iron: {
    outline: BLOCK,
    strokes: 'M56 16L63 21M54 22L63 28M54 29L63 34M56 36L63 40',
    holes: 'M52 15H63V41H52C55 32 55 24 52 15Z',
  },
  loose_piece_step: { outline: 'M8 14H26V8H46V14H64V42H8Z', strokes: 'M26 14V8M46 14V8' },
};
