import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { attemptQuery } from '../attempt/index';
import { SoundPegs } from '../findings/index';
import { defectWords, useHandbook, wordsFor, type Attempt, type NextCheck, type RankedCause, type Why } from '../../shared/api';
import { PickOne } from '../../shared/ui/Pegs';
import { Pressed } from '../../shared/ui/Pressed';
import { useKeys } from '../../shared/ui/useKeys';
import { EvidenceLedger } from './EvidenceLedger';
import { percent } from './model';
import { whyQuery } from './queries';
import { useWhyActions } from './useWhyActions';

type Actions = ReturnType<typeof useWhyActions>;

/** Why it came out like this: ranked causes with their evidence, what stays unexplained, and the one thing to look at next. */
export function WhyPage() {
  const { id = '' } = useParams();
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  const why = useSuspenseQuery(whyQuery(id)).data;
  const actions = useWhyActions(attempt, why);
  const first = why.causes[0];
  const [opened, setOpened] = useState<string | null>(null);
  const open = opened ?? first?.cause ?? null;
  return (
    <article>
      <header className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <p className="lettering">
            <Link to={`/attempts/${id}`}>
              {attempt.casting_name}, no. {attempt.number}
            </Link>
          </p>
          <h1>
            {why.basis === 'findings'
              ? 'Why'
              : attempt.verdict === 'good'
                ? 'Why it went well, and what nearly went wrong'
                : 'What nearly went wrong'}
          </h1>
        </div>
        <Link to={`/attempts/${id}/changes`} className="press press-molten">
          To the change sheet
        </Link>
      </header>
      <Pressed outcome={actions.outcome} />
      <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_21rem]">
        <section aria-label="Causes, most likely first">
          {why.causes.length === 0 && (
            <p className="rule pt-3 text-soft">
              {why.basis === 'findings'
                ? 'No cause we know stands out.'
                : attempt.findings.length === 0 && attempt.verdict !== 'good'
                  ? 'Nothing is written down that was wrong with it. Add a finding to see what may have caused it.'
                  : 'Nothing in the record came near to going wrong.'}
            </p>
          )}
          <ol className="border-t-[3px] border-double border-ink">
            {why.causes.map((cause, rank) => (
              <Cause
                key={cause.cause}
                cause={cause}
                rank={rank}
                why={why}
                open={open === cause.cause}
                onOpen={() => setOpened(open === cause.cause ? '' : cause.cause)}
                actions={actions}
              />
            ))}
          </ol>
          <Beside why={why} attempt={attempt} actions={actions} />
          {!why.method.startsWith('exact') && (
            <p className="mt-2 text-sm text-soft">
              With this many signs the ranking is an approximation: {why.method.replace('block approximation: ', '')}.
            </p>
          )}
        </section>
        <aside className="grid content-start gap-8">
          <Check checks={why.next_checks} actions={actions} />
          <Blank why={why} id={id} />
          <Sound attempt={attempt} actions={actions} />
          <Given why={why} actions={actions} />
          <Reasons
            title="Nearly went wrong as well"
            label="Nearly went wrong as well"
            causes={why.beside}
            reason={(cause) => strongest(cause, ['record'], 1)}
          />
          <Unexplained why={why} />
          <DoneWell why={why} attempt={attempt} actions={actions} />
          <Reasons
            title="Your record speaks against"
            label="Spoken against by your record"
            causes={why.cleared}
            reason={(cause) => strongest(cause, ['record', 'detail'], -1)}
          />
        </aside>
      </div>
    </article>
  );
}

