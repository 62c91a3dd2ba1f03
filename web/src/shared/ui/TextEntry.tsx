import { useId, type InputHTMLAttributes } from 'react';

/** A labelled line to write on, with its complaint below it. */
export function TextEntry({
  label,
  error,
  hint,
  ...input
}: { label: string; error?: string | undefined; hint?: string | undefined } & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="lettering">
        {label}
      </label>
      <input
        id={id}
        className="entry"
        aria-invalid={error ? true : undefined}
        aria-describedby={error || hint ? `${id}-note` : undefined}
        {...input}
      />
      {(error || hint) && (
        <p
          id={`${id}-note`}
          className={`mt-1 text-sm ${error ? 'font-semibold text-molten' : 'text-soft'}`}
          role={error ? 'alert' : undefined}
        >
          {error ?? hint}
        </p>
      )}
    </div>
  );
}
