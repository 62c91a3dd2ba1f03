import type { Working } from '../api';

/** Every number opens to its working: formula, the caster's own inputs, result, spread, source. */
export function OpenWorking({ working, label = 'working' }: { working: Working; label?: string }) {
  return (
    <details className="mt-0.5">
      <summary className="cursor-pointer py-2 text-sm underline underline-offset-4">{label}</summary>
      <div className="my-1 border-l-2 border-ink pl-3 text-sm">
        <p className="figure text-base">{working.formula}</p>
        <dl>
          {working.inputs.map((input) => (
            <div key={`${input.symbol} ${input.label}`} className="flex flex-wrap gap-x-2">
              <dt>
                <span className="figure">{input.symbol}</span> {input.label}
              </dt>
              <dd>
                <span className="figure">{input.value}</span> <span className="text-soft">({input.origin})</span>
              </dd>
            </div>
          ))}
        </dl>
        <p>
          = <span className="figure">{working.result}</span> {working.spread}
        </p>
        <p className="text-soft">
          {working.source} ({markWords(working.mark)})
        </p>
      </div>
    </details>
  );
}

function markWords(mark: string): string {
  if (mark === 'recalled') return 'published, recalled from memory';
  return mark === 'practice' ? 'common practice' : mark;
}
