import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { v7 as freshId } from 'uuid';
import { DefectDrawing, FindingForm } from '../findings/index';
import { MouldOf } from '../heaps/index';
import { MouldedOf } from '../patterns/index';
import { MixedBy } from '../mixes/index';
import { PhotoStrip } from '../photos/index';
import { MouldSection } from '../mould-section/index';
import { RecordTools } from '../record-tools/index';
import { Repeats } from '../repeats/index';
import { answered, api, defectWords, useHandbook, wordsFor, type Attempt, type Field, type Finding } from '../../shared/api';
import { dayWords } from '../../shared/day';
import { useChange, useDraft, useDraftPart, type Stands } from '../../shared/record';
import { Cautions } from '../../shared/ui/Cautions';
import { Dialog } from '../../shared/ui/Dialog';
import { Pressed } from '../../shared/ui/Pressed';
import { StandingMark } from '../../shared/ui/StandingMark';
import { RevisionMark } from '../../shared/ui/states';
import { useKeys } from '../../shared/ui/useKeys';
import { useSaving } from '../../shared/ui/useSaving';
import { VerdictMark, verdictWords } from '../../shared/ui/VerdictMark';
import { attemptQuery } from './queries';
import { Inspection } from './Inspection';
import { nameOf, notMadeYet, sectionWords, stagesOf, whereOf } from './model';

/** The finding in hand: a known one, or a new one with the step it is found at. */
type Editing = Finding | 'new' | { at: string } | null;

/** One attempt: the mould section in the middle, the stages in working order along it, the findings pinned on it. */
export function AttemptPage() {
  const { id = '' } = useParams();
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  const navigate = useNavigate();
  const [selected, setSelected] = useState<readonly string[]>([]);
  const [subject, setSubject] = useState<string | null>(null);
  const [editing, setEditing] = useState<Editing>(null);
  useKeys({
    f: () => setEditing('new'),
    g: () => void navigate(`/attempts/${id}/plan`),
    w: () => void navigate(`/attempts/${id}/why`),
    x: () => void navigate(`/attempts/${id}/changes`),
  });
  return (
    <article>
      <Head attempt={attempt} />
      <Questions />
      <Inspection attempt={attempt} onFind={(at) => setEditing({ at })} />
      <Answers attempt={attempt} />
      {attempt.state === 'planned' && <Repeats attempt={attempt.id} />}
      <Keeps attempt={attempt} />
      <div className="mt-2">
        <MouldSection
          section={attempt.section}
          findings={attempt.findings}
          selected={selected}
          onSelect={(fields, part) => {
            setSelected(fields);
            setSubject(part);
          }}
          subject={subject}
        />
      </div>
      <FindingsBlock attempt={attempt} editing={editing} setEditing={setEditing} />
      <Photos attempt={attempt} />
      <NotMadeYet attempt={attempt} />
      <MouldedOf attempt={attempt} />
      <MouldOf attempt={attempt} />
      <MixedBy attempt={attempt} />
      <Stages attempt={attempt} selected={selected} />
      <Unreadable attempt={attempt} />
      <Cautions given={attempt.cautions} />
      <ThisRecord attempt={attempt} />
    </article>
  );
}

