import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answered, api } from '../../shared/api';
import { useChange, type Plain } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { Pressed } from '../../shared/ui/Pressed';
import { TextEntry } from '../../shared/ui/TextEntry';
import { useSaving } from '../../shared/ui/useSaving';
import { HistoryList } from './HistoryList';
import type { Subject } from './queries';

interface Props {
  part: 'casting' | 'attempt' | 'heat';
  id: string;
  label: string;
  path: string;
  name: string | null;
  /** Not asked for where another record on the page tells it too. */
  history?: Subject;
  /** What the tools are for, where there are several on a page. */
  title?: string;
  /** The casting an attempt belongs to: it may be moved to another. */
  casting?: string;
  /** Where to go once it is in the bin; stays here when not told. */
  onGone?: string;
}

/** What can be done with any record: call it something else, move it, see who changed what, throw it away. */
export function RecordTools({ part, id, label, path, name, history, title, casting, onGone }: Props) {
  const [open, setOpen] = useState<'name' | 'move' | 'history' | null>(null);
  const change = useChange();
  const navigate = useNavigate();
  const { outcome, run } = useSaving();
  const set = (field: string, was: Plain, to: Plain) =>
    run(() => change({ label, path, changes: [{ part, id, set: { [field]: { was, to } } }] }));
  const bin = () => void set('binned', false, true).then((next) => next?.state !== 'refused' && onGone && navigate(onGone));
  return (
    <section className="mt-10 border-t border-ink pt-3" aria-label={title ?? 'This record'}>
      <div className="flex flex-wrap items-center gap-2">
        {title && <span className="lettering text-ink">{title}</span>}
        <button type="button" className="press press-quiet" onClick={() => setOpen('name')}>
          {name === null ? 'Give it a name' : 'Rename'}
        </button>
        {casting && (
          <button type="button" className="press press-quiet" onClick={() => setOpen('move')}>
            Move to another casting
          </button>
        )}
        {history && (
          <button type="button" className="press press-quiet" onClick={() => setOpen('history')}>
            What was changed
          </button>
        )}
        <button type="button" className="press press-quiet" onClick={bin}>
          Into the bin
        </button>
      </div>
      <Pressed outcome={outcome} />
      <Dialog open={open === 'name'} onClose={() => setOpen(null)} title="What is it called?" narrow>
        {open === 'name' && (
          <Rename
            name={name ?? ''}
            required={part === 'casting'}
            onName={(next) => {
              void set('name', name, next === '' ? null : next);
              setOpen(null);
            }}
          />
        )}
      </Dialog>
      <Dialog open={open === 'move'} onClose={() => setOpen(null)} title="Move to another casting" narrow>
        {open === 'move' && casting && (
          <Move
            from={casting}
            onMove={(to) => {
              void set('casting', casting, to);
              setOpen(null);
            }}
          />
        )}
      </Dialog>
      <Dialog open={open === 'history'} onClose={() => setOpen(null)} title="What was changed">
        {open === 'history' && history && <HistoryList subject={history} label={label} path={path} />}
      </Dialog>
    </section>
  );
}

function Rename({ name, required, onName }: { name: string; required: boolean; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onName(typed.trim());
      }}
    >
      <TextEntry label="Name" value={typed} maxLength={120} onChange={(event) => setTyped(event.target.value)} />
      <button type="submit" className="press press-molten mt-4" disabled={required && typed.trim() === ''}>
        Call it so
      </button>
    </form>
  );
}

function Move({ from, onMove }: { from: string; onMove: (casting: string) => void }) {
  const [page, setPage] = useState(1);
  const castings = useQuery({
    queryKey: ['castings', 'list', page],
    queryFn: () => answered(api.GET('/api/castings', { params: { query: { page } } })),
  });
  const others = castings.data?.castings.filter((casting) => casting.id !== from) ?? [];
  return (
    <div>
      <p className="text-soft">It gets the next number there.</p>
      <ul className="rule mt-2">
        {others.map((casting) => (
          <li key={casting.id} className="hairline first:border-t-0">
            <button type="button" className="press press-quiet w-full justify-start" onClick={() => onMove(casting.id)}>
              {casting.name}
            </button>
          </li>
        ))}
        {castings.data && others.length === 0 && page === 1 && <li className="py-2 text-soft">There is no other casting yet.</li>}
      </ul>
      {(page > 1 || castings.data?.more) && (
        <nav className="mt-3 flex gap-2" aria-label="Pages of castings">
          <button type="button" className="press" disabled={page === 1} onClick={() => setPage(page - 1)}>
            Later
          </button>
          <button type="button" className="press" disabled={!castings.data?.more} onClick={() => setPage(page + 1)}>
            Older
          </button>
        </nav>
      )}
    </div>
  );
}
