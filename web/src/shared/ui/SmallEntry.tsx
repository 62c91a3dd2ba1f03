import { useId } from 'react';

/** One of several entries in a row, with its complaint below it. */
export function SmallEntry({
  label,
  width,
  value,
  example = '',
  onChange,
  error,
  reads = '',
}: {
  label: string;
  width: string;
  value: string;
  example?: string;
  onChange: (next: string) => void;
  error: string | undefined;
  /** The value in the caster's own unit, where it was typed in another. */
  reads?: string;
}) {
  const id = useId();
  return (
    <div className={width}>
      <label htmlFor={id} className="block text-sm text-soft">
        {label}
      </label>
      <input
        id={id}
        className="entry"
        autoComplete="off"
        value={value}
        placeholder={example}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-note` : undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {reads && !error && <p className="text-sm text-soft">= {reads}</p>}
      {error && (
        <p id={`${id}-note`} role="alert" className="text-sm font-semibold text-molten">
          {error}
        </p>
      )}
    </div>
  );
}
