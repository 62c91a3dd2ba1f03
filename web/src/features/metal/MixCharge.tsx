import { useState } from 'react';
import { fieldMessages, type Mix } from '../../shared/api';
import { TextEntry } from '../../shared/ui/TextEntry';
import { Failed } from '../../shared/ui/states';
import { useMix, type Window } from './queries';

interface Line {
  element: string;
  low: string;
  high: string;
  recovery: string;
}

/** A common casting alloy, to start from. */
const START: readonly Line[] = [
  { element: 'Si', low: '6.5', high: '7.5', recovery: '' },
  { element: 'Mg', low: '0.25', high: '0.45', recovery: '85' },
  { element: 'Fe', low: '', high: '0.45', recovery: '' },
  { element: 'Cu', low: '', high: '0.25', recovery: '' },
];

/** The cheapest charge from the stock for a composition; where none fits, which window cannot be met and the nearest mix. */
export function MixCharge({ hasStock }: { hasStock: boolean }) {
  const [melt, setMelt] = useState('3 kg');
  const [lines, setLines] = useState<readonly Line[]>(START);
  const mix = useMix();
  const messages = fieldMessages(mix.error);
  const set = (index: number, change: Partial<Line>) => setLines(lines.map((line, i) => (i === index ? { ...line, ...change } : line)));
  const send = () => {
    const windows: Record<string, Window> = {};
    const recovery: Record<string, string> = {};
    for (const line of lines) {
      if (line.element.trim() === '') continue;
      windows[line.element.trim()] = { low: line.low.trim() ? `${line.low} %` : null, high: line.high.trim() ? `${line.high} %` : null };
      if (line.recovery.trim()) recovery[line.element.trim()] = `${line.recovery} %`;
    }
    mix.mutate({ melt, windows, recovery });
  };
  return (
    <section className="mt-10 border-t-[3px] border-double border-ink pt-3" aria-label="To a composition of your own">
      <h2>To a composition of your own</h2>
      <p className="text-soft">
        Windows as you type them, at least cost. Recovery: how much of an element is left after melting; zinc and magnesium burn off.
      </p>
      {!hasStock && <p className="mt-2">Write down what metal you have first, each lot with its mass, price and composition.</p>}
      <div className="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-[26rem_1fr]">
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            send();
          }}
        >
          <TextEntry label="Metal wanted" value={melt} onChange={(event) => setMelt(event.target.value)} error={messages['/melt']} />
          <table className="mt-3 w-full">
            <thead>
              <tr className="text-left text-sm text-soft">
                <th className="font-normal">Element</th>
                <th className="font-normal">least %</th>
                <th className="font-normal">most %</th>
                <th className="font-normal">recovery %</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((line, index) => (
                <tr key={index}>
                  {(['element', 'low', 'high', 'recovery'] as const).map((key) => (
                    <td key={key} className="pr-3">
                      <input
                        className="entry"
                        aria-label={`${line.element || `Element ${index + 1}`}: ${key === 'low' ? 'least' : key === 'high' ? 'most' : key}`}
                        value={line[key]}
                        onChange={(event) => set(index, { [key]: event.target.value })}
                      />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          {Object.entries(messages)
            .filter(([pointer]) => pointer !== '/melt')
            .map(([pointer, message]) => (
              <p key={pointer} role="alert" className="font-semibold text-molten">
                {message}
              </p>
            ))}
          <div className="mt-3 flex flex-wrap gap-2">
            <button type="submit" className="press press-molten" disabled={mix.isPending || !hasStock}>
              Work out the charge
            </button>
            <button
              type="button"
              className="press press-quiet"
              onClick={() => setLines([...lines, { element: '', low: '', high: '', recovery: '' }])}
            >
              Another element
            </button>
          </div>
        </form>
        {mix.isError && Object.keys(messages).length === 0 && <Failed error={mix.error} />}
        {mix.data && <Result mix={mix.data} />}
      </div>
    </section>
  );
}

function Result({ mix }: { mix: Mix }) {
  const most = Math.max(...mix.charge.map((line) => line.kg), 0.001);
  return (
    <div aria-live="polite">
      {!mix.feasible && <p className="mb-2 font-semibold">{mix.words}</p>}
      <table className="w-full">
        <caption className="lettering pb-1 text-left text-ink">Charge</caption>
        <tbody>
          {mix.charge.map((line) => (
            <tr key={line.name} className="hairline">
              <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                {line.name}
              </th>
              <td className="figure py-1.5 pr-4 text-right text-lg whitespace-nowrap">{line.shown}</td>
              <td className="w-1/2" aria-hidden="true">
                <span className="block h-3 bg-ink" style={{ width: `${(100 * line.kg) / most}%` }} />
              </td>
            </tr>
          ))}
          <tr className="rule">
            <th scope="row" className="py-1.5 text-left">
              Cost
            </th>
            <td className="figure py-1.5 pr-4 text-right text-lg whitespace-nowrap">
              {mix.cost} {mix.currency}
            </td>
            <td />
          </tr>
        </tbody>
      </table>
      <table className="mt-4 w-full">
        <caption className="lettering pb-1 text-left text-ink">What it comes to, per cent</caption>
        <tbody>
          {mix.composition.map((line) => (
            <tr key={line.element} className="hairline">
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                {line.element}
              </th>
              <td className="figure py-1 pr-4 text-right">{line.percent}</td>
              <td className="py-1 pr-4 text-soft">{line.high === null ? '' : `${line.low} to ${line.high}`}</td>
              <td className={line.met ? 'text-soft' : 'font-semibold'}>{line.high === null ? '' : line.met ? 'met' : 'cannot be met'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
