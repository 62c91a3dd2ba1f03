import { ToggleGroup } from 'radix-ui';
import type { Choice } from '../api';

interface Common {
  label: string;
  choices: readonly Choice[];
  /** Shown beside the label when the caster chose otherwise last time. */
  offered?: string | undefined;
}

/** One of a few words, large enough for a glove. Pressing the chosen one again takes it back: blank is allowed everywhere. */
export function PickOne({ label, choices, value, onChange }: Common & { value: string | null; onChange: (value: string | null) => void }) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(next) => onChange(next === '' ? null : next)}
      className="flex flex-wrap gap-2"
    >
      {choices.map((choice) => (
        <ToggleGroup.Item key={choice.code} value={choice.code} className="peg" title={choice.hint || undefined}>
          {choice.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

export function PickMany({ label, choices, value, onChange }: Common & { value: readonly string[]; onChange: (value: string[]) => void }) {
  return (
    <ToggleGroup.Root type="multiple" aria-label={label} value={[...value]} onValueChange={onChange} className="flex flex-wrap gap-2">
      {choices.map((choice) => (
        <ToggleGroup.Item key={choice.code} value={choice.code} className="peg" data-many="true" title={choice.hint || undefined}>
          {choice.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

export const YES_NO: readonly Choice[] = [
  { code: 'yes', label: 'Yes', hint: '' },
  { code: 'no', label: 'No', hint: '' },
];
