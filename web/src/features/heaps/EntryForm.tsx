import { useState } from 'react';
import { MOVEMENTS, SIEVES, useHandbook, type Heap } from '../../shared/api';
import type { DraftInHand, Plain } from '../../shared/record';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { Cell, columnOf, EntryFrame, useEntry } from '../things/index';
import { SqueezeDrawing } from './HeapFigure';
import { testsOf } from './model';

const useHeapEntry = (heap: Heap, kind: 'sand_test' | 'sand_addition', onDone: () => void) =>
  useEntry({ id: heap.line.id, name: heap.line.name }, kind, `/workshop/heaps/${heap.line.id}`, onDone);

/** A test of a heap: what is due first, how each is done, and what was weighed; the rest is reckoned. */
export function TestForm({ heap, onDone }: { heap: Heap; onDone: () => void }) {
  const entry = useHeapEntry(heap, 'sand_test', onDone);
  const tests = testsOf(heap);
  const due = tests.filter((one) => one.due);
  const others = tests.filter((one) => !one.due);
  const squeezed = heap.line.serves.some((process) => process === 'green_sand' || process === 'oil_sand');
  return (
    <EntryFrame entry={entry} words="Keep the test">
      {squeezed && <Squeeze draft={entry.draft} />}
      {due.map((one) => (
        <Measured key={one.measure.code} test={one} draft={entry.draft} />
      ))}
      {others.length > 0 && (
        <details open={due.length === 0} className="mt-4">
          <summary className="cursor-pointer py-2 underline underline-offset-4">
            {due.length === 0 ? 'Tests' : 'Tests that are not due yet'}
          </summary>
          {others.map((one) => (
            <Measured key={one.measure.code} test={one} draft={entry.draft} />
          ))}
        </details>
      )}
      <Cell column={columnOf('sand_test', 'note')} draft={entry.draft} wide />
    </EntryFrame>
  );
}

/** What was mixed in or taken out; the masses that were worked out stand there to be put right. */
export function MixedInForm({ heap, offered, onDone }: { heap: Heap; offered: Record<string, string>; onDone: () => void }) {
  const entry = useHeapEntry(heap, 'sand_addition', onDone);
  const oiled = heap.measures.some((one) => one.code === 'oil');
  const columns = (MOVEMENTS['sand_addition'] ?? []).filter((one) => oiled || !['oil', 'catalyst'].includes(one.key));
  const [taken, setTaken] = useState(false);
  return (
    <EntryFrame entry={entry} words="Keep it">
      {Object.keys(offered).length > 0 && !taken && (
        <p className="mb-3">
          <button
            type="button"
            className="press press-molten"
            onClick={() => {
              for (const [column, mass] of Object.entries(offered)) entry.draft.set(`entry/${column}`, mass);
              setTaken(true);
            }}
          >
            As it was worked out
          </button>
        </p>
      )}
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        {columns
          .filter((one) => one.type !== 'text')
          .map((column) => (
            <Cell key={column.key} column={column} draft={entry.draft} />
          ))}
      </div>
      <Cell column={columnOf('sand_addition', 'note')} draft={entry.draft} wide />
    </EntryFrame>
  );
}

function Squeeze({ draft }: { draft: DraftInHand }) {
  const choices = useHandbook().choices['sand_condition'] ?? [];
  const chosen = draft.at('entry/squeeze')?.raw;
  return (
    <fieldset className="mb-4">
      <legend className="lettering mb-1">Squeeze a fistful, and break it</legend>
      <div className="grid gap-2 sm:grid-cols-3">
        {choices.map((choice) => (
          <button
            key={choice.code}
            type="button"
            className="peg min-h-16"
            aria-pressed={chosen === choice.code}
            onClick={() => draft.set('entry/squeeze', chosen === choice.code ? null : choice.code, choice.label)}
          >
            <SqueezeDrawing state={choice.code} />
            <span>
              {choice.label} <span className="block text-sm font-normal text-soft">{choice.hint}</span>
            </span>
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function Measured({ test, draft }: { test: ReturnType<typeof testsOf>[number]; draft: DraftInHand }) {
  const { measure, columns } = test;
  return (
    <fieldset className="hairline pt-2 pb-3" data-measure={measure.code}>
      <legend className="float-left w-full">
        <span className="font-semibold">{measure.label}</span>{' '}
        <span className="text-sm text-soft">
          {measure.due?.words}
          {measure.band && `; ${measure.band.shown} wanted`}
        </span>
      </legend>
      <p className="clear-both text-sm text-soft">{measure.how}</p>
      <div className="mt-1 grid grid-cols-2 gap-4 sm:grid-cols-3">
        {columns.map((column) =>
          column.type === 'sieves' ? <Sieves key={column.key} draft={draft} /> : <Cell key={column.key} column={column} draft={draft} />,
        )}
      </div>
    </fieldset>
  );
}

/** What stayed on each sieve, coarse first. */
function Sieves({ draft }: { draft: DraftInHand }) {
  const raw = draft.at('entry/sieves')?.raw;
  const stayed = typeof raw === 'object' && raw !== null && !Array.isArray(raw) ? (raw as Record<string, Plain>) : {};
  const [typed, setTyped] = useState<Record<string, string>>({});
  const set = (mesh: string, text: string) => {
    setTyped({ ...typed, [mesh]: text });
    const next: Record<string, Plain> = { ...stayed, [mesh]: text.trim() };
    if (text.trim() === '') Reflect.deleteProperty(next, mesh);
    draft.set('entry/sieves', Object.keys(next).length === 0 ? null : (next as Plain), Object.keys(next).join(', '));
  };
  return (
    <fieldset className="col-span-full">
      <legend className="text-sm text-soft">Stayed on each sieve</legend>
      <div className="grid grid-cols-3 gap-x-4 gap-y-1 sm:grid-cols-6">
        {SIEVES.map(({ mesh, opening }) => (
          <SmallEntry
            key={mesh}
            label={mesh === 'pan' ? 'Pan' : `${mesh}, ${opening} mm`}
            width=""
            value={typed[mesh] ?? wordsOf(stayed[mesh])}
            example="g"
            onChange={(text) => set(mesh, text)}
            error={draft.problem(`entry/sieves/${mesh}`)}
          />
        ))}
      </div>
      {draft.problem('entry/sieves') && (
        <p role="alert" className="text-sm font-semibold text-molten">
          {draft.problem('entry/sieves')}
        </p>
      )}
    </fieldset>
  );
}

const wordsOf = (raw: Plain | undefined) => (typeof raw === 'string' ? raw : '');