function Cause({
  cause,
  rank,
  why,
  open,
  onOpen,
  actions,
}: {
  cause: RankedCause;
  rank: number;
  why: Why;
  open: boolean;
  onOpen: () => void;
  actions: Actions;
}) {
  const handbook = useHandbook();
  const given = why.opinions[cause.cause];
  const opinion = given?.opinion ?? null;
  return (
    <li className="border-b border-ink">
      <button
        type="button"
        className="grid w-full grid-cols-[4.6rem_1fr] items-center gap-3 py-3 text-left hover:bg-wash"
        aria-expanded={open}
        onClick={onOpen}
      >
        <span className="text-right leading-none">
          <span className="figure text-4xl">{percent(cause.probability)}</span>
          <span className="text-soft"> %</span>
        </span>
        <span>
          <span className="figure block text-xl leading-tight">
            {cause.label}
            {opinion && (
              <span className="ml-3 inline-block border border-ink px-2 text-sm font-medium">
                {opinion === 'confirmed' ? 'you confirmed it' : opinion === 'suspected' ? 'you suspect it' : 'you ruled it out'}
                {given?.sure && `, ${wordsFor(handbook, 'how_sure', given.sure).toLowerCase()}`}
              </span>
            )}
          </span>
          <Gauge value={cause.probability} />
          <span className="block text-soft">
            {cause.explains.length > 0
              ? wouldExplain(
                  cause.explains
                    .filter((sign) => handbook.defects.some((defect) => defect.code === sign))
                    .map((sign) => defectWords(handbook, sign).toLowerCase()),
                  why.answers.some((answer) => answer.answer === 'yes' && cause.explains.includes(answer.check)),
                )
              : cause.words}
          </span>
        </span>
      </button>
      {open && (
        <div className="pb-5 md:pl-[5.35rem]">
          <p className="max-w-prose">{cause.words}</p>
          <EvidenceLedger cause={cause} why={why} />
          {why.basis === 'findings' && (
            <fieldset className="mt-4 flex flex-wrap items-center gap-2" data-rank={rank} disabled={actions.busy}>
              <legend className="lettering mb-1">Your own opinion</legend>
              {(['confirmed', 'suspected', 'ruled_out'] as const).map((choice) => (
                <button
                  key={choice}
                  type="button"
                  className="peg"
                  aria-pressed={opinion === choice}
                  disabled={actions.busy}
                  onClick={() => actions.opinion(cause.cause, opinion === choice ? null : choice)}
                >
                  {choice === 'confirmed' ? 'It was this' : choice === 'suspected' ? 'I suspect it' : 'It was not this'}
                </button>
              ))}
              {opinion && (
                <div className="flex flex-wrap items-center gap-2 border-l border-hair pl-3">
                  <span className="lettering">How sure?</span>
                  <PickOne
                    label="How sure"
                    choices={handbook.choices['how_sure'] ?? []}
                    value={given?.sure ?? null}
                    onChange={(sure) => actions.opinion(cause.cause, opinion, sure)}
                  />
                </div>
              )}
            </fieldset>
          )}
        </div>
      )}
    </li>
  );
}

function wouldExplain(defects: readonly string[], check: boolean): string {
  return defects.length === 0
    ? 'Fits what your check showed'
    : `Would explain: ${defects.join(', ')}${check ? '; fits what your check showed' : ''}`;
}

/** A graduated rule from 0 to 100 with the mark where the cause stands. */
function Gauge({ value }: { value: number }) {
  const x = 2 + value * 296;
  return (
    <svg viewBox="0 0 300 16" className="my-1 block h-4 w-full max-w-md" preserveAspectRatio="none" aria-hidden="true">
      <path
        d={Array.from({ length: 21 }, (_, i) => `M${2 + i * 14.8} 15V${i % 5 === 0 ? 6 : 10}`).join('')}
        stroke="var(--line)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      <path d="M2 15H298" stroke="var(--ink)" strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
      <path d={`M2 12.5H${x}`} stroke="var(--ink)" strokeWidth="5" vectorEffect="non-scaling-stroke" />
      <path d={`M${x} 1V15`} stroke="var(--ink)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
    </svg>
  );
}

