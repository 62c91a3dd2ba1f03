import { Link } from 'react-router';
import { useHandbook, type Attempt, type Choice, type MadeOf } from '../../shared/api';
import { useChange, useComing, type DraftInHand } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { useSaving } from '../../shared/ui/useSaving';

/** Which thing of the shelf an attempt names, with what is coming of it from this device. */
export function useNamed(attempt: Attempt, field: 'heap' | 'pattern', stands: MadeOf | null) {
  const coming = useComing(attempt.id, field);
  const chosen = coming === undefined ? (stands?.id ?? null) : typeof coming === 'string' ? coming : null;
  return { chosen, named: stands?.id === chosen ? stands : null };
}

/** What of the shelf a mould is made of, how that stands, and what its record takes from it: on an attempt that is looked at. */
export function OfTheShelf({
  attempt,
  field,
  title,
  label,
  choices,
  stands,
  chosen,
  named,
  to,
  foot,
}: {
  attempt: Attempt;
  field: 'heap' | 'pattern';
  title: string;
  label: string;
  choices: readonly Choice[];
  /** As the notebook has it. */
  stands: MadeOf | null;
  chosen: string | null;
  named: MadeOf | null;
  to: string;
  foot?: string;
}) {
  const fields = useHandbook().fields;
  const change = useChange();
  const { outcome, run } = useSaving();
  return (
    <section className="mt-8" aria-label={title}>
      <h2 className="double-ruled">{title}</h2>
      <fieldset className="mt-2">
        <legend className="lettering mb-1">{label}</legend>
        <PickOne
          label={label}
          choices={choices}
          value={chosen}
          onChange={(next) =>
            void run(() =>
              change({
                label: `${attempt.casting_name}, no. ${attempt.number}: its ${title.toLowerCase()}`,
                path: `/attempts/${attempt.id}`,
                changes: [{ part: 'attempt', id: attempt.id, set: { [field]: { was: stands?.id ?? null, to: next } } }],
              }),
            )
          }
        />
      </fieldset>
      <Pressed outcome={outcome} />
      {named && (
        <>
          <p className="mt-2 flex gap-2">
            <StandingMark standing={named.standing} />
            <span>
              {named.sentence} <Link to={`${to}/${named.id}`}>{named.name}</Link>
            </span>
          </p>
          {Object.keys(named.values).length > 0 && (
            <dl className="mt-1 flex flex-wrap gap-x-6 gap-y-1">
              {Object.entries(named.values).map(([key, value]) => (
                <div key={key} className="flex gap-2">
                  <dt className="text-soft">{fields.find((one) => one.key === key)?.label ?? key}</dt>
                  <dd className="figure">{value.shown}</dd>
                </div>
              ))}
            </dl>
          )}
          {foot && <p className="mt-1 text-sm text-soft">{foot}</p>}
        </>
      )}
    </section>
  );
}

/** The same while a pour is logged: one press, in the draft. */
export function OfTheShelfDraft({
  draft,
  field,
  label,
  choices,
}: {
  draft: DraftInHand;
  field: 'heap' | 'pattern';
  label: string;
  choices: readonly Choice[];
}) {
  const chosen = draft.at(`attempt/${field}`)?.raw;
  return (
    <fieldset className="mb-4">
      <legend className="lettering mb-1">{label}</legend>
      <PickOne
        label={label}
        choices={choices}
        value={typeof chosen === 'string' ? chosen : null}
        onChange={(next) => draft.set(`attempt/${field}`, next, choices.find(({ code }) => code === next)?.label ?? '')}
      />
    </fieldset>
  );
}
