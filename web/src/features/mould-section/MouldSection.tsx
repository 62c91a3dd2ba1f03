import { useId } from 'react';
import { defectWords, useHandbook, type Finding, type Layer, type Section, type SectionPart } from '../../shared/api';
import { DETAIL_ROOM, detailOf, isTooThin, type Detail } from './detail';
import { Bands, LayerMarks } from './LaidOver';
import { leaders, roomFor, tags, type Leader } from './leaders';
import { asPoint, facePath, frame, isNarrow, letters, outlinePath, pins, type Frame, type Letter } from './model';
import { layerPattern, MouldPatterns, rankIn } from './MouldPatterns';
import { pressable } from './pressable';
import { useWidth } from '../../shared/ui/useWidth';

interface Props {
  section: Section;
  findings?: readonly Finding[];
  /** Called with the fields a part is drawn from and the section of the casting it belongs to. */
  onSelect?: (fields: readonly string[], subject: string) => void;
  selected?: readonly string[];
  /** The section of the casting that is being looked at. */
  subject?: string | null;
  /** At most this high; the drawing shrinks to scale. */
  most?: number;
  /** What is laid over the casting: its figures stand in place of names' measures and of risks. */
  layer?: Layer | null;
  /** Without names, measures and caption: for a row of drawings side by side. */
  bare?: boolean;
}

const METAL = new Set(['cavity', 'sprue', 'basin', 'runner', 'gate', 'riser']);

/**
 * The section through the mould, to scale: a readout of the record. Parts can be chosen, findings are pinned on it, risks are written on
 * it.
 */
