import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answered, api, fieldMessages, STARTERS, type CastingSection } from '../../shared/api';
import { SmallEntry } from '../../shared/ui/SmallEntry';

type Code = keyof typeof STARTERS;

/** A usual casting from a few measurements; what comes of it is sections like any other, to be changed one by one. */
export function StarterPicker({ onLaid }: { onLaid: (sections: CastingSection[]) => void }) {
  const [code, setCode] = useState<Code | null>(null);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const lay = useMutation({
    mutationFn: (starter: Code) => answered(api.POST('/api/starters', { body: { starter, measures: typed } })),
    onSuccess: ({ sections }) => onLaid(sections),
  });
  const problems = fieldMessages(lay.error);
  const starter = code === null ? null : STARTERS[code];
  // What belongs to none of the entries: measurements that do not go together, or no answer at all.
  const asked = new Set(Object.keys(starter?.asks ?? {}).map((measure) => `/measures/${measure}`));
  const elsewhere = Object.keys(problems).length === 0 && lay.error ? [lay.error.message] : [];
  for (const [pointer, words] of Object.entries(problems)) if (!asked.has(pointer)) elsewhere.push(words);
  return (
    <section aria-label="Start from a shape" className="mb-4">
      <div role="group" aria-label="Shapes to start from" className="flex flex-wrap items-center gap-1.5">
        <span className="lettering mr-2">Start from</span>
        {Object.entries(STARTERS).map(([known, { label }]) => (
          <button
            key={known}
            type="button"
            className="peg"
            aria-pressed={known === code}
            onClick={() => {
              setCode(known as Code);
              setTyped({});
              lay.reset();
            }}
          >
            {label}
          </button>
        ))}
      </div>
      {code !== null && starter && (
        <form
          className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2"
          onSubmit={(event) => {
            event.preventDefault();
            lay.mutate(code);
          }}
        >
          <p className="w-full text-soft">{starter.words}</p>
          {Object.entries<readonly [string, number]>(starter.asks).map(([measure, [label, example]]) => (
            <SmallEntry
              key={measure}
              label={label}
              width="w-32"
              example={`${example} mm`}
              value={typed[measure] ?? ''}
              onChange={(next) => setTyped((before) => ({ ...before, [measure]: next }))}
              error={problems[`/measures/${measure}`]}
            />
          ))}
          <button type="submit" className="press" disabled={lay.isPending}>
            Lay it out
          </button>
          {elsewhere.map((words) => (
            <p key={words} role="alert" className="w-full font-semibold text-molten">
              {words}
            </p>
          ))}
        </form>
      )}
    </section>
  );
}
