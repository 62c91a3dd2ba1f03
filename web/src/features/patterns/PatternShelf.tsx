import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Dialog } from '../../shared/ui/Dialog';
import { StandingMark } from '../../shared/ui/StandingMark';
import { PatternFigure } from './PatternFigure';
import { PatternForm } from './PatternForm';
import { usesWords } from './model';
import { patternsQuery } from './queries';

/** Patterns, and moulds that are used again, on their shelf: each drawn as what it is, as worn as its uses say. */
export function PatternShelf() {
  const { patterns } = useSuspenseQuery(patternsQuery).data;
  const [adding, setAdding] = useState(false);
  return (
    <section id="patterns" className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="Patterns and moulds">
      <h2>Patterns and moulds</h2>
      <p className="text-soft">What you mould from, and what you pour into again: how worn, how many are left, where it is kept.</p>
      {patterns.length > 0 && (
        <ul className="mt-3 flex flex-wrap gap-x-8 gap-y-5">
          {patterns.map((line) => (
            <li key={line.id} data-pattern={line.name} className="w-[13rem] self-start">
              <Link to={`/workshop/patterns/${line.id}`} className="block no-underline hover:bg-wash">
                <PatternFigure line={line} />
                <span className="mt-1 block leading-tight font-semibold underline underline-offset-4">{line.name}</span>
              </Link>
              <p className="text-sm leading-snug text-soft">
                {[line.form_label, usesWords(line), line.taken_from && `from ${line.taken_from}`, line.kept].filter(Boolean).join(' · ')}
              </p>
              {line.words[0] && (
                <p className="mt-0.5 flex gap-1.5 text-sm leading-snug">
                  <StandingMark standing={line.standing} />
                  <span>{line.words[0]}</span>
                </p>
              )}
            </li>
          ))}
        </ul>
      )}
      <button type="button" className="press mt-3" onClick={() => setAdding(true)}>
        Add a pattern or mould
      </button>
      <Dialog open={adding} onClose={() => setAdding(false)} title="A pattern or mould">
        <PatternForm pattern={null} onDone={() => setAdding(false)} />
      </Dialog>
    </section>
  );
}
