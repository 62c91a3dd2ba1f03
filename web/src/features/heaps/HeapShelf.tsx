import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Dialog } from '../../shared/ui/Dialog';
import { StandingMark } from '../../shared/ui/StandingMark';
import { HeapFigure } from './HeapFigure';
import { HeapForm } from './HeapForm';
import { heapsQuery } from './queries';

/** The heaps of a workshop side by side, each drawn as it stands. */
export function HeapShelf() {
  const { heaps } = useSuspenseQuery(heapsQuery).data;
  const [adding, setAdding] = useState(false);
  return (
    <section id="heaps" className="mt-6 border-t-[3px] border-double border-ink pt-3" aria-label="Sand heaps">
      <h2>Sand heaps</h2>
      <p className="text-soft">
        What your moulds are made of. A heap that is tested says what to add, and when it is getting tired: its dark grains are burnt.
      </p>
      {heaps.length > 0 && (
        <ul className="mt-3 grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-4">
          {heaps.map((heap) => (
            <li key={heap.id} data-heap={heap.name}>
              <Link to={`/workshop/heaps/${heap.id}`} className="block no-underline hover:bg-wash">
                <HeapFigure name={heap.name} burnt={heap.burnt} moisture={heap.moisture} />
                <span className="mt-1 block text-xl font-semibold underline underline-offset-4">{heap.name}</span>
              </Link>
              <p className="text-sm text-soft">
                {[heap.kind_label, heap.mass, heap.pours === 1 ? 'one pour' : `${heap.pours} pours`].filter(Boolean).join(' · ')}
              </p>
              <p className="mt-1 flex gap-2">
                <StandingMark standing={heap.standing} />
                <span>{heap.sentence}</span>
              </p>
              {heap.due && <p className="mt-1 text-sm">Due: {heap.due}.</p>}
            </li>
          ))}
        </ul>
      )}
      <button type="button" className="press mt-3" onClick={() => setAdding(true)}>
        Add a heap
      </button>
      <Dialog open={adding} onClose={() => setAdding(false)} title="A heap of sand">
        <HeapForm heap={null} onDone={() => setAdding(false)} />
      </Dialog>
    </section>
  );
}