export function MouldSection({
  section: told,
  findings = [],
  onSelect,
  selected = [],
  subject = null,
  most = 460,
  bare = false,
  layer = null,
}: Props) {
  const section = layer ? withLayer(told, layer) : told;
  const id = useId().replaceAll(':', '');
  const handbook = useHandbook();
  const { ref, width } = useWidth(960);
  const plainly = tags(section, !bare);
  const plain = frame(section, width, most, bare, roomFor(plainly));
  const detailed = !bare && !isNarrow(plain) && isTooThin(section, plain);
  // What is shown larger has the left side to itself.
  const named = detailed ? tags(section, true, ['right', 'up']) : plainly;
  const drawing = detailed ? frame(section, width, most, bare, { ...roomFor(named), left: DETAIL_ROOM + 6 }) : plain;
  const written = isNarrow(drawing) ? [] : leaders(section, drawing, named);
  const detail = detailed ? detailOf(section, drawing, written) : null;
  const lettered = isNarrow(drawing) ? letters(section, drawing) : [];
  const { bounds } = section;
  const [x0, y0] = drawing.place([bounds.left, bounds.top]);
  const [x1, y1] = drawing.place([bounds.right, bounds.bottom]);
  const parting = drawing.place([0, 0])[1];
  const assumed = section.parts.some((part) => part.assumed && part.kind !== 'runner');
  const isChosen = (part: SectionPart) =>
    subject !== null && subject !== '' && part.subject !== ''
      ? part.subject === subject
      : part.fields.some((field) => selected.includes(field)) && part.subject === '';
  return (
    <figure>
      <div ref={ref}>
        <svg
          viewBox={`0 0 ${drawing.width} ${drawing.height.toFixed(0)}`}
          className="block w-full font-narrow"
          role={onSelect ? 'group' : 'img'}
          aria-label="Section through the mould, to scale"
        >
          <MouldPatterns id={id} />
          <g id={`${id}-drawn`}>
            <rect
              x={x0}
              y={y0}
              width={x1 - x0}
              height={y1 - y0}
              fill={`url(#${id}-${section.ground})`}
              stroke="var(--ink)"
              strokeWidth="1.5"
            />
            {!section.one_piece && <Flask x0={x0} x1={x1} y0={y0} y1={y1} parting={parting} lettered={!isNarrow(drawing)} />}
            {section.parts
              .filter((part) => part.kind === 'beyond')
              .map((part) => (
                <path
                  key={part.id}
                  d={outlinePath(part.outline, drawing.place)}
                  fill="var(--sheet)"
                  stroke="var(--line)"
                  strokeWidth="1"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            {section.parts
              .filter((part) => METAL.has(part.kind))
              .map((part) => (
                <Part
                  key={part.id}
                  part={part}
                  id={id}
                  drawing={drawing}
                  chosen={isChosen(part)}
                  onSelect={onSelect}
                  rank={part.kind === 'cavity' && layer ? rankIn(layer, part.subject) : undefined}
                />
              ))}
            {layer && (
              <Bands
                id={id}
                layer={layer}
                view="cut"
                place={drawing.place}
                within={section.parts.filter((part) => part.kind === 'cavity').map((part) => facePath(part, drawing.place))}
              />
            )}
            {section.parts
              .filter((part) => part.kind === 'chill')
              .map((part) => (
                <path
                  key={part.id}
                  d={outlinePath(part.outline, drawing.place)}
                  fill={`url(#${id}-iron)`}
                  stroke="var(--ink)"
                  strokeWidth="1.5"
                />
              ))}
          </g>
          {section.planned_parts.map((part) => (
            <path
              key={`planned-${part.id}`}
              d={outlinePath(part.outline, drawing.place)}
              fill="none"
              stroke="var(--ink)"
              strokeWidth="1.1"
              strokeDasharray="9 4 2 4"
            >
              <title>{`${part.label} as planned`}</title>
            </path>
          ))}
          <Vents section={section} drawing={drawing} />
          {detail && <DetailCircle detail={detail} id={id} />}
          {lettered.map((letter) => (
            <LetterMark key={letter.letter} letter={bare ? { ...letter, letter: '' } : letter} small={bare} />
          ))}
          {written.map((leader) => (
            <LeaderLine key={leader.key} leader={leader} />
          ))}
          {/* Over the lines, so that a figure is read where one passes it. */}
          {(bare ? [] : section.dimensions)
            .filter((dimension) => !isNarrow(drawing) || dimension.from[1] === dimension.to[1])
            .map((dimension, index) => (
              <Dimension
                key={`${dimension.field}-${index}`}
                from={drawing.place(asPoint(dimension.from))}
                to={drawing.place(asPoint(dimension.to))}
                label={dimension.label}
              />
            ))}
          {layer && <LayerMarks layer={layer} view="cut" place={drawing.place} inside={drawing.width} />}
          {pins(section, findings, drawing).map((pin) => (
            <g
              key={`${pin.number}-${pin.at[0]}`}
              transform={bare ? `translate(${pin.at[0] * 0.35} ${pin.at[1] * 0.35}) scale(0.65)` : undefined}
            >
              <circle cx={pin.at[0]} cy={pin.at[1]} r="11" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2.2" />
              <path
                d={`M${pin.at[0] - 4} ${pin.at[1] + 10}L${pin.at[0]} ${pin.at[1] + 18}L${pin.at[0] + 4} ${pin.at[1] + 10}`}
                fill="var(--ink)"
              />
              <text x={pin.at[0]} y={pin.at[1] + 5} fontSize="14" fontWeight="600" textAnchor="middle" fill="var(--ink)">
                {pin.number}
              </text>
              <title>{defectWords(handbook, pin.finding.kind)}</title>
            </g>
          ))}
        </svg>
      </div>
      {!bare && (
        <figcaption className="flex flex-wrap gap-x-6 gap-y-1 text-sm text-soft">
          {lettered.map((letter) => (
            <span key={letter.letter} className="inline-flex items-center gap-1.5 font-medium text-ink">
              <svg viewBox="-13 -13 26 26" width="24" height="24" aria-hidden="true">
                <LetterMark letter={{ ...letter, at: [0, 0], title: '' }} />
              </svg>
              {letter.text}
            </span>
          ))}
          {isNarrow(drawing) &&
            layer?.values.map((value) => (
              <span key={value.section} className="text-ink">
                {section.parts.find((part) => part.subject === value.section)?.label ?? value.section}{' '}
                <span className="figure">{value.shown}</span>
              </span>
            ))}
          {findings.map((finding, index) => (
            <span key={finding.id}>
              <span className="figure text-ink">{index + 1}</span> {defectWords(handbook, finding.kind)}
            </span>
          ))}
          {assumed && <span>Dashed: not noted, drawn to a usual size.</span>}
          {section.planned_parts.length > 0 && <span>Dash and dot: as planned.</span>}
        </figcaption>
      )}
    </figure>
  );
}

/** What is too thin to be seen, larger, beside the mould; the same ring shows where it is, for a line there would cross the parts. */
function DetailCircle({ detail, id }: { detail: Detail; id: string }) {
  const { at, around, centre, radius, times } = detail;
  return (
    <g>
      <title>{`${detail.label}, ${times} times as large`}</title>
      <clipPath id={`${id}-detail`}>
        <circle cx={centre[0]} cy={centre[1]} r={radius} />
      </clipPath>
      <circle cx={centre[0]} cy={centre[1]} r={radius} fill="var(--sheet)" />
      <g clipPath={`url(#${id}-detail)`}>
        <use
          href={`#${id}-drawn`}
          transform={`translate(${centre[0]} ${centre[1]}) scale(${times}) translate(${-at[0]} ${-at[1]})`}
          aria-hidden="true"
          style={{ pointerEvents: 'none' }}
        />
      </g>
      <circle cx={centre[0]} cy={centre[1]} r={radius} fill="none" stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="5 3" />
      <circle cx={at[0]} cy={at[1]} r={around} fill="none" stroke="var(--ink)" strokeWidth="1.2" strokeDasharray="4 3" />
      <text
        x={centre[0]}
        y={centre[1] + radius + 17}
        fontSize="14"
        textAnchor="middle"
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {`${detail.label} × ${times}`}
      </text>
    </g>
  );
}

/** Its sections carry the figures of the layer; risks would stand in their way. */
function withLayer(section: Section, layer: Layer): Section {
  const shown = (part: SectionPart) => layer.values.find((value) => value.section === part.subject)?.shown ?? part.value;
  return {
    ...section,
    risks: [],
    parts: section.parts.map((part) => (part.kind === 'cavity' ? { ...part, value: shown(part) } : part)),
  };
}

function Part({
  part,
  id,
  drawing,
  chosen,
  onSelect,
  rank,
}: {
  part: SectionPart;
  id: string;
  drawing: Frame;
  chosen: boolean;
  onSelect: Props['onSelect'];
  rank: number | undefined;
}) {
  const words = [part.label, part.value, part.assumed ? '(not noted, drawn to a usual size)' : ''].filter(Boolean).join(' ');
  const path = facePath(part, drawing.place);
  return (
    <g {...pressable(onSelect && (() => onSelect(part.fields, part.subject)), words, chosen)}>
      <path d={path} fillRule="evenodd" fill="var(--sheet)" />
      <path
        d={path}
        fill={rank === undefined ? `url(#${id}-${part.kind === 'cavity' ? 'casting' : 'feed'})` : layerPattern(id, rank)}
        stroke="var(--ink)"
        strokeWidth={chosen ? 4.5 : part.kind === 'cavity' ? 2.4 : 1.5}
        vectorEffect="non-scaling-stroke"
        strokeDasharray={part.assumed && part.kind !== 'runner' ? '5 4' : undefined}
      >
        <title>{words}</title>
      </path>
    </g>
  );
}

function Vents({ section, drawing }: { section: Section; drawing: Frame }) {
  return section.parts
    .filter((part) => part.kind === 'vent')
    .map((part) => {
      const [foot, , , top] = part.outline.map((pair) => drawing.place(asPoint(pair)));
      return foot && top ? (
        <path key={part.id} d={`M${foot[0] + 1} ${foot[1]}V${top[1]}`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="1 3.5" />
      ) : null;
    });
}

/** A risk on a narrow drawing, with its letter where there are words to it: a triangle, or for a bad one a filled square on its corner. */
function LetterMark({ letter: { letter, standing, title, at }, small = false }: { letter: Letter; small?: boolean }) {
  const bad = standing === 'bad';
  return (
    <g transform={`translate(${at[0].toFixed(1)} ${at[1].toFixed(1)}) scale(${small ? 0.6 : 1})`}>
      {title && <title>{title}</title>}
      <path
        d={bad ? 'M0 -12L12 0L0 12L-12 0Z' : 'M0 -12L12 9H-12Z'}
        fill={bad ? 'var(--molten)' : 'var(--sheet)'}
        stroke={bad ? 'var(--sheet)' : 'var(--molten)'}
        strokeWidth="1.8"
      />
      <text y={bad ? 4.5 : 6} fontSize="12.5" fontWeight="700" textAnchor="middle" fill={bad ? 'var(--sheet)' : 'var(--ink)'}>
        {letter}
      </text>
    </g>
  );
}

/** A thin line to the place, a word, and before a risk its mark: a triangle, or for a bad one a filled square on its corner. */
function LeaderLine({ leader }: { leader: Leader }) {
  const [x, y] = leader.to;
  const risk = leader.standing !== 'plain';
  const [from] = leader.line;
  const onLeft = leader.ends === 'end';
  const mark = onLeft ? x - 6 : x + 6;
  return (
    <g>
      <title>{leader.title}</title>
      <path
        d={leader.line.map(([a, b], i) => `${i === 0 ? 'M' : 'L'}${a.toFixed(1)} ${b.toFixed(1)}`).join('')}
        fill="none"
        stroke={risk ? 'var(--molten)' : 'var(--ink)'}
        strokeWidth={risk ? 1.5 : 0.9}
      />
      {from && <circle cx={from[0]} cy={from[1]} r={risk ? 3.6 : 2.4} fill={risk ? 'var(--molten)' : 'var(--ink)'} />}
      {leader.standing === 'risky' && <path d={`M${mark} ${y - 11}l6.5 11h-13z`} fill="none" stroke="var(--molten)" strokeWidth="1.8" />}
      {leader.standing === 'bad' && <path d={`M${mark} ${y - 13}l7.5 7.5l-7.5 7.5l-7.5 -7.5z`} fill="var(--molten)" />}
      <text
        x={x + (risk ? (onLeft ? -19 : 19) : 0)}
        y={y}
        fontSize="15"
        fontWeight={risk ? 600 : 500}
        textAnchor={leader.ends}
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
        strokeLinejoin="round"
      >
        {leader.text}
      </text>
    </g>
  );
}

function Flask({
  x0,
  x1,
  y0,
  y1,
  parting,
  lettered,
}: {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  parting: number;
  lettered: boolean;
}) {
  return (
    <g stroke="var(--ink)" fill="none">
      <path
        d={`M${x0 - 5} ${y0}V${parting - 2}M${x0 - 5} ${parting + 2}V${y1}M${x1 + 5} ${y0}V${parting - 2}M${x1 + 5} ${parting + 2}V${y1}`}
        strokeWidth="7"
      />
      <path d={`M${x0 - 16} ${parting}H${x1 + 16}`} strokeWidth="1.4" strokeDasharray="14 4 3 4" />
      {lettered && (
        <g fill="var(--soft)" stroke="var(--sheet)" strokeWidth="4" paintOrder="stroke" fontSize="14" fontWeight="500" letterSpacing="1.5">
          <text x={x0 + 10} y={y0 + 20}>
            COPE
          </text>
          <text x={x0 + 10} y={y1 - 10}>
            DRAG
          </text>
        </g>
      )}
    </g>
  );
}

/** A dimension line with ticks. An upright one is broken by its figure, or carries it to the left where it is too short for that. */
function Dimension({ from, to, label }: { from: readonly [number, number]; to: readonly [number, number]; label: string }) {
  const upright = Math.abs(from[0] - to[0]) < 0.5;
  if (upright) {
    const x = from[0];
    const tight = Math.abs(from[1] - to[1]) < 26;
    return (
      <g stroke="var(--ink)" strokeWidth="1">
        <path
          d={[
            `M${x - 12} ${from[1]}H${x + 2}M${x - 12} ${to[1]}H${x + 2}`,
            `M${x - 10} ${from[1] + 3}l6 -6M${x - 10} ${to[1] + 3}l6 -6`,
            tight ? `M${x - 7} ${from[1] + 12}V${to[1] - 12}` : `M${x - 7} ${from[1]}V${to[1]}`,
          ].join('')}
          fill="none"
        />
        <Figure x={tight ? x - 14 : x - 7} y={(from[1] + to[1]) / 2 + 5} anchor={tight ? 'end' : 'middle'} label={label} />
      </g>
    );
  }
  const y = Math.max(from[1], to[1]);
  const away = 26;
  return (
    <g stroke="var(--ink)" strokeWidth="1">
      <path
        d={[
          `M${from[0]} ${y + 4}V${y + away + 4}M${to[0]} ${y + 4}V${y + away + 4}M${from[0]} ${y + away}H${to[0]}`,
          `M${from[0] - 3} ${y + away + 3}l6 -6M${to[0] - 3} ${y + away + 3}l6 -6`,
        ].join('')}
        fill="none"
      />
      <Figure x={(from[0] + to[0]) / 2} y={y + away - 5} anchor="middle" label={label} />
    </g>
  );
}

function Figure({ x, y, anchor, label }: { x: number; y: number; anchor: 'end' | 'middle'; label: string }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize="15"
      fontWeight="600"
      fill="var(--ink)"
      stroke="var(--sheet)"
      strokeWidth="5"
      paintOrder="stroke"
      strokeLinejoin="round"
    >
      {label}
    </text>
  );
}
