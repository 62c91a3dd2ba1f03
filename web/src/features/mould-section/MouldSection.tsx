import { useId } from 'react';
import { defectWords, useHandbook, type Finding, type Section } from '../../shared/api';
import { asPoint, frame, leaders, outlinePath, pins } from './model';

interface Props {
  section: Section;
  findings?: readonly Finding[];
  /** Called with the fields a part is drawn from. */
  onSelect?: (fields: readonly string[]) => void;
  selected?: readonly string[];
  width?: number;
}

const METAL = new Set(['cavity', 'sprue', 'basin', 'runner', 'gate', 'riser']);

/** The section through the mould, to scale: a readout of the record. */
export function MouldSection({ section, findings = [], onSelect, selected = [], width = 960 }: Props) {
  const id = useId().replaceAll(':', '');
  const handbook = useHandbook();
  const drawing = frame(section, width);
  const { bounds } = section;
  const [x0, y0] = drawing.place([bounds.left, bounds.top]);
  const [x1, y1] = drawing.place([bounds.right, bounds.bottom]);
  const parting = drawing.place([0, 0])[1];
  const assumed = section.parts.some((part) => part.assumed);
  const isSelected = (fields: readonly string[]) => fields.some((field) => selected.includes(field));
  return (
    <figure>
      <svg viewBox={`0 0 ${drawing.width} ${drawing.height.toFixed(0)}`} className="block w-full font-narrow" role="img" aria-label="Section through the mould, to scale">
        <MouldPatterns id={id} />
        <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} fill={`url(#${id}-${ground(section.mould)})`} stroke="var(--ink)" strokeWidth="1.5" />
        {!section.one_piece && <Flask x0={x0} x1={x1} y0={y0} y1={y1} parting={parting} />}
        {section.parts
          .filter((part) => METAL.has(part.kind))
          .map((part) => (
            <g key={part.id} className={onSelect ? 'cursor-pointer' : undefined} onClick={() => onSelect?.(part.fields)}>
              <path d={outlinePath(part.outline, drawing.place)} fill="var(--sheet)" />
              <path
                d={outlinePath(part.outline, drawing.place)}
                fill={`url(#${id}-${part.kind === 'cavity' ? 'casting' : 'feed'})`}
                stroke="var(--ink)"
                strokeWidth={isSelected(part.fields) ? 4 : part.kind === 'cavity' ? 2.4 : 1.5}
                strokeDasharray={part.assumed && part.kind !== 'runner' ? '5 4' : undefined}
              >
                <title>{[part.label, part.value, part.assumed ? '(not noted, drawn to a usual size)' : ''].filter(Boolean).join(' ')}</title>
              </path>
            </g>
          ))}
        {section.parts
          .filter((part) => part.kind === 'vent')
          .map((part) => {
            const [foot, , , top] = part.outline.map((pair) => drawing.place(asPoint(pair)));
            return foot && top ? <path key={part.id} d={`M${foot[0] + 1} ${foot[1]}V${top[1]}`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="1 3.5" /> : null;
          })}
        {section.dimensions.map((dimension) => (
          <Dimension key={dimension.field} from={drawing.place(asPoint(dimension.from))} to={drawing.place(asPoint(dimension.to))} label={dimension.label} />
        ))}
        {leaders(section, drawing).map((leader) => (
          <g key={leader.part.id}>
            <path d={`M${leader.from[0]} ${leader.from[1]}L${leader.to[0] - 22} ${leader.to[1] - 4}H${leader.to[0] - 6}`} fill="none" stroke="var(--ink)" strokeWidth="0.9" />
            <circle cx={leader.from[0]} cy={leader.from[1]} r="2.6" fill="var(--ink)" />
            <text x={leader.to[0]} y={leader.to[1]} fontSize="15" fontWeight="500" fill="var(--ink)">
              {leader.text}
            </text>
          </g>
        ))}
        {pins(section, findings, drawing).map((pin) => (
          <g key={`${pin.number}-${pin.at[0]}`}>
            <circle cx={pin.at[0]} cy={pin.at[1]} r="11" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2.2" />
            <path d={`M${pin.at[0] - 4} ${pin.at[1] + 10}L${pin.at[0]} ${pin.at[1] + 18}L${pin.at[0] + 4} ${pin.at[1] + 10}`} fill="var(--ink)" />
            <text x={pin.at[0]} y={pin.at[1] + 5} fontSize="14" fontWeight="600" textAnchor="middle" fill="var(--ink)">
              {pin.number}
            </text>
            <title>{defectWords(handbook, pin.finding.kind)}</title>
          </g>
        ))}
      </svg>
      <figcaption className="flex flex-wrap gap-x-6 gap-y-1 text-sm text-soft">
        {findings.map((finding, index) => (
          <span key={finding.id}>
            <span className="figure text-ink">{index + 1}</span> {defectWords(handbook, finding.kind)}
          </span>
        ))}
        {assumed && <span>Dashed: not noted, drawn to a usual size.</span>}
      </figcaption>
    </figure>
  );
}

