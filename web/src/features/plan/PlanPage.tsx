import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { attemptQuery } from '../attempt/index';
import { castingQuery } from '../castings/index';
import { MouldSection } from '../mould-section/index';
import { fieldMessages, useHandbook, type Attempt, type CastingSection, type Figure, type Plan } from '../../shared/api';
import { freshId } from '../../shared/id';
import { FieldEntry, type FieldInput } from '../../shared/ui/FieldEntry';
import { PickOne } from '../../shared/ui/Pegs';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed, Loading } from '../../shared/ui/states';
import { MeshReader } from './MeshReader';
import { attemptNotYet, computed, draftOf, entryOf, FIELDS, fieldsFor, standingOf, TABS, VOLUME_FIELDS, type PlanDraft, type PlanInput, type Tab } from './model';
import { livePlanQuery, useSavePlan } from './queries';
import { SectionsEditor } from './SectionsEditor';
import { StageFigures } from './StageFigures';

/** A size the plan works out, and the field it is cut into. */
const TAKES: Record<string, string> = {
  sprue_base: 'gating.sprue',
  sprue_top: 'gating.sprue_top',
  runner_width: 'gating.runner_width',
  runner_height: 'gating.runner_height',
  gate_width: 'gating.gate_width',
  gate_thickness: 'gating.gate_thickness',
  riser_diameter: 'feeding.riser_diameter',
  riser_neck: 'feeding.neck',
  flask_length: 'flask.length',
  flask_width: 'flask.width',
  flask_cope: 'flask.cope',
  flask_drag: 'flask.drag',
  cope_weights: 'mould.cope_weight',
};

/** Plans an attempt: every number recomputes while it is typed, and the mould section with it. */
export function PlanPage() {
  const { id = '' } = useParams();
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  return <Planner key={`${attempt.id}-${attempt.version}`} attempt={attempt} />;
}

/** Plans an attempt that does not exist yet: trying this way and that leaves nothing in the notebook until it is saved. */
export function FreshPlanPage() {
  const { casting = '' } = useParams();
  const [id] = useState(() => freshId());
  const of = useSuspenseQuery(castingQuery(casting)).data;
  const attempt = useMemo(() => attemptNotYet(id, of), [id, of]);
  return <Planner key={id} attempt={attempt} />;
}

function useSettled<T>(value: T, milliseconds: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}

