import { useId, useState } from 'react';
import type { Layer, Plan } from '../../shared/api';
import { FromAbove, LayerLegend, MouldSection } from '../mould-section';

interface Props {
  plan: Plan | undefined;
  chosen: string | null;
  onChoose: (id: string) => void;
  onGo: (field: string) => void;
  /** Where the casting is cut, 0 at its front to 1 at its back; null for its middle. */
  cut: number | null;
  onCut: (cut: number | null) => void;
  /** What is laid over the drawings; null for nothing. */
  shown: Layer['code'] | null;
  onShow: (layer: Layer['code'] | null) => void;
}

/** The mould in section and the casting from above, with what can be laid over them and the plane that cuts it. */
export function PlanDrawing({ plan, chosen, onChoose, onGo, cut, onCut, shown, onShow }: Props) {
  const id = useId();
  // On a phone it would push the entries off the screen: folded until it is asked for.
  const [wide] = useState(() => window.innerWidth >= 768);
  if (!plan) return <div className="mt-3 h-[150px] md:h-[330px]" aria-hidden="true" />;
  const layer = plan.layers.find((known) => known.code === shown) ?? null;
  return (
    <div className={`mt-2 grid min-h-[150px] items-start gap-x-8 gap-y-2 md:min-h-[330px] ${plan.above ? 'lg:grid-cols-[2fr_1fr]' : ''}`}>
      <div>
        <MouldSection
          section={plan.section}
          subject={chosen}
          most={380}
          layer={layer}
          onSelect={(fields, subject) => (subject === '' ? onGo(fields[0] ?? '') : onChoose(subject))}
        />
        {plan.layers.length > 0 && (
          <div role="group" aria-label="Laid over the drawing" className="mt-2 flex flex-wrap items-center gap-1.5">
            <button type="button" className="peg text-sm" aria-pressed={layer === null} onClick={() => onShow(null)}>
              As it is
            </button>
            {plan.layers.map((known) => (
              <button
                key={known.code}
                type="button"
                className="peg text-sm"
                aria-pressed={known.code === shown}
                onClick={() => onShow(known.code)}
              >
                {known.label}
              </button>
            ))}
          </div>
        )}
        {layer && <LayerLegend layer={layer} />}
      </div>
      {plan.above && (
        <details open={wide}>
          <summary className="cursor-pointer py-2 font-semibold lg:sr-only">The casting from above</summary>
          <FromAbove view={plan.above} subject={chosen} layer={layer} onSelect={onChoose} />
          <div className="mt-2">
            <label htmlFor={id} className="block text-sm text-soft">
              Cut it nearer to the front or the back
            </label>
            <input
              id={id}
              type="range"
              className="cut-slider w-full"
              min={0}
              max={100}
              step={5}
              value={Math.round((cut ?? middleOf(plan)) * 100)}
              onChange={(event) => onCut(Number(event.target.value) / 100)}
            />
          </div>
        </details>
      )}
    </div>
  );
}

/** Where it is cut before anybody moves the cut. */
function middleOf({ above }: Plan): number {
  if (!above || above.bounds.back <= above.bounds.front) return 0.5;
  return (above.cut_along - above.bounds.front) / (above.bounds.back - above.bounds.front);
}