function Flask({ x0, x1, y0, y1, parting }: { x0: number; x1: number; y0: number; y1: number; parting: number }) {
  return (
    <g stroke="var(--ink)" fill="none">
      <path d={`M${x0 - 5} ${y0}V${parting - 2}M${x0 - 5} ${parting + 2}V${y1}M${x1 + 5} ${y0}V${parting - 2}M${x1 + 5} ${parting + 2}V${y1}`} strokeWidth="7" />
      <path d={`M${x0 - 16} ${parting}H${x1 + 16}`} strokeWidth="1.4" strokeDasharray="14 4 3 4" />
      <g fill="var(--soft)" stroke="none" fontSize="14" fontWeight="500" letterSpacing="1.5">
        <text x={x0 - 18} y={parting - 10} textAnchor="end">
          COPE
        </text>
        <text x={x0 - 18} y={parting + 21} textAnchor="end">
          DRAG
        </text>
      </g>
    </g>
  );
}

/** A dimension line with ticks; upright ones carry their figure to the left. */
function Dimension({ from, to, label }: { from: readonly [number, number]; to: readonly [number, number]; label: string }) {
  const upright = Math.abs(from[0] - to[0]) < 0.5;
  if (upright) {
    const x = from[0];
    return (
      <g stroke="var(--ink)" strokeWidth="1">
        <path
          d={`M${x - 12} ${from[1]}H${x + 2}M${x - 12} ${to[1]}H${x + 2}M${x - 7} ${from[1] + 12}V${to[1] - 12}M${x - 10} ${from[1] + 3}l6 -6M${x - 10} ${to[1] + 3}l6 -6`}
          fill="none"
        />
        <Figure x={x - 14} y={(from[1] + to[1]) / 2 + 5} anchor="end" label={label} />
      </g>
    );
  }
  const y = Math.max(from[1], to[1]);
  const away = 26;
  return (
    <g stroke="var(--ink)" strokeWidth="1">
      <path
        d={`M${from[0]} ${y + 4}V${y + away + 4}M${to[0]} ${y + 4}V${y + away + 4}M${from[0]} ${y + away}H${to[0]}M${from[0] - 3} ${y + away + 3}l6 -6M${to[0] - 3} ${y + away + 3}l6 -6`}
        fill="none"
      />
      <Figure x={(from[0] + to[0]) / 2} y={y + away - 5} anchor="middle" label={label} />
    </g>
  );
}

function Figure({ x, y, anchor, label }: { x: number; y: number; anchor: 'end' | 'middle'; label: string }) {
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize="15" fontWeight="600" fill="var(--ink)" stroke="var(--sheet)" strokeWidth="5" paintOrder="stroke" strokeLinejoin="round">
      {label}
    </text>
  );
}

function ground(mould: string): string {
  if (mould === 'plaster' || mould === 'ceramic_shell') return 'plaster';
  if (mould === 'silicone') return 'rubber';
  if (mould === 'metal_mould') return 'iron';
  return mould === 'lost_foam' ? 'dry' : mould === 'oil_sand' ? 'oil' : 'sand';
}

/** Hatching and stipple for materials, seeded by hand so that the grain does not line up. */
function MouldPatterns({ id }: { id: string }) {
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
  const stipple = (every: number, r: number) => grains.filter((_, i) => i % every === 0).map(([x, y]) => <circle key={`${x}-${y}`} cx={x} cy={y} r={r} fill="var(--sand-dot)" />);
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
    </defs>
  );
}
