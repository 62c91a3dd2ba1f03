import type { Pot } from '../../shared/api';
import { OpenWorking } from '../../shared/ui/OpenWorking';
import { StandingMark } from '../../shared/ui/StandingMark';
import { stripOf } from './model';

const WIDE = 200;

/** What a metal is made of, element by element against its window: the band is wanted, the bar is what is known, the notch its middle. */
export function PotFigure({ pot, label }: { pot: Pot; label: string }) {
  if (pot.elements.length === 0) return null;
  return (
    <>
      <table className="w-full" aria-label={label}>
        <thead>
          <tr className="text-left text-sm text-soft">
            <th className="font-normal">Element</th>
            <th className="font-normal">Per cent</th>
            <th className="hidden font-normal sm:table-cell" aria-hidden="true" />
            <th className="font-normal">Wanted</th>
          </tr>
        </thead>
        <tbody>
          {pot.elements.map((element) => (
            <tr key={element.element} className="hairline align-top" data-element={element.element} data-standing={element.standing}>
              <th scope="row" className="w-16 py-1.5 pr-2 text-left">
                <span className="flex gap-1.5">
                  <StandingMark standing={element.standing} />
                  {element.element}
                </span>
              </th>
              <td className="py-1.5 pr-3">
                <span className="figure whitespace-nowrap">{element.shown.replace(' %', '')}</span>
                {element.words && element.standing !== 'good' && (
                  <span className={`block text-sm ${element.standing === 'bad' ? 'font-semibold' : ''}`}>{element.words}</span>
                )}
              </td>
              <td className="hidden w-[220px] py-1.5 pr-3 sm:table-cell" aria-hidden="true">
                <Strip element={element} />
              </td>
              <td className="py-1.5 text-sm text-soft">{element.window ? element.window.shown.replace(' %', '') : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {pot.elements.some((element) => element.working) && (
        <details className="mt-1">
          <summary className="cursor-pointer py-2 text-sm underline underline-offset-4">how these came about</summary>
          <ul className="columns-1 gap-8 sm:columns-2">
            {pot.elements.map(
              (element) =>
                element.working && (
                  <li key={element.element} className="break-inside-avoid">
                    <OpenWorking working={element.working} label={`${element.element} ${element.shown}`} />
                  </li>
                ),
            )}
          </ul>
        </details>
      )}
    </>
  );
}

function Strip({ element }: { element: Pot['elements'][number] }) {
  const { at } = stripOf(element);
  const x = (percent: number) => Math.max(0, Math.min(WIDE, WIDE * at(percent)));
  const { window } = element;
  return (
    <svg viewBox={`0 0 ${WIDE} 22`} width={WIDE} height="22">
      <line x1="0" x2={WIDE} y1="11" y2="11" stroke="var(--line)" strokeWidth="1" />
      {window && (
        <rect
          x={x(window.low)}
          width={Math.max(2, x(window.high) - x(window.low))}
          y="4"
          height="14"
          fill="var(--wash)"
          stroke="var(--ink)"
          strokeWidth="1"
        />
      )}
      <rect x={x(element.low)} width={Math.max(2, x(element.high) - x(element.low))} y="8.5" height="5" fill="var(--ink)" />
      <path d={`M${x(element.percent)} 7l-4 -6h8z`} fill={element.standing === 'bad' ? 'var(--molten)' : 'var(--ink)'} />
    </svg>
  );
}

/** The sentence over a metal, and what makes it brittle or must not be in it. */
export function PotWords({ pot, said = '' }: { pot: Pot; said?: string }) {
  return (
    <div data-pot={pot.standing}>
      {pot.sentence !== said && (
        <p className="flex gap-2">
          <StandingMark standing={pot.standing} />
          <span>{pot.sentence}</span>
        </p>
      )}
      {pot.harms
        .filter((harm) => harm.words !== pot.sentence)
        .map((harm) => (
          <p key={harm.words} className="mt-1 flex gap-2" data-harm={harm.kind}>
            <StandingMark standing={harm.sure ? 'bad' : 'risky'} />
            <span>
              {harm.sure ? '' : 'It may be: '}
              {harm.words}
            </span>
          </p>
        ))}
    </div>
  );
}
