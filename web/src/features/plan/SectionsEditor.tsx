import { useId, useState } from 'react';
import { SITS, type CastingSection, type SectionFigure } from '../../shared/api';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { measuresOf, measureText, newSection, SHAPE_LIST, shapeLabel, withoutSection } from './model';
import { MeshRow } from './MeshRow';
import { SectionMarks } from './SectionMarks';
import { ShapeMark } from './ShapeMark';

interface Props {
  sections: readonly CastingSection[];
  /** Each that is measured, by itself. */
  figures: readonly SectionFigure[];
  onChange: (sections: CastingSection[]) => void;
  /** index/measure → complaint */
  problems: Record<string, string>;
  chosen: string | null;
  onChoose: (id: string) => void;
}

/** The casting as a handful of simple bodies: what each measures, what it joins, and what the mould does to it. */
export function SectionsEditor({ sections, figures, onChange, problems, chosen, onChoose }: Props) {
  const set = (index: number, change: Partial<CastingSection>) =>
    onChange(sections.map((section, i) => (i === index ? { ...section, ...change } : section)));
  return (
    <div>
      <ol>
        {sections.map((section, index) => (
          <li
            key={section.id ?? index}
            className={`hairline py-3 first:border-t-0 ${chosen === section.id ? 'bg-wash' : ''}`}
            onFocus={() => section.id && onChoose(section.id)}
          >
            {section.shape === 'mesh' ? (
              <MeshRow section={section} problems={problems} onSet={(change) => set(index, change)} onRemove={() => onChange([])} />
            ) : (
              <Row
                section={section}
                figure={figures.find((known) => known.section === section.id) ?? null}
                index={index}
                sections={sections}
                problems={problems}
                onSet={(change) => set(index, change)}
                onRemove={() => onChange(withoutSection(sections, section.id ?? ''))}
              />
            )}
          </li>
        ))}
      </ol>
      {sections[0]?.shape !== 'mesh' && (
        <div role="group" aria-label="Add a section" className="rule mt-1 flex flex-wrap items-center gap-1.5 pt-3">
          <span className="lettering mr-2">Add</span>
          {SHAPE_LIST.map((shape) => (
            <button
              key={shape}
              type="button"
              className="press gap-2 px-3"
              onClick={() => onChange([...sections, newSection(shape, sections)])}
            >
              <ShapeMark shape={shape} />
              {shapeLabel(shape)}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}

function Row({
  section,
  figure,
  index,
  sections,
  problems,
  onSet,
  onRemove,
}: {
  section: CastingSection;
  figure: SectionFigure | null;
  index: number;
  sections: readonly CastingSection[];
  problems: Record<string, string>;
  onSet: (change: Partial<CastingSection>) => void;
  onRemove: () => void;
}) {
  const label = section.label ?? '';
  const others = sections.filter((other) => other.id !== section.id);
  return (
    <div role="group" aria-label={`Section ${index + 1}: ${label}`}>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <span className="self-center">{figure ? <OwnFigure figure={figure} /> : <ShapeMark shape={section.shape} size={38} />}</span>
        <SmallEntry
          label="Name"
          width="w-28"
          value={label}
          onChange={(next) => onSet({ label: next })}
          error={problems[`${index}/label`]}
        />
        {measuresOf(section.shape).map((measure) => (
          <SmallEntry
            key={measure}
            label={measure.replace('_', ' ')}
            width="w-24"
            value={measureText(section[measure])}
            onChange={(next) => onSet({ [measure]: next })}
            error={problems[`${index}/${measure}`]}
          />
        ))}
        <SmallEntry
          label="how many"
          width="w-16"
          value={String(section.count ?? 1)}
          onChange={(next) => /^\d{0,3}$/.test(next) && onSet({ count: Math.max(1, Number(next) || 1) })}
          error={problems[`${index}/count`]}
        />
        <SmallEntry
          label="gates"
          width="w-14"
          value={String(section.gates ?? 0)}
          onChange={(next) => /^\d{0,2}$/.test(next) && onSet({ gates: Number(next) || 0 })}
          error={problems[`${index}/gates`]}
        />
      </div>
      {figure && (
        <p className="mt-1 pl-[54px] text-sm text-soft">
          {figure.measures.map((measure) => (
            <span key={measure.label} className="mr-4">
              {measure.label} <span className="figure text-ink">{measure.shown}</span>
            </span>
          ))}
        </p>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-1.5 pl-[54px]">
        {index > 0 && (
          <Joins
            section={section}
            others={others}
            onSet={onSet}
            error={problems[`${index}/joins`]}
            problems={{ offset: problems[`${index}/offset`], turn: problems[`${index}/turn`], foot: problems[`${index}/foot`] }}
          />
        )}
        <SectionMarks section={section} onSet={onSet} />
        <button type="button" className="press press-quiet text-sm" onClick={onRemove} aria-label={`Take out: ${label}`}>
          Take out
        </button>
      </div>
    </div>
  );
}

/** The section as it stands, from the front and to scale, its bore dashed. */
function OwnFigure({ figure }: { figure: SectionFigure }) {
  const scale = 34 / Math.max(figure.width, figure.height, 1);
  const [w, h, bore] = [Math.max(2, figure.width * scale), Math.max(2, figure.height * scale), figure.bore * scale];
  return (
    <svg viewBox="-19 -19 38 38" width="38" height="38" aria-hidden="true" className="flex-none">
      <rect x={-w / 2} y={17 - h} width={w} height={h} fill="var(--wash)" stroke="currentColor" strokeWidth="1.5" />
      {bore > 0 && (
        <path d={`M${-bore / 2} ${17 - h}V17M${bore / 2} ${17 - h}V17`} stroke="currentColor" strokeWidth="1.2" strokeDasharray="3 2" />
      )}
      <path d="M-19 17.5H19" stroke="currentColor" strokeWidth="1" />
    </svg>
  );
}

function Joins({
  section,
  others,
  onSet,
  error,
  problems,
}: {
  section: CastingSection;
  others: readonly CastingSection[];
  onSet: (change: Partial<CastingSection>) => void;
  error: string | undefined;
  problems: { offset: string | undefined; turn: string | undefined; foot: string | undefined };
}) {
  const id = useId();
  const seat = useId();
  const said = ['offset', 'turn', 'foot'].some((key) => measureText(section[key]) !== '');
  const [where, setWhere] = useState(said);
  const outside = section.sits === 'end' || section.sits === 'beside';
  return (
    <span className="inline-flex flex-wrap items-center gap-2 pr-2">
      <label htmlFor={seat} className="sr-only">
        How it sits
      </label>
      <select
        id={seat}
        className="entry w-auto text-base"
        value={section.sits ?? 'end'}
        onChange={(event) => onSet({ sits: event.target.value as NonNullable<CastingSection['sits']> })}
      >
        {Object.entries(SITS).map(([way, words]) => (
          <option key={way} value={way}>
            {words}
          </option>
        ))}
      </select>
      <label htmlFor={id} className="sr-only">
        Joins
      </label>
      <select
        id={id}
        className="entry w-auto text-base"
        value={section.joins ?? ''}
        aria-invalid={error ? true : undefined}
        onChange={(event) => onSet({ joins: event.target.value })}
      >
        {others.map((other) => (
          <option key={other.id} value={other.id}>
            {other.label}
          </option>
        ))}
      </select>
      {error && (
        <span role="alert" className="text-sm font-semibold text-molten">
          {error}
        </span>
      )}
      {where ? (
        <>
          <SmallEntry
            label={outside ? 'along it by' : 'out by'}
            width="w-24"
            value={measureText(section['offset'])}
            example="0 mm"
            onChange={(next) => onSet({ offset: next })}
            error={problems.offset}
          />
          <SmallEntry
            label="turned"
            width="w-24"
            value={measureText(section['turn'])}
            example="0 deg"
            onChange={(next) => onSet({ turn: next })}
            error={problems.turn}
          />
          <SmallEntry
            label="foot at"
            width="w-24"
            value={measureText(section['foot'])}
            example="as it sits"
            onChange={(next) => onSet({ foot: next })}
            error={problems.foot}
          />
        </>
      ) : (
        <button type="button" className="press press-quiet text-sm" onClick={() => setWhere(true)}>
          Where exactly
        </button>
      )}
    </span>
  );
}