/** The one check that would tell the leading causes apart; answering it ranks them anew. */
function Check({ checks, actions }: { checks: readonly NextCheck[]; actions: Actions }) {
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const next = checks.find((check) => !skipped.includes(check.check)) ?? null;
  const answer = (choice: 'yes' | 'no' | 'unclear') => next && !actions.busy && actions.answer(next.check, choice);
  useKeys(next ? { y: () => answer('yes'), n: () => answer('no'), u: () => answer('unclear') } : {});
  if (!next) return null;
  const lead = next.moves[0];
  return (
    <section className="border-2 border-ink p-4" aria-label="Look at this next">
      <h2 className="lettering text-ink">Look at this next</h2>
      <p className="figure mt-1 text-xl leading-snug">{next.question}</p>
      <p className="mt-1 text-soft">
        <strong className="text-ink">{next.effort}.</strong> {next.how}
      </p>
      {next.destroys && <p className="caution mt-2">{next.destroys}</p>}
      <div className="mt-3 flex flex-wrap gap-2">
        {(['yes', 'no', 'unclear'] as const).map((choice) => (
          <button key={choice} type="button" className="press" disabled={actions.busy} onClick={() => answer(choice)}>
            {choice === 'yes' ? 'Yes' : choice === 'no' ? 'No' : 'Cannot tell'}
          </button>
        ))}
        {checks.length > 1 && (
          <button type="button" className="press press-quiet" onClick={() => setSkipped([...skipped, next.check])}>
            Another check
          </button>
        )}
      </div>
      {lead && (
        <p className="mt-3 text-sm text-soft">
          {`Yes would put “${lead.label}” at ${percent(lead.if_yes)} %, no at ${percent(lead.if_no)} %. `}
          {`${worthOf(next.gain_bits)} Yes is expected ${percent(next.chance_yes)} times in 100.`}
        </p>
      )}
    </section>
  );
}

/** What a look is worth, in words. */
function worthOf(bits: number): string {
  if (bits >= 0.3) return 'It would tell much.';
  return bits >= 0.1 ? 'It would tell something.' : 'It would tell a little.';
}

/** What nobody wrote down and somebody may remember. */
function Blank({ why, id }: { why: Why; id: string }) {
  if (why.blank.length === 0) return null;
  return (
    <section aria-label="Do you remember?">
      <h2 className="lettering text-ink">Do you remember?</h2>
      <ul className="rule mt-1">
        {why.blank.map((row) => (
          <li key={row.field} className="hairline py-1.5 first:border-t-0">
            <strong>{row.label}</strong> <span className="text-soft">would move “{row.moves}” most.</span>
          </li>
        ))}
      </ul>
      <Link to={`/attempts/${id}/log`} className="press mt-2">
        Write it down
      </Link>
    </section>
  );
}

/** What was looked at besides, and found sound or not: it speaks against whatever would have shown there. */
function Sound({ attempt, actions }: { attempt: Attempt; actions: Actions }) {
  const looked = useHandbook().observations.filter((row) => row.when === 'inspection');
  const count = looked.filter((row) => attempt.observations.includes(row.code)).length;
  return (
    <section aria-label="What else was looked at">
      <details>
        <summary className="press press-quiet -ml-2 cursor-pointer">What else was looked at{count > 0 && `: ${count} found sound`}</summary>
        <p className="text-sm text-soft">What was not looked at says nothing; leave it.</p>
        <div className="mt-2 flex flex-wrap gap-1.5">
          <SoundPegs rows={looked} seen={attempt.observations} busy={actions.busy} onTap={(row, was) => actions.notice(row.code, was)} />
        </div>
      </details>
    </section>
  );
}

