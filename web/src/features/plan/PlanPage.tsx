import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { useEffect, useMemo, useState } from 'react';
import { Link, Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import { useDebounce } from 'use-debounce';
import { v7 as freshId } from 'uuid';
import { attemptQuery, madeField, partsOf, seenOf } from '../attempt/index';
import { castingQuery } from '../castings/index';
import { useHandbook, VOLUME_WAYS, type Attempt, type CastingSection, type Figure, type Layer, type Plan } from '../../shared/api';
import { same, useDraft, useDraftPart, type DraftInHand, type Plain, type Stands } from '../../shared/record';
import { Repeats } from '../repeats/index';
import { DraftState } from '../../shared/ui/DraftState';
import { FieldEntry } from '../../shared/ui/FieldEntry';
import { PickOne } from '../../shared/ui/Pegs';
import { StandingMark } from '../../shared/ui/StandingMark';
import { Failed, Loading } from '../../shared/ui/states';
import { useArrived, useSaving } from '../../shared/ui/useSaving';
import { MeshReader } from './MeshReader';
import { attemptNotYet, computed, fieldsFor, standingOf, TABS, withoutBlanks, type Tab } from './model';
import { PlanDrawing } from './PlanDrawing';
import { livePlanQuery } from './queries';
import { SectionsEditor } from './SectionsEditor';
import { StageFigures } from './StageFigures';
import { StarterPicker } from './StarterPicker';

/** What stands in the fields of the plan, and how they are changed. */
interface Sheet {
  at: (key: string) => Stands | null;
  set: (key: string, raw: Plain, shown?: string) => void;
  problem: (key: string) => string | undefined;
  meanwhile: (key: string) => Stands | null;
}

/** Plans an attempt: every number recomputes while it is typed, and the mould section with it. */
export function PlanPage() {
  const { id = '' } = useParams();
  const attempt = useSuspenseQuery(attemptQuery(id)).data;
  return <Planner key={attempt.id} attempt={attempt} />;
}

/** Plans an attempt that does not exist yet: trying this way and that leaves nothing in the notebook until it is saved. */
export function FreshPlanPage() {
  const { casting = '' } = useParams();
  const [params] = useSearchParams();
  const id = params.get('new');
  const of = useSuspenseQuery(castingQuery(casting)).data;
  const attempt = useMemo(() => attemptNotYet(id ?? '', of), [id, of]);
  // It has its id from the start, in the address: a reload finds its draft.
  if (!id) return <Navigate to={`/castings/${casting}/plan?new=${freshId()}`} replace />;
  return <Planner key={id} attempt={attempt} />;
}

/** The draft of the attempt as one sheet of values: as made where known, as planned where not. */
function useSheet(attempt: Attempt): { draft: DraftInHand; sheet: Sheet } {
  const handbook = useHandbook();
  const record = `attempt ${attempt.id}`;
  const begun = useDraftPart(record, 'heat')?.id;
  const [own] = useState(() => freshId());
  const heat = begun ?? attempt.heat?.id ?? own;
  const stored = attempt.version > 0;
  const parts = partsOf(attempt.id, heat, heat === attempt.heat?.id);
  const draft = useDraft(
    record,
    {
      label: `${attempt.casting_name}, no. ${attempt.number}: plan`,
      path: stored ? `/attempts/${attempt.id}/plan` : `/castings/${attempt.casting_id}/plan?new=${attempt.id}`,
      parts: stored ? parts : { ...parts, attempt: { part: 'attempt', id: attempt.id, create: { casting: attempt.casting_id } } },
    },
    seenOf(attempt),
  );
  const planned = (key: string) => `attempt/planned.${key}`;
  const made = (key: string) => madeField(handbook.fields.find((field) => field.key === key) ?? { key, keeper: 'attempt' });
  // A plan goes into what is planned; once it is poured, what was really cut goes into what was made.
  const target = attempt.state === 'planned' ? planned : made;
  return {
    draft,
    sheet: {
      at: (key) => draft.at(made(key)) ?? draft.at(planned(key)),
      set: (key, raw, shown) => {
        if (target(key).startsWith('heat/') && draft.at('attempt/heat')?.raw !== heat) draft.set('attempt/heat', heat);
        draft.set(target(key), raw, shown);
      },
      problem: (key) => draft.problem(target(key)),
      meanwhile: (key) => draft.meanwhile(target(key)),
    },
  };
}

function Planner({ attempt }: { attempt: Attempt }) {
  const handbook = useHandbook();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const tab = TABS.find((known) => known.step === params.get('stage'))?.step ?? 'pattern';
  const [chosen, setChosen] = useState<string | null>(null);
  const { draft, sheet } = useSheet(attempt);
  const text = (key: string) => {
    const raw = sheet.at(key)?.raw;
    return typeof raw === 'string' ? raw : null;
  };
  const values = computed(Object.fromEntries(handbook.fields.map((field) => [field.key, sheet.at(field.key)])));
  const [settled] = useDebounce(values, 160, { equalityFn: same });
  const [cut, setCut] = useState<number | null>(null);
  const [settledCut] = useDebounce(cut, 120);
  const [layer, setLayer] = useState<Layer['code'] | null>(null);
  const plan = useQuery(livePlanQuery(attempt.id, settled, settledCut, layer));
  const { busy, outcome, run } = useSaving();
  const typed = draft.touched.length > 0;
  const save = () => void run(draft.save).then((next) => next?.state === 'done' && navigate(`/attempts/${attempt.id}`));
  useArrived(draft, outcome, () => void navigate(`/attempts/${attempt.id}`));
  useEffect(() => {
    // On a phone not all stages fit beside one another.
    document.querySelector('.stage-tab[data-state=active]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [tab]);
  const open = (next: Tab) =>
    setParams(
      (before) => {
        before.set('stage', next);
        return before;
      },
      { replace: true },
    );
  const go = (field: string) => {
    const asking = TABS.find(({ asks }) => (asks as readonly string[]).includes(field));
    const home = asking?.step ?? (field === 'casting.sections' ? 'pattern' : null);
    if (home) open(home);
    requestAnimationFrame(() =>
      requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-field="${field}"] :is(input, select, button)`)?.focus()),
    );
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
          <button type="button" className="press press-molten px-8" disabled={busy || !typed} onClick={save}>
            {busy ? 'Saving' : attempt.state === 'planned' ? 'Save the plan' : 'Save as made'}
          </button>
        </div>
      </header>
      {(typed || outcome) && (
        <div className="mt-2">
          <DraftState draft={draft} outcome={outcome} what="The plan" onDrop={() => void draft.drop()} />
        </div>
      )}
      <Basics sheet={sheet} />
      {attempt.state === 'planned' && (
        <Repeats {...(attempt.version > 0 && { attempt: attempt.id })} process={text('mould.process')} alloy={text('metal.alloy')} />
      )}
      <PlanDrawing
        plan={plan.data}
        chosen={chosen}
        onChoose={setChosen}
        onGo={go}
        cut={cut}
        onCut={setCut}
        shown={layer}
        onShow={setLayer}
      />
      {plan.isError && !plan.data && <Failed error={plan.error} retry={() => void plan.refetch()} />}
      <Tabs.Root value={tab} onValueChange={(next) => open(next as Tab)} className="mt-4">
        <Tabs.List aria-label="Stages of the plan" className="stage-tabs">
          {TABS.map((known) => {
            const standing = plan.data
              ? standingOf(plan.data.stages.filter((stage) => (known.stages as readonly string[]).includes(stage.stage)))
              : null;
            return (
              <Tabs.Trigger key={known.step} value={known.step} className="stage-tab">
                {known.title} {standing && <StandingMark standing={standing} />}
              </Tabs.Trigger>
            );
          })}
        </Tabs.List>
        {TABS.map((known) => (
          <Tabs.Content key={known.step} value={known.step} className="grid gap-x-10 gap-y-6 pt-4 lg:grid-cols-[1fr_23rem]" tabIndex={-1}>
            <section aria-label={`${known.title}: entries`} className="min-w-0">
              {known.step === 'pattern' && <PatternEntries sheet={sheet} plan={plan.data} chosen={chosen} onChoose={setChosen} />}
              <Entries tab={known.step} sheet={sheet} attempt={attempt} plan={plan.data} />
              {known.step === 'metal' && (
                <p className="mt-4 text-soft">
                  Stock to be mixed to a composition? <Link to="/workshop#mix">Mix a charge</Link> in your workshop.
                </p>
              )}
            </section>
            <section aria-label={`${known.title}: numbers`} aria-busy={plan.isFetching || !same(settled, values)} className="min-w-0">
              {plan.data ? (
                <StageFigures
                  stages={plan.data.stages.filter((stage) => (known.stages as readonly string[]).includes(stage.stage))}
                  answers={plan.data.answers.filter((answer) => (known.stages as readonly string[]).includes(answer.stage))}
                  chosen={chosen}
                  onChoose={setChosen}
                  onGo={go}
                  onTake={(figure) => take(figure, sheet)}
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

/** Taking a computed size over, as it was computed; null where there is nothing to take. */
function take(figure: Figure, sheet: Sheet): (() => void) | null {
  const { offer } = figure;
  if (!offer) return null;
  const { field, raw, shown } = offer;
  return same(sheet.at(field)?.raw, raw) ? null : () => sheet.set(field, raw as Plain, shown);
}

/** Process and metal decide what is asked at all; they stand above everything. */
function Basics({ sheet }: { sheet: Sheet }) {
  const handbook = useHandbook();
  const alloys = handbook.choices['alloy'] ?? [];
  const families = [...new Set(alloys.map((alloy) => alloy.hint))];
  return (
    <div className="mt-3 flex flex-wrap gap-x-8 gap-y-2">
      <label className="lettering">
        Mould process
        <select
          className="entry normal-case tracking-normal text-ink"
          value={sheet.at('mould.process')?.shown ?? ''}
          onChange={(event) => sheet.set('mould.process', event.target.value || null)}
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
          value={sheet.at('metal.alloy')?.shown ?? ''}
          onChange={(event) => sheet.set('metal.alloy', event.target.value || null)}
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

function PatternEntries({
  sheet,
  plan,
  chosen,
  onChoose,
}: {
  sheet: Sheet;
  plan: Plan | undefined;
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const handbook = useHandbook();
  const known = sheet.at('casting.sections')?.raw;
  const sections = (Array.isArray(known) ? known : []) as CastingSection[];
  const way = sheet.at('pattern.volume_by')?.shown ?? null;
  const problems: Record<string, string> = {};
  for (const problem of plan?.problems ?? []) {
    const match = /^\/values\/casting\.sections\/(.+)$/.exec(problem.pointer);
    if (match?.[1]) problems[match[1]] = problem.message;
  }
  return (
    <div className="mb-6">
      <h2>The casting in sections</h2>
      <p className="mb-2 text-soft">A handful of simple bodies, measured cold. Any unit; the first lets the metal in.</p>
      {sections.length === 0 && (
        <>
          <StarterPicker
            onLaid={(laid) => sheet.set('casting.sections', withoutBlanks(laid as unknown as Plain), `${laid.length} sections`)}
          />
          <section aria-label="Start from a mesh" className="mb-4">
            <span className="lettering">Or from a mesh that was drawn</span>
            <MeshReader onLay={(way) => sheet.set('casting.sections', withoutBlanks([way.section] as unknown as Plain), 'a mesh')} />
          </section>
        </>
      )}
      <div data-field="casting.sections">
        <SectionsEditor
          sections={sections}
          figures={plan?.figures ?? []}
          onChange={(next) =>
            sheet.set('casting.sections', next.length > 0 ? withoutBlanks(next as unknown as Plain) : null, `${next.length} sections`)
          }
          problems={problems}
          chosen={chosen}
          onChoose={onChoose}
        />
      </div>
      <fieldset className="mt-6">
        <legend className="lettering mb-1">Volume known otherwise</legend>
        <PickOne
          label="Volume known by"
          choices={handbook.choices['volume_by'] ?? []}
          value={way}
          onChange={(next) => sheet.set('pattern.volume_by', next)}
        />
      </fieldset>
      {way === 'mesh' && (
        <MeshReader
          onUse={(volume, area) => {
            sheet.set('pattern.volume', volume.raw, volume.shown);
            sheet.set('pattern.area', area.raw, area.shown);
          }}
        />
      )}
    </div>
  );
}

function Entries({ tab, sheet, attempt, plan }: { tab: Tab; sheet: Sheet; attempt: Attempt; plan: Plan | undefined }) {
  const handbook = useHandbook();
  const process = sheet.at('mould.process')?.raw ?? null;
  const way = sheet.at('pattern.volume_by')?.raw;
  const extra = tab === 'pattern' && typeof way === 'string' ? (VOLUME_WAYS[way] ?? []) : [];
  const fields = [
    ...extra.flatMap((key) => handbook.fields.filter((field) => field.key === key)),
    ...fieldsFor(tab, handbook.fields, process),
  ];
  const problem = (key: string) => sheet.problem(key) ?? plan?.problems.find((found) => found.pointer === `/values/${key}`)?.message;
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      {fields.map((field) => (
        <div key={field.key} data-field={field.key}>
          <FieldEntry
            field={field}
            value={sheet.at(field.key)}
            onChange={(raw, shown) => sheet.set(field.key, raw, shown)}
            error={problem(field.key)}
            changed={attempt.changed_fields.includes(field.key)}
            planned={attempt.state === 'planned' ? undefined : attempt.planned[field.key]}
            meanwhile={sheet.meanwhile(field.key)}
          />
        </div>
      ))}
    </div>
  );
}
