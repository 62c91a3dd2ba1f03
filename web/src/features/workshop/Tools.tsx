import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Care, Workshop } from '../../shared/api';
import { clockWords } from '../../shared/day';
import { Dialog } from '../../shared/ui/Dialog';
import { StandingMark } from '../../shared/ui/StandingMark';
import { shelfQuery } from '../metal/index';
import { EntryForm, ThingForm } from '../things/index';
import { CrucibleFigure, CutterFigure, FlaskFigure } from './ToolFigures';
import { metres } from './model';

type Kind = 'furnaces' | 'crucibles' | 'flasks' | 'cutters' | 'consumables';
type Row = Workshop[Kind][number];

const ADD: Record<Kind, string> = {
  furnaces: 'Add a furnace',
  crucibles: 'Add a crucible',
  flasks: 'Add a flask',
  cutters: 'Add a tool',
  consumables: 'Add a consumable',
};

/** What metal is melted in and moulds are made with, each drawn as it is; pressed, it opens what is kept of it. */
export function Tools({ workshop }: { workshop: Workshop }) {
  const shelf = useSuspenseQuery(shelfQuery).data;
  const careOf = (all: readonly Care[], id: string) => all.find((one) => one.id === id) ?? null;
  return (
    <>
      <Board title="Furnaces" why="Energy, cost and how long a melt takes." kind="furnaces">
        <ul className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
          {workshop.furnaces.map((row) => {
            const care = careOf(shelf.furnaces, row.id);
            return (
              <li key={row.id} data-thing={nameOf(row, 'Furnace')}>
                <Named row={row} kind="furnaces" named="Furnace">
                  <span className="text-lg font-semibold underline underline-offset-4">{nameOf(row, 'Furnace')}</span>
                </Named>
                <p className="text-sm text-soft">{told(row, ['source', 'power', 'efficiency'])}</p>
                <Learnt learnt={workshop.learnt} name={row.columns['name']?.shown} />
                <Looks care={care} kind="furnace_look" of={{ id: row.id, name: nameOf(row, 'Furnace') }} />
              </li>
            );
          })}
        </ul>
      </Board>
      <Board title="Crucibles" why="Whether the charge fits, what there is to lift, and one metal each." kind="crucibles">
        <ul className="grid grid-cols-1 gap-x-8 gap-y-4 sm:grid-cols-2 lg:grid-cols-3">
          {workshop.crucibles.map((row) => {
            const care = careOf(shelf.crucibles, row.id);
            const litres = metres(row.columns['volume']) ?? 0;
            const most = Math.max(...workshop.crucibles.map((one) => metres(one.columns['volume']) ?? 0), 1e-9);
            return (
              <li key={row.id} data-thing={nameOf(row, 'Crucible')}>
                <Named row={row} kind="crucibles" named="Crucible">
                  <CrucibleFigure size={Math.cbrt(litres / most)} worn={care?.worn ?? 0} out={care?.is_out ?? false} />
                  <span className="text-lg font-semibold underline underline-offset-4">{nameOf(row, 'Crucible')}</span>
                </Named>
                <p className="text-sm text-soft">
                  {[
                    row.columns['volume']?.shown,
                    row.columns['mass'] && `${row.columns['mass'].shown} empty`,
                    care?.family?.toLowerCase(),
                    care && (care.heats === 1 ? 'one heat' : `${care.heats} heats`),
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </p>
                <Looks care={care} kind="crucible_look" of={{ id: row.id, name: nameOf(row, 'Crucible') }} />
              </li>
            );
          })}
        </ul>
      </Board>
      <Board title="Flasks" why="The smallest that fits is offered." kind="flasks">
        <ul className="flex flex-wrap items-end gap-x-8 gap-y-4">
          {workshop.flasks.map((row) => (
            <li key={row.id} data-thing={nameOf(row, 'Flask')}>
              <Named row={row} kind="flasks" named="Flask">
                <FlaskFigure
                  length={metres(row.columns['length'])}
                  cope={metres(row.columns['cope'])}
                  drag={metres(row.columns['drag'])}
                  most={Math.max(...workshop.flasks.map((one) => metres(one.columns['length']) ?? 0), 1e-9)}
                />
                <span className="text-lg font-semibold underline underline-offset-4">{nameOf(row, 'Flask')}</span>
              </Named>
              <p className="text-sm text-soft">{told(row, ['length', 'width', 'cope', 'drag'], ' × ')}</p>
            </li>
          ))}
        </ul>
      </Board>
      <Board title="Cutting tools" why="Sprues and runners are sized in what you own." kind="cutters">
        <ul className="flex flex-wrap items-end gap-x-8 gap-y-4">
          {workshop.cutters.map((row) => (
            <li key={row.id} data-thing={nameOf(row, 'Tool')}>
              <Named row={row} kind="cutters" named="Tool">
                <CutterFigure kind={String(row.columns['kind']?.raw ?? '')} size={metres(row.columns['size']) ?? 0} />
                <span className="text-lg font-semibold underline underline-offset-4">{nameOf(row, 'Tool')}</span>
              </Named>
              <p className="text-sm text-soft">{told(row, ['kind', 'size'])}</p>
            </li>
          ))}
        </ul>
      </Board>
      <Board title="Consumables" why="What is used up: buy it before the day." kind="consumables">
        <ul>
          {shelf.consumables.map((supply) => (
            <li
              key={supply.id}
              className="hairline flex flex-wrap items-center gap-x-4 gap-y-1 py-2 first:border-t-0"
              data-thing={supply.name}
            >
              <Named row={{ id: supply.id, version: supply.version, columns: supply.columns }} kind="consumables" named="Consumable">
                <span className="inline-block min-w-48 py-2 text-lg font-semibold underline underline-offset-4">{supply.name}</span>
              </Named>
              <span className="figure">{supply.left || 'how much is not said'}</span>
              {supply.least && <span className="text-sm text-soft">buy when under {supply.least}</span>}
              {supply.sentence && (
                <span className="flex gap-2">
                  <StandingMark standing={supply.standing} />
                  {supply.sentence}
                </span>
              )}
              <span className="ml-auto flex flex-wrap gap-2">
                {(['consumable_used', 'consumable_bought', 'consumable_counted'] as const).map((kind) => (
                  <Entry key={kind} kind={kind} of={{ id: supply.id, name: supply.name }} press={USED[kind]} quiet />
                ))}
              </span>
            </li>
          ))}
        </ul>
      </Board>
    </>
  );
}

const USED = { consumable_used: 'Used', consumable_bought: 'Bought', consumable_counted: 'Count it' } as const;

function Board({ title, why, kind, children }: { title: string; why: string; kind: Kind; children: React.ReactNode }) {
  const [adding, setAdding] = useState(false);
  return (
    <section id={kind} className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label={title}>
      <h2>{title}</h2>
      <p className="mb-3 text-soft">{why}</p>
      {children}
      <button type="button" className="press mt-3" onClick={() => setAdding(true)}>
        {ADD[kind]}
      </button>
      <Dialog open={adding} onClose={() => setAdding(false)} title={ADD[kind]}>
        <ThingForm kind={kind} thing={null} path="/workshop" named={title} onDone={() => setAdding(false)} />
      </Dialog>
    </section>
  );
}

/** A thing by its drawing and its name; pressed, what is kept of it opens. */
function Named({ row, kind, named, children }: { row: Row; kind: Kind; named: string; children: React.ReactNode }) {
  const [open, setOpen] = useState(false);
  const name = nameOf(row, named);
  return (
    <>
      <button type="button" className="block min-h-11 cursor-pointer text-left hover:bg-wash" onClick={() => setOpen(true)}>
        {children}
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} title={name}>
        <ThingForm kind={kind} thing={row} path="/workshop" named={name} onDone={() => setOpen(false)} />
      </Dialog>
    </>
  );
}

function Looks({ care, kind, of }: { care: Care | null; kind: string; of: { id: string; name: string } }) {
  const last = care?.entries[0];
  return (
    <>
      {care?.words.map((words, index) => (
        <p key={words} className="mt-1 flex gap-2">
          <StandingMark standing={index === 0 ? care.standing : 'plain'} />
          <span>{words}</span>
        </p>
      ))}
      <p className="mt-1 flex flex-wrap items-center gap-3 text-sm">
        {last && (
          <span className="text-soft">
            {last.found}, {clockWords(last.at).split(',')[0]}
          </span>
        )}
        <Entry kind={kind} of={of} press="Look it over" quiet />
      </p>
    </>
  );
}

function Entry({ kind, of, press, quiet = false }: { kind: string; of: { id: string; name: string }; press: string; quiet?: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className={`press text-sm ${quiet ? 'press-quiet' : ''}`} onClick={() => setOpen(true)}>
        {press} <span className="sr-only">{of.name}</span>
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} title={`${press}: ${of.name}`}>
        <EntryForm of={of} kind={kind} path="/workshop" words="Keep it" onDone={() => setOpen(false)} />
      </Dialog>
    </>
  );
}

/** What past heats taught of a furnace with each crucible; plans go by it. */
function Learnt({ learnt, name }: { learnt: Workshop['learnt']; name: string | undefined }) {
  const own = learnt.filter((row) => (row.furnace ?? '') === (name ?? '').trim().toLowerCase());
  return own.map((row) => (
    <p key={row.crucible ?? ''} className="text-sm">
      {row.heats === 1 ? 'From one heat' : `From ${row.heats} heats`}
      {row.crucible && ` in ${row.crucible}`}:{' '}
      {row.efficiency && (
        <>
          <span className="figure">{row.efficiency}</span> reaches the metal
        </>
      )}
      {row.efficiency && row.pace && ', '}
      {row.pace && (
        <>
          melts at <span className="figure">{row.pace}</span>
        </>
      )}
      .
    </p>
  ));
}

const nameOf = (row: Row, named: string) => row.columns['name']?.shown ?? `${named} without a name`;

const told = (row: Row, columns: readonly string[], between = ' · ') =>
  columns.flatMap((column) => row.columns[column]?.shown ?? []).join(between);
