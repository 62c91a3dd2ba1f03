import { useId } from 'react';

/** One of several entries in a row, with its complaint below it. */
export function SmallEntry({
  label,
  width,
  value,
  example = '',
  onChange,
  error,
}: {
  label: string;
  width: string;
  value: string;
  example?: string;
  onChange: (next: string) => void;
  error: string | undefined;
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
      {error && (
        <p id={`${id}-note`} role="alert" className="text-sm font-semibold text-molten">
          {error}
        </p>
      )}
    </div>
  );
}