function Planner({ attempt }: { attempt: Attempt }) {
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const tab = TABS.find((known) => known.tab === params.get('stage'))?.tab ?? 'pattern';
  const [draft, setDraft] = useState<PlanDraft>(() => draftOf(attempt));
  const [chosen, setChosen] = useState<string | null>(null);
  const settled = useSettled(draft, 160);
  const plan = useQuery(livePlanQuery(computed(settled, attempt)));
  const save = useSavePlan(() => void navigate(`/attempts/${attempt.id}`));
  const set = (key: string, value: PlanInput) =>
    setDraft((before) => ({ values: { ...before.values, [key]: value }, touched: before.touched.includes(key) ? before.touched : [...before.touched, key] }));
  useEffect(() => {
    // On a phone not all stages fit beside one another.
    document.querySelector('.stage-tab[data-state=active]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [tab]);
  const open = (next: Tab) => setParams({ stage: next }, { replace: true });
  const go = (field: string) => {
    const home = TABS.find(({ tab: known }) => FIELDS[known].includes(field))?.tab ?? (field === 'casting.sections' ? 'pattern' : null);
    if (home) open(home);
    requestAnimationFrame(() => requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-field="${field}"] :is(input, select, button)`)?.focus()));
  };
  return (
    <article>
      <header className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <p className="lettering">
            <Link to={attempt.version > 0 ? `/attempts/${attempt.id}` : `/castings/${attempt.casting_id}`}>
              {attempt.casting_name}, no. {attempt.number}
            </Link>
          </p>
          <h1>{attempt.state === 'planned' ? 'Plan' : 'What was cut, and what it does'}</h1>
          {attempt.version === 0 && <p className="text-soft">Only thought of so far: it goes into the notebook when you save it.</p>}
        </div>
        <div className="flex flex-wrap items-center gap-3">
          {draft.touched.length > 0 && <span className="text-soft">not saved yet</span>}
          <button
            type="button"
            className="press press-molten px-8"
            disabled={save.isPending || draft.touched.length === 0}
            onClick={() => save.mutate({ id: attempt.id, entry: entryOf(draft, attempt) })}
          >
            {save.isPending ? 'Saving' : attempt.state === 'planned' ? 'Save the plan' : 'Save as made'}
          </button>
        </div>
      </header>
      {save.isError && <Failed error={save.error} />}
      {Object.entries(fieldMessages(save.error)).map(([pointer, message]) => (
        <p key={pointer} role="alert" className="font-semibold text-molten">
          {message}
        </p>
      ))}
      <Basics draft={draft} set={set} />
      <Drawing plan={plan.data} chosen={chosen} onChoose={setChosen} onGo={go} />
      {plan.isError && !plan.data && <Failed error={plan.error} retry={() => void plan.refetch()} />}
      <Tabs.Root value={tab} onValueChange={(next) => open(next as Tab)} className="mt-4">
        <Tabs.List aria-label="Stages of the plan" className="stage-tabs">
          {TABS.map((known) => {
            const standing = plan.data ? standingOf(plan.data.stages.filter((stage) => (known.stages as readonly string[]).includes(stage.stage))) : null;
            return (
              <Tabs.Trigger key={known.tab} value={known.tab} className="stage-tab">
                {known.title} {standing && <StandingMark standing={standing} />}
              </Tabs.Trigger>
            );
          })}
        </Tabs.List>
        {TABS.map((known) => (
          <Tabs.Content key={known.tab} value={known.tab} className="grid gap-x-10 gap-y-6 pt-4 lg:grid-cols-[1fr_23rem]" tabIndex={-1}>
            <section aria-label={`${known.title}: entries`} className="min-w-0">
              {known.tab === 'pattern' && <PatternEntries draft={draft} set={set} plan={plan.data} chosen={chosen} onChoose={setChosen} />}
              <Entries tab={known.tab} draft={draft} set={set} attempt={attempt} plan={plan.data} />
              {known.tab === 'metal' && (
                <p className="mt-4 text-soft">
                  Stock to be mixed to a composition? <Link to="/workshop#mix">Mix a charge</Link> in your workshop.
                </p>
              )}
            </section>
            <section aria-label={`${known.title}: numbers`} aria-busy={plan.isFetching} className="min-w-0">
              {plan.data ? (
                <StageFigures
                  stages={plan.data.stages.filter((stage) => (known.stages as readonly string[]).includes(stage.stage))}
                  chosen={chosen}
                  onChoose={setChosen}
                  onGo={go}
                  onTake={(figure) => take(figure, draft, set)}
                />
              ) : (
                <Loading lines={4} />
              )}
            </section>
          </Tabs.Content>
        ))}
      </Tabs.Root>
    </article>
  );
}

/** Taking a computed size over; null where there is nothing to take. */
function take(figure: Figure, draft: PlanDraft, set: (key: string, value: PlanInput) => void): (() => void) | null {
  const field = TAKES[figure.code];
  if (!field || figure.value.unit === 'ratio') return null;
  const text = figure.shown.replace(/\s*\(.*\)$/, '');
  return draft.values[field] === text ? null : () => set(field, text);
}

/** Process and metal decide what is asked at all; they stand above everything. */
function Basics({ draft, set }: { draft: PlanDraft; set: (key: string, value: PlanInput) => void }) {
  const handbook = useHandbook();
  const alloys = handbook.choices['alloy'] ?? [];
  const families = [...new Set(alloys.map((alloy) => alloy.hint))];
  return (
    <div className="mt-3 flex flex-wrap gap-x-8 gap-y-2">
      <label className="lettering">
        Mould process
        <select
          className="entry normal-case tracking-normal text-ink"
          value={typeof draft.values['mould.process'] === 'string' ? draft.values['mould.process'] : ''}
          onChange={(event) => set('mould.process', event.target.value || null)}
        >
          <option value="">not chosen</option>
          {(handbook.choices['process'] ?? []).map((choice) => (
            <option key={choice.code} value={choice.code}>
              {choice.label}
            </option>
          ))}
        </select>
      </label>
      <label className="lettering">
        Metal
        <select
          className="entry normal-case tracking-normal text-ink"
          value={typeof draft.values['metal.alloy'] === 'string' ? draft.values['metal.alloy'] : ''}
          onChange={(event) => set('metal.alloy', event.target.value || null)}
        >
          <option value="">not chosen</option>
          {families.map((family) => (
            <optgroup key={family} label={family}>
              {alloys
                .filter((alloy) => alloy.hint === family)
                .map((alloy) => (
                  <option key={alloy.code} value={alloy.code}>
                    {alloy.label}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
      </label>
    </div>
  );
}

function Drawing({ plan, chosen, onChoose, onGo }: { plan: Plan | undefined; chosen: string | null; onChoose: (id: string) => void; onGo: (field: string) => void }) {
  if (!plan) return <div className="mt-3 h-[150px] md:h-[330px]" aria-hidden="true" />;
  return (
    <div className="mt-2 min-h-[150px] md:min-h-[330px]">
      <MouldSection section={plan.section} subject={chosen} most={380} onSelect={(fields, subject) => (subject === '' ? onGo(fields[0] ?? '') : onChoose(subject))} />
    </div>
  );
}

function PatternEntries({
  draft,
  set,
  plan,
  chosen,
  onChoose,
}: {
  draft: PlanDraft;
  set: (key: string, value: PlanInput) => void;
  plan: Plan | undefined;
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const handbook = useHandbook();
  const known = draft.values['casting.sections'];
  const sections: CastingSection[] = Array.isArray(known) ? known : [];
  const way = typeof draft.values['pattern.volume_by'] === 'string' ? draft.values['pattern.volume_by'] : null;
  const problems: Record<string, string> = {};
  for (const problem of plan?.problems ?? []) {
    const match = /^\/values\/casting\.sections\/(.+)$/.exec(problem.pointer);
    if (match?.[1]) problems[match[1]] = problem.message;
  }
  return (
    <div className="mb-6">
      <h2>The casting in sections</h2>
      <p className="mb-2 text-soft">A handful of simple bodies, measured cold. Any unit; the first lets the metal in.</p>
      <div data-field="casting.sections">
        <SectionsEditor sections={sections} onChange={(next) => set('casting.sections', next)} problems={problems} chosen={chosen} onChoose={onChoose} />
      </div>
      <fieldset className="mt-6">
        <legend className="lettering mb-1">Volume known otherwise</legend>
        <PickOne label="Volume known by" choices={handbook.choices['volume_by'] ?? []} value={way} onChange={(next) => set('pattern.volume_by', next)} />
      </fieldset>
      {way === 'mesh' && (
        <MeshReader
          onUse={(volume, area) => {
            set('pattern.volume', volume);
            set('pattern.area', area);
          }}
        />
      )}
    </div>
  );
}

function Entries({ tab, draft, set, attempt, plan }: { tab: Tab; draft: PlanDraft; set: (key: string, value: PlanInput) => void; attempt: Attempt; plan: Plan | undefined }) {
  const handbook = useHandbook();
  const process = draft.values['mould.process'] ?? null;
  const way = draft.values['pattern.volume_by'];
  const extra = tab === 'pattern' && typeof way === 'string' ? (VOLUME_FIELDS[way] ?? []) : [];
  const fields = [...extra.flatMap((key) => handbook.fields.filter((field) => field.key === key)), ...fieldsFor(tab, handbook.fields, process)];
  const problem = (key: string) => plan?.problems.find((found) => found.pointer === `/values/${key}`)?.message;
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      {fields.map((field) => {
        const value = draft.values[field.key];
        return (
          <div key={field.key} data-field={field.key}>
            <FieldEntry
              field={field}
              value={Array.isArray(value) || value === undefined ? null : (value as FieldInput)}
              onChange={(next) => set(field.key, next)}
              error={problem(field.key)}
              changed={attempt.changed_fields.includes(field.key)}
              planned={attempt.state === 'planned' ? undefined : attempt.planned[field.key]}
            />
          </div>
        );
      })}
    </div>
  );
}
