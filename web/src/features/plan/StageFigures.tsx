import type { Figure, Plan, PlanStage } from '../../shared/api';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { StandingMark } from '../../shared/ui/StandingMark';
import { grouped, warnings } from './model';

interface Props {
  stages: readonly PlanStage[];
  /** Each of them in a sentence. */
  answers: Plan['answers'];
  chosen: string | null;
  onChoose: (subject: string) => void;
  /** A figure that is a size can be taken over into its field. */
  onTake: (figure: Figure) => (() => void) | null;
  onGo: (field: string) => void;
}

/** The numbers of a stage: what they are, what to think of them, and the working behind each. */
export function StageFigures({ stages, answers, chosen, onChoose, onTake, onGo }: Props) {
  const figures = grouped(stages);
  return (
    <div>
      {answers.map((answer) => (
        <p key={answer.stage} className="flex items-baseline gap-2 pb-2 text-lg font-semibold" data-answer={answer.stage}>
          <StandingMark standing={answer.standing} />
          <span>{answer.words}</span>
        </p>
      ))}
      {warnings(
        stages,
        answers.map((answer) => answer.words),
      ).map((risk) => (
        <p
          key={`${risk.code}-${risk.subject}-${risk.words}`}
          className="flex items-baseline gap-2 py-1.5 font-semibold"
          data-risk={risk.code}
        >
          <StandingMark standing={risk.standing} />
          <span>{risk.words}</span>
        </p>
      ))}
      {figures.length > 0 && (
        <ul className="border-t-[3px] border-double border-ink">
          {figures.map((figure) => (
            <Row
              key={`${figure.code}-${figure.subject}`}
              figure={figure}
              chosen={figure.subject !== '' && figure.subject === chosen}
              onChoose={onChoose}
              take={onTake(figure)}
            />
          ))}
        </ul>
      )}
      {stages
        .flatMap((stage) => stage.missing)
        .map((missing) => (
          <p key={missing.words} className="hairline flex flex-wrap items-baseline gap-x-3 py-2 text-soft">
            <span>{missing.words}</span>
            {missing.fields[0] && (
              <button type="button" className="press press-quiet min-h-0 py-0 text-sm" onClick={() => onGo(missing.fields[0] ?? '')}>
                fill in
              </button>
            )}
          </p>
        ))}
      <Assumed stages={stages} onGo={onGo} />
    </div>
  );
}

function Row({
  figure,
  chosen,
  onChoose,
  take,
}: {
  figure: Figure;
  chosen: boolean;
  onChoose: (subject: string) => void;
  take: (() => void) | null;
}) {
  return (
    <li
      className={`hairline py-1.5 first:border-t-0 ${chosen ? 'bg-wash px-2' : ''}`}
      data-figure={figure.code}
      data-subject={figure.subject}
      data-standing={figure.standing}
    >
      <div className="flex items-baseline justify-between gap-4">
        <span>
          <StandingMark standing={figure.standing} />{' '}
          {figure.subject === '' ? (
            figure.label
          ) : (
            <button
              type="button"
              className="text-left underline decoration-hair underline-offset-4"
              onClick={() => onChoose(figure.subject)}
            >
              {figure.label}
            </button>
          )}
        </span>
        <span className="figure text-right text-lg whitespace-nowrap">{figure.shown}</span>
      </div>
      {figure.note && (
        <p className={`text-sm ${figure.standing === 'bad' || figure.standing === 'risky' ? 'font-semibold' : 'text-soft'}`}>
          {figure.note}
        </p>
      )}
      <div className="flex flex-wrap items-start gap-x-5">
        <OpenWorking working={figure.working} />
        {take && (
          <button type="button" className="cursor-pointer py-2 text-sm underline underline-offset-4" onClick={take}>
            take it so
          </button>
        )}
      </div>
    </li>
  );
}

function Assumed({ stages, onGo }: { stages: readonly PlanStage[]; onGo: (field: string) => void }) {
  const assumptions = stages.flatMap((stage) => stage.assumptions);
  if (assumptions.length === 0) return null;
  return (
    <section className="mt-4" aria-label="Taken for granted">
      <h2 className="lettering text-ink">Taken for granted</h2>
      <ul className="rule mt-1 text-sm">
        {assumptions.map((assumption) => (
          <li key={assumption.words} className="hairline flex flex-wrap items-baseline gap-x-3 py-1 first:border-t-0">
            <span className="text-soft">{assumption.words}</span>
            {assumption.field && (
              <button type="button" className="underline underline-offset-4" onClick={() => onGo(assumption.field ?? '')}>
                change
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
