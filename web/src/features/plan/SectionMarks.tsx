import type { CastingSection } from '../../shared/api';

const MARKS = [
  { key: 'riser', label: 'Riser' },
  { key: 'vent', label: 'Vent' },
  { key: 'chill', label: 'Chill' },
  { key: 'upright', label: 'Stands upright' },
] as const;

interface Props {
  section: CastingSection;
  onSet: (change: Partial<CastingSection>) => void;
  without?: readonly string[];
}

/** What the mould does to a section, and how it stands: pegs that are in or out. */
export function SectionMarks({ section, onSet, without = [] }: Props) {
  return MARKS.filter(({ key }) => !without.includes(key)).map(({ key, label }) => (
    <button
      key={key}
      type="button"
      className="peg text-sm"
      data-many="true"
      aria-pressed={section[key] === true}
      onClick={() => onSet({ [key]: section[key] !== true })}
    >
      {label}
    </button>
  ));
}