function Head({ attempt }: { attempt: Attempt }) {
  return (
    <header className="flex flex-wrap items-start justify-between gap-4">
      <div className="flex gap-4">
        <VerdictMark state={attempt.state} verdict={attempt.verdict} size={52} />
        <div>
          <p className="lettering">
            <Link to={`/castings/${attempt.casting_id}`}>{attempt.casting_name}</Link>
          </p>
          <h1>
            No. {attempt.number}: {verdictWords(attempt.state, attempt.verdict).toLowerCase()}
          </h1>
          {attempt.name && <p className="figure text-lg">{attempt.name}</p>}
          <p className="text-soft">
            {[
              attempt.process_label,
              attempt.alloy_label,
              attempt.pour_temperature,
              attempt.poured_on ? dayWords(attempt.poured_on) : 'not poured yet',
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
          {attempt.note && <p className="mt-1 max-w-prose italic">“{attempt.note}”</p>}
        </div>
      </div>
      <nav className="flex flex-wrap gap-2" aria-label="This attempt">
        <Link to={`/attempts/${attempt.id}/plan`} className="press">
          Plan
        </Link>
        {attempt.state !== 'judged' && (
          <Link to={`/attempts/${attempt.id}/day`} className={attempt.state === 'planned' ? 'press press-molten' : 'press'}>
            Pour day
          </Link>
        )}
        <Link to={`/attempts/${attempt.id}/log`} className="press">
          {attempt.state === 'planned' ? 'Log the pour' : 'Put right'}
        </Link>
        {attempt.state !== 'planned' && (
          <>
            <Link to={`/attempts/${attempt.id}/why`} className="press press-molten">
              Why
            </Link>
            <Link to={`/attempts/${attempt.id}/changes`} className="press">
              Change sheet
            </Link>
          </>
        )}
        <Link to={`/attempts/${attempt.id}/charge`} className="press">
          Charge
        </Link>
        <Link to={`/attempts/${attempt.id}/ways`} className="press">
          Other ways
        </Link>
        <Link to={`/attempts/${attempt.id}/finish`} className="press">
          Finishing
        </Link>
        <Link to={`/attempts/${attempt.id}/cost`} className="press">
          Cost
        </Link>
        {attempt.heat && (
          <Link to={`/heats/${attempt.heat.id}/curve`} className="press">
            Melt curve
          </Link>
        )}
        {attempt.next_id && (
          <Link to={`/attempts/${attempt.next_id}`} className="press">
            Next attempt
          </Link>
        )}
      </nav>
    </header>
  );
}

/** Naming, moving, looking back and throwing away. */
function ThisRecord({ attempt }: { attempt: Attempt }) {
  const { heat } = attempt;
  return (
    <>
      {heat && (
        <RecordTools
          part="heat"
          id={heat.id}
          title={heat.name ?? 'Its melt'}
          label={heat.name ?? (heat.melted_on ? `Melt of ${dayWords(heat.melted_on)}` : 'A melt')}
          path={`/attempts/${attempt.id}`}
          name={heat.name}
        />
      )}
      <RecordTools
        title="This attempt"
        part="attempt"
        id={attempt.id}
        label={nameOf(attempt)}
        path={`/attempts/${attempt.id}`}
        name={attempt.name}
        history={`attempts/${attempt.id}`}
        casting={attempt.casting_id}
        onGone={`/castings/${attempt.casting_id}`}
      />
    </>
  );
}

/** What it looked like, with the findings pinned where they show. */
function Photos({ attempt }: { attempt: Attempt }) {
  const handbook = useHandbook();
  return (
    <section className="mt-8" aria-label="Photos">
      <h2 className="mb-2">Photos</h2>
      <PhotoStrip
        attempt={attempt.id}
        label={nameOf(attempt)}
        findings={attempt.findings.map((finding) => ({
          id: finding.id,
          label: [defectWords(handbook, finding.kind), sectionWords(attempt, finding)].filter(Boolean).join(', '),
        }))}
      />
    </section>
  );
}

/** Unlikely values were kept as written; the caster is asked once. */
function Questions() {
  const state: unknown = useLocation().state;
  const questions =
    typeof state === 'object' && state !== null && 'questions' in state && Array.isArray(state.questions)
      ? (state.questions as string[])
      : [];
  if (questions.length === 0) return null;
  return (
    <div className="caution mt-4" role="status">
      <ul>
        {questions.map((question) => (
          <li key={question}>{question}</li>
        ))}
      </ul>
    </div>
  );
}

/** What the plan answers, stage by stage, before any figure. */
function Answers({ attempt }: { attempt: Attempt }) {
  return (
    <section className="mt-4" aria-label="What the plan says">
      <h2 className="lettering text-ink">What the plan says</h2>
      <ul className="rule mt-1 md:columns-2 md:gap-10">
        {attempt.answers_of_plan.map((answer) => (
          <li key={answer.stage} className="hairline flex break-inside-avoid gap-3 py-1.5 first:border-t-0">
            <Link
              to={`/attempts/${attempt.id}/plan?stage=${answer.stage === 'venting' ? 'feeding' : answer.stage}`}
              className="w-24 flex-none"
            >
              {answer.title}
            </Link>
            <span className="flex gap-1.5">
              <StandingMark standing={answer.standing} />
              <span
                className={
                  answer.standing === 'bad' || answer.standing === 'risky'
                    ? 'font-semibold'
                    : answer.standing === 'unknown'
                      ? 'text-soft'
                      : ''
                }
              >
                {answer.words}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What worked before and is to stay: said where this attempt has it otherwise. */
function Keeps({ attempt }: { attempt: Attempt }) {
  if (attempt.keeps.length === 0) return null;
  return (
    <section className="mt-6" aria-label="To stay as it was">
      <h2 className="lettering text-ink">To stay as it was</h2>
      <ul className="rule mt-1">
        {attempt.keeps.map((row) => (
          <li key={row.field} className="hairline flex flex-wrap gap-x-3 py-1.5 first:border-t-0">
            <StandingMark standing={row.stays ? 'good' : 'risky'} />
            <span className={row.stays ? '' : 'font-semibold'}>
              {row.label}: {row.kept}, as in no. {row.number}.
            </span>
            {!row.stays && <span>{row.here === null ? 'Not told here.' : `Here ${row.here}.`}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Planned values that nobody has confirmed or put right after the pour. */
function NotMadeYet({ attempt }: { attempt: Attempt }) {
  const handbook = useHandbook();
  if (attempt.state === 'planned') return null;
  const open = notMadeYet(attempt, handbook.fields);
  if (open.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Planned, not noted as made">
      <h2>Planned, not noted as made</h2>
      <p className="mt-1 text-soft">
        Counted as planned until you say otherwise: {open.map((row) => `${row.label.toLowerCase()} ${row.planned}`).join(', ')}.{' '}
        <Link to={`/attempts/${attempt.id}/log`}>Note what was made</Link>
      </p>
    </section>
  );
}

/** Kept, though today's tables no longer know it. */
function Unreadable({ attempt }: { attempt: Attempt }) {
  if (attempt.unreadable.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Stored, but no longer readable">
      <h2>Stored, but no longer readable</h2>
      <p className="text-soft">Kept as it is; nothing is computed with it.</p>
      <dl className="rule mt-1">
        {attempt.unreadable.map((thing) => (
          <div key={`${thing.what} ${thing.stored}`} className="hairline flex flex-wrap gap-x-4 py-1.5 first:border-t-0">
            <dt className="text-soft">{thing.what}</dt>
            <dd className="figure break-all">{thing.stored}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

function FindingsBlock({ attempt, editing, setEditing }: { attempt: Attempt; editing: Editing; setEditing: (next: Editing) => void }) {
  const handbook = useHandbook();
  const change = useChange();
  const { outcome, run } = useSaving();
  const [moving, setMoving] = useState<Finding | null>(null);
  const takeBack = (finding: Finding) =>
    void run(() =>
      change({
        label: `${nameOf(attempt)}: ${defectWords(handbook, finding.kind).toLowerCase()} taken back`,
        path: `/attempts/${attempt.id}`,
        changes: [{ part: 'finding', id: finding.id, set: { binned: { was: false, to: true } } }],
      }),
    );
  return (
    <section className="mt-8" aria-label="Findings">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2>Findings</h2>
        <button type="button" className="press" onClick={() => setEditing('new')}>
          Add a finding
        </button>
      </div>
      <Pressed outcome={outcome} />
      {attempt.findings.length === 0 ? (
        <p className="rule mt-2 pt-3 text-soft">
          {attempt.state === 'planned'
            ? 'Nothing to find before the pour.'
            : attempt.verdict === 'good'
              ? 'Nothing wrong with it. Why it worked is worth a look too.'
              : 'Nothing written down yet. More shows at each step: as opened, at the gate cut, after cleaning, at machining.'}
        </p>
      ) : (
        <ul className="rule mt-2">
          {attempt.findings.map((finding, index) => (
            <li key={finding.id} className="hairline flex flex-wrap items-center gap-x-4 gap-y-1 py-2 first:border-t-0">
              <span className="figure w-6 text-xl">{index + 1}</span>
              <DefectDrawing kind={finding.kind} width={72} />
              <div className="min-w-52 flex-1">
                <p className="figure text-lg">
                  {defectWords(handbook, finding.kind)}
                  {finding.severity && (
                    <span className="ml-3 font-medium text-soft">{wordsFor(handbook, 'severity', finding.severity).toLowerCase()}</span>
                  )}
                </p>
                <p className="text-soft">
                  {[
                    ...finding.places.map((place) => wordsFor(handbook, 'place', place)),
                    sectionWords(attempt, finding),
                    finding.pieces.length > 0 && `casting ${finding.pieces.join(', ')}`,
                    finding.number !== null && `no. ${finding.number} from the sprue`,
                    ...finding.looks.map((look) => wordsFor(handbook, 'look', look)),
                    wordsFor(handbook, 'shown_at', finding.shown_at),
                  ]
                    .filter(Boolean)
                    .join(' · ')
                    .toLowerCase()}
                </p>
                {finding.note && <p className="italic">“{finding.note}”</p>}
              </div>
              <button type="button" className="press press-quiet" onClick={() => setEditing(finding)}>
                Change
              </button>
              <button type="button" className="press press-quiet" onClick={() => setMoving(finding)}>
                Move <span className="sr-only">{defectWords(handbook, finding.kind)}</span>
              </button>
              <button type="button" className="press press-quiet" onClick={() => takeBack(finding)}>
                Take back <span className="sr-only">{defectWords(handbook, finding.kind)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <NewFinding
        attempt={attempt}
        open={editing === 'new' || (editing !== null && 'at' in editing)}
        at={editing !== null && editing !== 'new' && 'at' in editing ? editing.at : null}
        onOpen={() => setEditing('new')}
        onClose={() => setEditing(null)}
      />
      {moving && <MoveFinding attempt={attempt} finding={moving} run={run} onClose={() => setMoving(null)} />}
      {editing !== 'new' && editing !== null && 'id' in editing && (
        <KnownFinding key={editing.id} attempt={attempt} finding={editing} onClose={() => setEditing(null)} />
      )}
    </section>
  );
}

/** A finding that was written at the wrong attempt. */
function MoveFinding({
  attempt,
  finding,
  run,
  onClose,
}: {
  attempt: Attempt;
  finding: Finding;
  run: ReturnType<typeof useSaving>['run'];
  onClose: () => void;
}) {
  const change = useChange();
  const casting = useQuery({
    queryKey: ['castings', attempt.casting_id, null],
    queryFn: () => answered(api.GET('/api/castings/{id}', { params: { path: { id: attempt.casting_id } } })),
  });
  const others = casting.data?.trail.filter((other) => other.id !== attempt.id) ?? [];
  const move = (to: string) => {
    void run(() =>
      change({
        label: `${nameOf(attempt)}: a finding moved`,
        path: `/attempts/${to}`,
        changes: [{ part: 'finding', id: finding.id, set: { attempt: { was: attempt.id, to } } }],
      }),
    );
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Which attempt was it found on?" narrow>
      <ul className="rule">
        {others.map((other) => (
          <li key={other.id} className="hairline first:border-t-0">
            <button type="button" className="press press-quiet w-full justify-start" onClick={() => move(other.id)}>
              No. {other.number}: {verdictWords(other.state, other.verdict).toLowerCase()}
            </button>
          </li>
        ))}
        {casting.data && others.length === 0 && <li className="py-2 text-soft">This casting has no other attempt.</li>}
      </ul>
    </Dialog>
  );
}

/** One new finding is written at a time; closed before it is saved, it waits on this device. */
function NewFinding({
  attempt,
  open,
  at,
  onOpen,
  onClose,
}: {
  attempt: Attempt;
  open: boolean;
  at: string | null;
  onOpen: () => void;
  onClose: () => void;
}) {
  const handbook = useHandbook();
  const [fresh, setFresh] = useState(() => freshId());
  const record = `finding of ${attempt.id}`;
  const id = useDraftPart(record, 'finding')?.id ?? fresh;
  const draft = useDraft(
    record,
    {
      label: `${nameOf(attempt)}: a finding`,
      path: `/attempts/${attempt.id}`,
      parts: { finding: { part: 'finding', id, create: { attempt: attempt.id } } },
    },
    {},
  );
  const { busy, outcome, run } = useSaving();
  const kind = draft.at('finding/kind')?.raw;
  return (
    <>
      {!open && draft.touched.length > 0 && typeof kind === 'string' && (
        <p className="caution mt-2">
          <span>
            A finding you began, on this device only: <strong>{defectWords(handbook, kind)}</strong>
          </span>
          <button type="button" className="press press-quiet" onClick={onOpen}>
            Go on with it
          </button>
          <button type="button" className="press press-quiet" onClick={() => void draft.drop()}>
            Throw it away
          </button>
        </p>
      )}
      <FindingForm
        open={open}
        onClose={onClose}
        draft={draft}
        title="What is wrong with it?"
        shownAt={at}
        {...whereOf(attempt)}
        done="Add the finding"
        busy={busy}
        outcome={outcome}
        onDone={() =>
          void run(draft.save).then((next) => {
            if (next?.state === 'refused') return;
            setFresh(freshId());
            onClose();
          })
        }
      />
    </>
  );
}

function KnownFinding({ attempt, finding, onClose }: { attempt: Attempt; finding: Finding; onClose: () => void }) {
  const now = attempt.findings.find((other) => other.id === finding.id) ?? finding;
  const seen: Record<string, Stands> = {};
  for (const name of ['kind', 'places', 'looks', 'shown_at', 'severity', 'note', 'section', 'pieces', 'number'] as const)
    if (now[name] !== null) seen[`finding/${name}`] = { raw: now[name], shown: String(now[name]) };
  const draft = useDraft(
    `finding ${finding.id}`,
    { label: `${nameOf(attempt)}: a finding`, path: `/attempts/${attempt.id}`, parts: { finding: { part: 'finding', id: finding.id } } },
    seen,
  );
  const { busy, outcome, run } = useSaving();
  return (
    <FindingForm
      open
      onClose={onClose}
      draft={draft}
      title="Change the finding"
      {...whereOf(attempt)}
      done="Save the finding"
      busy={busy}
      outcome={outcome}
      onDone={() => void run(draft.save).then((next) => next?.state !== 'refused' && onClose())}
    />
  );
}

function Stages({ attempt, selected }: { attempt: Attempt; selected: readonly string[] }) {
  const handbook = useHandbook();
  const stages = stagesOf(attempt, handbook.fields);
  return (
    <section className="mt-8" aria-label="Record">
      <h2>Record</h2>
      <div className="rule mt-2 md:columns-2 md:gap-10">
        {stages.map((stage) => (
          <div key={stage.stage} className="break-inside-avoid pt-3 pb-2">
            <h3 className="lettering text-ink">{stage.title}</h3>
            <dl>
              {stage.rows.map((row) => (
                <Value
                  key={row.field.key}
                  row={row}
                  marked={selected.includes(row.field.key)}
                  changed={attempt.changed_fields.includes(row.field.key)}
                  measured={attempt.measured.includes(row.field.key)}
                />
              ))}
            </dl>
          </div>
        ))}
      </div>
      {attempt.observations.length > 0 && (
        <p className="rule pt-3">
          <span className="lettering mr-3 text-ink">Noticed</span>
          {attempt.observations.map((code) => handbook.observations.find((row) => row.code === code)?.label ?? code).join(' · ')}
        </p>
      )}
    </section>
  );
}

/** Planned and as made stand side by side where they differ. */
function Value({
  row,
  marked,
  changed,
  measured,
}: {
  row: { field: Field; planned: string | null; made: string | null };
  marked: boolean;
  changed: boolean;
  measured: boolean;
}) {
  const differs = row.planned !== null && row.made !== null && row.planned !== row.made;
  return (
    <div className={`hairline flex items-baseline justify-between gap-4 py-1.5 ${marked ? 'bg-wash px-2' : ''}`}>
      <dt className="text-soft">
        {row.field.label} {changed && <RevisionMark />}
      </dt>
      <dd className="text-right">
        {differs && <s className="mr-2 text-soft">{row.planned}</s>}
        <span className="figure">{row.made ?? row.planned}</span>
        {row.made === null && <span className="ml-2 text-sm text-soft">planned</span>}
        {measured && <span className="ml-2 text-sm text-soft">measured</span>}
      </dd>
    </div>
  );
}
