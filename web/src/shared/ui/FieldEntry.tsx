import { useMutation } from '@tanstack/react-query';
import { useId } from 'react';
import { answered, api, fieldMessages, useHandbook, type Field, type ShownValue } from '../api';
import type { Plain, Stands } from '../record';
import { PickOne, YES_NO } from './Pegs';
import { RevisionMark } from './states';

interface Props {
  field: Field;
  value: Stands | null;
  /** A value to be taken as it is carries its own words; what is typed is its own. */
  onChange: (raw: Plain, shown?: string) => void;
  /** Last used value: offered, never filled in silently. */
  offered?: ShownValue | undefined;
  error?: string | undefined;
  changed?: boolean;
  /** What was planned, when this is what was made. */
  planned?: ShownValue | undefined;
  /** What another device stored since this was typed over. */
  meanwhile?: Stands | null;
}

/** One named value of the record, entered the way its kind asks for. */
export function FieldEntry(props: Props) {
  const { field, meanwhile } = props;
  return (
    <div>
      {field.kind === 'choice' ? <ChoiceEntry {...props} /> : field.kind === 'flag' ? <FlagEntry {...props} /> : <TypedEntry {...props} />}
      {meanwhile && <p className="text-sm font-semibold">Meanwhile stored: {meanwhile.shown}</p>}
    </div>
  );
}

function Caption({ field, changed, planned }: Props) {
  return (
    <span className="lettering">
      {field.label} {changed && <RevisionMark />}
      {planned && <span className="normal-case tracking-normal text-soft"> planned {planned.shown}</span>}
    </span>
  );
}

/** Takes over what was stored, not what is shown of it: the words are rounded for reading. */
function Offer({ offered, onChange }: Props) {
  if (!offered || Array.isArray(offered.raw)) return null;
  return (
    <button
      type="button"
      className="press press-quiet -ml-2 min-h-[44px] text-sm font-medium text-soft"
      onClick={() => onChange(offered.raw as Plain, typeof offered.raw === 'object' ? offered.shown : undefined)}
    >
      as last time: {offered.shown}
    </button>
  );
}

function ChoiceEntry(props: Props) {
  const { field, onChange, error } = props;
  const id = useId();
  const value = typeof props.value?.raw === 'string' ? props.value.raw : null;
  const choices = useHandbook().choices[field.choices ?? ''] ?? [];
  if (choices.length > 12) {
    const groups = [...new Set(choices.map((choice) => choice.hint))];
    return (
      <div>
        <label htmlFor={id}>
          <Caption {...props} />
        </label>
        <select id={id} className="entry" value={value ?? ''} onChange={(event) => onChange(event.target.value || null)}>
          <option value="">not noted</option>
          {groups.map((group) => (
            <optgroup key={group} label={group}>
              {choices
                .filter((choice) => choice.hint === group)
                .map((choice) => (
                  <option key={choice.code} value={choice.code}>
                    {choice.label}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
        {value === null && <Offer {...props} />}
        <Complaint error={error} />
      </div>
    );
  }
  return (
    <div role="group" aria-label={field.label}>
      <Caption {...props} />
      <div className="mt-1">
        <PickOne label={field.label} choices={choices} value={value} onChange={(next) => onChange(next)} />
      </div>
      {value === null && <Offer {...props} />}
      <Complaint error={error} />
    </div>
  );
}

function FlagEntry(props: Props) {
  const { field, value, onChange, error } = props;
  return (
    <div role="group" aria-label={field.label}>
      <Caption {...props} />
      <div className="mt-1">
        <PickOne
          label={field.label}
          choices={YES_NO}
          value={value?.raw === true ? 'yes' : value?.raw === false ? 'no' : null}
          onChange={(next) => onChange(next === null ? null : next === 'yes')}
        />
      </div>
      {value === null && <Offer {...props} />}
      <Complaint error={error} />
    </div>
  );
}

function TypedEntry(props: Props) {
  const { field, value, onChange, error } = props;
  const id = useId();
  const text = value?.shown ?? '';
  const typed = typeof value?.raw === 'string';
  const read = useMutation({
    mutationFn: (words: string) => answered(api.POST('/api/quantities', { body: { field: field.key, text: words } })),
  });
  // Only what belongs to the text that stands there now is shown.
  const current = text !== '' && read.variables === text;
  const refused = current ? fieldMessages(read.error)['/text'] : undefined;
  const note = error ?? refused;
  const readBack = current && read.data ? (read.data.question ?? read.data.shown) : '';
  return (
    <div>
      <label htmlFor={id}>
        <Caption {...props} />
      </label>
      <input
        id={id}
        className="entry"
        value={text}
        autoComplete="off"
        inputMode={field.kind === 'count' ? 'numeric' : 'text'}
        placeholder={field.kind === 'count' ? (field.key === 'sand.permeability' ? '70' : 'how many') : example(field)}
        aria-invalid={note ? true : undefined}
        aria-describedby={`${id}-note`}
        onChange={(event) => onChange(event.target.value === '' ? null : event.target.value)}
        onBlur={() => typed && text.trim() !== '' && !current && read.mutate(text)}
      />
      <p id={`${id}-note`} aria-live="polite" className={`min-h-5 text-sm ${note ? 'font-semibold text-molten' : 'text-soft'}`}>
        {note ?? (readBack !== '' ? `= ${readBack}` : text === '' ? field.hint : '')}
      </p>
      {text === '' && <Offer {...props} />}
    </div>
  );
}

function Complaint({ error }: { error: string | undefined }) {
  return error ? (
    <p role="alert" className="text-sm font-semibold text-molten">
      {error}
    </p>
  ) : null;
}

/** What may be typed, as an example of the kind; any unit of the kind is taken. */
function example(field: Field): string {
  switch (field.dimension) {
    case 'temperature':
      return field.key === 'pour.ambient' || field.key === 'mould.temperature' ? '20 C, 68 F' : '705 C, 1300 F';
    case 'mass':
      return '2.4 kg, 4 lb 2 oz';
    case 'length':
      return '35 mm, 1 3/4 in';
    case 'time':
      return '40 s, 1 h 20 min';
    case 'ratio':
      return '3.5 %';
    case 'density':
      return '20 kg/m3';
    case 'volume':
      return '250 mL, 15 in3';
    case 'area':
      return '12 cm2, 2 in2';
    default:
      return '';
  }
}