/** Another pour of the same thing held against this one: what differs, and what that says. */
function Beside({ why, attempt, actions }: { why: Why; attempt: Attempt; actions: Actions }) {
  const handbook = useHandbook();
  const { compared, comparable } = why;
  if (comparable.length === 0) return null;
  const chosen = comparable.find((other) => other.chosen);
  return (
    <section className="mt-8" aria-label="Held against another try">
      <h2 className="lettering mb-1 text-ink">Held against another try</h2>
      <PickOne
        label="Held against another try"
        choices={comparable.slice(0, 6).map((other) => ({
          code: other.id,
          label: `No. ${other.number}, ${other.verdict ? wordsFor(handbook, 'verdict', other.verdict).toLowerCase() : 'not judged'}`,
          hint: `${other.differs} values differ`,
        }))}
        value={chosen?.id ?? null}
        onChange={(id) => actions.compare(chosen?.id ?? null, id)}
      />
      {!compared && (
        <p className="mt-1 text-soft">
          {comparable[0]?.better
            ? `No. ${comparable[0].number} came out better and is the nearest to this one.`
            : 'Choose one: what was the same where it went otherwise is less likely.'}
        </p>
      )}
      {compared && (
        <>
          <p className="mt-2 max-w-prose">{compared.words}</p>
          {compared.differences.length > 0 && (
            <table className="rule mt-2 w-full text-left">
              <thead>
                <tr className="lettering">
                  <th className="py-1 pr-3 font-medium">What differs</th>
                  <th className="py-1 pr-3 font-medium">No. {attempt.number}</th>
                  <th className="py-1 font-medium">No. {compared.number}</th>
                </tr>
              </thead>
              <tbody>
                {compared.differences.map((row) => (
                  <tr key={row.field} className="hairline align-baseline">
                    <th scope="row" className="py-1.5 pr-3 font-normal">
                      {row.label}
                      {row.moves && <span className="block text-sm text-soft">bears on “{row.moves.toLowerCase()}”</span>}
                    </th>
                    <td className="figure py-1.5 pr-3">{row.here}</td>
                    <td className="figure py-1.5">{row.there}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          <p className="mt-1 text-sm text-soft">
            {compared.alike} values that are told of both are the same.
            {compared.changed > compared.differences.length &&
              ` The ${compared.differences.length} most telling of ${compared.changed} that differ.`}
          </p>
        </>
      )}
    </section>
  );
}

/** What was done well, in the caster's own numbers; each can be marked to stay as it is. */
function DoneWell({ why, attempt, actions }: { why: Why; attempt: Attempt; actions: Actions }) {
  const handbook = useHandbook();
  if (why.sound.length === 0) return null;
  const good = attempt.verdict === 'good';
  return (
    <section aria-label={good ? 'Why it worked' : 'What was right'}>
      <h2 className="lettering text-ink">{good ? 'Why it worked' : 'What was right'}</h2>
      <ul className="rule mt-1">
        {why.sound.map((row) => {
          const told = row.fields.find((key) => key in attempt.made || key in attempt.planned || key in (attempt.heat?.values ?? {}));
          const field = handbook.fields.find((known) => known.key === told);
          const kept = field !== undefined && attempt.kept.includes(field.key);
          return (
            <li key={row.cause} className="hairline py-1.5 first:border-t-0">
              {row.words} <span className="text-soft">So hardly “{row.label.toLowerCase()}”.</span>
              {field && (
                <div className="mt-1">
                  <button
                    type="button"
                    className="peg text-sm"
                    data-many="true"
                    aria-pressed={kept}
                    disabled={actions.busy}
                    onClick={() => actions.keep(field.key, kept)}
                  >
                    Keep: {field.label.toLowerCase()}
                  </button>
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Causes with the strongest that the record says of each. */
function Reasons({ title, label, causes, reason }: { title: string; label: string; causes: readonly RankedCause[]; reason: Reason }) {
  if (causes.length === 0) return null;
  return (
    <section aria-label={label}>
      <h2 className="lettering text-ink">{title}</h2>
      <ul className="rule mt-1">
        {causes.map((cause) => (
          <li key={cause.cause} className="hairline py-1.5 first:border-t-0">
            <strong>{cause.label}</strong> <span className="text-soft">{reason(cause)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

type Reason = (cause: RankedCause) => string | undefined;

function strongest(cause: RankedCause, kinds: readonly string[], sign: 1 | -1): string | undefined {
  return cause.contributions.filter((row) => kinds.includes(row.kind)).sort((a, b) => sign * (b.log_odds - a.log_odds))[0]?.words;
}

function Given({ why, actions }: { why: Why; actions: Actions }) {
  if (why.answers.length === 0) return null;
  return (
    <section aria-label="Checks made">
      <h2 className="lettering text-ink">Checks made</h2>
      <ul className="rule mt-1">
        {why.answers.map((row) => (
          <li key={row.check} className="hairline flex items-baseline justify-between gap-3 py-1.5 first:border-t-0">
            <span>
              {row.question} <strong>{row.answer === 'yes' ? 'Yes' : row.answer === 'no' ? 'No' : 'Cannot tell'}</strong>
            </span>
            <button type="button" className="press press-quiet flex-none text-sm" onClick={() => actions.answer(row.check, null)}>
              Take back <span className="sr-only">the answer to: {row.question}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Unexplained({ why }: { why: Why }) {
  if (why.unexplained.length === 0) return null;
  return (
    <section aria-label="Not explained">
      <h2 className="lettering text-ink">Not explained</h2>
      <ul className="rule mt-1">
        {why.unexplained.map((row) => (
          <li key={row.sign} className="py-1.5">
            <strong>{row.label}</strong>{' '}
            <span className="text-soft">The causes found account for {percent(row.explained)} % of it. Something else may be at work.</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
