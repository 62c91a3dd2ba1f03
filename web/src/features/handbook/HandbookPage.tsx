import { Tabs } from 'radix-ui';
import { DefectDrawing } from '../findings/index';
import { useHandbook, type Handbook } from '../../shared/api';

/** The tables behind the answers: alloys with their marks, and the atlas with the causes of each defect. */
export function HandbookPage() {
  const handbook = useHandbook();
  return (
    <section>
      <h1>Handbook</h1>
      <Tabs.Root defaultValue="defects" className="mt-4">
        <Tabs.List aria-label="Tables" className="flex border-b-[1.5px] border-ink">
          {[
            ['defects', 'Defect atlas'],
            ['alloys', 'Alloys'],
            ['cautions', 'Cautions'],
          ].map(([value = '', label]) => (
            <Tabs.Trigger key={value} value={value} className="place handbook-tab">
              {label}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <Tabs.Content value="defects">
          <Atlas handbook={handbook} />
        </Tabs.Content>
        <Tabs.Content value="alloys">
          <Alloys handbook={handbook} />
        </Tabs.Content>
        <Tabs.Content value="cautions">
          <p className="mt-4 max-w-prose">
            The usual cautions of the trade. Local rules and licensed practice come first, and a caution that is not here may still apply to
            you.
          </p>
          <ul className="mt-4 grid gap-4">
            {handbook.cautions.map((caution) => (
              <li key={caution.code} className="caution">
                {caution.text}
              </li>
            ))}
          </ul>
        </Tabs.Content>
      </Tabs.Root>
    </section>
  );
}

function Atlas({ handbook }: { handbook: Handbook }) {
  return Object.entries(handbook.classes).map(([letter, label]) => (
    <section key={letter} className="mt-6" aria-label={label}>
      <h2 className="border-b border-ink">
        <span className="figure mr-3 text-2xl">{letter}</span>
        {label}
      </h2>
      <ul className="grid gap-x-10 md:grid-cols-2">
        {handbook.defects
          .filter((defect) => defect.class === letter)
          .map((defect) => (
            <li key={defect.code} className="hairline flex gap-4 py-3">
              <DefectDrawing kind={defect.code} width={112} />
              <div className="flex-1">
                <h3 className="text-lg">{defect.label}</h3>
                <p>{defect.words}</p>
                <p className="text-sm text-soft">
                  Causes:{' '}
                  {handbook.causes
                    .filter((cause) => cause.signs.includes(defect.code))
                    .map((cause) => cause.label.toLowerCase())
                    .join('; ')}
                </p>
              </div>
            </li>
          ))}
      </ul>
    </section>
  ));
}

function Alloys({ handbook }: { handbook: Handbook }) {
  return (
    <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label="Alloy table">
      <table className="w-full min-w-[56rem] text-left">
        <thead>
          <tr className="lettering border-b border-ink align-bottom">
            {['Alloy', 'Liquidus', 'Solidus', 'Pour in sand', 'Density', 'Shrinks %', 'Contracts %', 'Freezes', 'Source'].map((head) => (
              <th key={head} scope="col" className="px-2 py-2 font-medium">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {handbook.alloys.map((alloy) => (
            <tr key={alloy.code} className="hairline align-baseline">
              <th scope="row" className="px-2 py-2 font-semibold">
                {alloy.name}
                {alloy.note && <span className="block text-sm font-normal text-soft">{alloy.note}</span>}
              </th>
              <td className="figure px-2 whitespace-nowrap">{alloy.liquidus}</td>
              <td className="figure px-2 whitespace-nowrap">{alloy.solidus}</td>
              <td className="figure px-2 whitespace-nowrap">{alloy.pour}</td>
              <td className="figure px-2 whitespace-nowrap">{alloy.density}</td>
              <td className="figure px-2 whitespace-nowrap">{alloy.shrinkage_percent}</td>
              <td className="figure px-2 whitespace-nowrap">{alloy.contraction_percent}</td>
              <td className="px-2">{alloy.freezing}</td>
              <td className="px-2 text-sm text-soft">
                {alloy.source}
                {alloy.mark === 'recalled' ? ', recalled from memory' : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
