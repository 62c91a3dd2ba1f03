import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import type { CastingSection } from '../../shared/api';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { MeshWays } from './MeshWays';
import { measureText } from './model';
import { meshQuery } from './queries';
import { SectionMarks } from './SectionMarks';
import { ShapeMark } from './ShapeMark';

interface Props {
  section: CastingSection;
  problems: Record<string, string>;
  onSet: (change: Partial<CastingSection>) => void;
  onRemove: () => void;
}

/** A casting that is a mesh: which way up it lies, where it parts, and what the mould does to it. */
export function MeshRow({ section, problems, onSet, onRemove }: Props) {
  const id = useId();
  const [turning, setTurning] = useState(false);
  const reading = useQuery(meshQuery(section.mesh ?? null));
  const mesh = reading.data?.mesh ?? null;
  const way = mesh?.ways.find((known) => known.up === section.up) ?? null;
  const parting = typeof section['parting'] === 'object' && section['parting'] !== null ? measureText(section['parting']) : '';
  return (
    <div role="group" aria-label={`Mesh: ${section.label ?? ''}`}>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <span className="self-center">
          <ShapeMark shape="mesh" size={38} />
        </span>
        <SmallEntry
          label="Name"
          width="w-28"
          value={section.label ?? ''}
          onChange={(next) => onSet({ label: next })}
          error={problems['0/label']}
        />
        <SmallEntry
          label="thinnest wall"
          width="w-24"
          value={measureText(section['thickness'])}
          onChange={(next) => onSet({ thickness: next })}
          error={problems['0/thickness']}
        />
        <SmallEntry
          label="gates"
          width="w-14"
          value={String(section.gates ?? 0)}
          onChange={(next) => /^\d{0,2}$/.test(next) && onSet({ gates: Number(next) || 0 })}
          error={problems['0/gates']}
        />
        {way && (
          <div>
            <label htmlFor={id} className="block text-sm text-soft">
              Parts at
            </label>
            <select
              id={id}
              className="entry w-auto text-base"
              value={parting}
              onChange={(event) => {
                const level = way.partings.find((one) => measureText(one.level) === event.target.value)?.level;
                if (level) onSet({ parting: { value: level.value, unit: level.unit } });
              }}
            >
              {!way.partings.some((one) => measureText(one.level) === parting) && <option value={parting}>{parting}</option>}
              {way.partings.map((one) => (
                <option key={one.level.value} value={measureText(one.level)}>
                  {`${one.level.shown}, ${one.undercut.value < 0.05 ? 'no undercut' : `undercut ${one.undercut.shown}`}`}
                </option>
              ))}
            </select>
          </div>
        )}
      </div>
      <p className="mt-2 pl-[54px] text-soft">
        {way
          ? `${way.label}, ${way.box.map((side) => side.shown).join(' × ')}; ` +
            `its thickest place, ${mesh?.thickest?.shown ?? ''}, is ${way.thickest_at.shown} up.`
          : reading.isPending && section.mesh
            ? 'Looking for the mesh.'
            : 'The mesh itself is no longer kept here: its mass and measurements still count, its body does not.'}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-1.5 pl-[54px]">
        <SectionMarks section={section} onSet={onSet} without={['upright']} />
        {mesh && (
          <button type="button" className="press text-sm" aria-expanded={turning} onClick={() => setTurning(!turning)}>
            {turning ? 'Leave it so' : 'Turn it'}
          </button>
        )}
        <button type="button" className="press press-quiet text-sm" onClick={onRemove} aria-label={`Take out: ${section.label ?? ''}`}>
          Take out
        </button>
      </div>
      {turning && mesh && (
        <MeshWays
          mesh={mesh}
          up={section.up ?? null}
          onLay={(next) => {
            // What the mould does to it and what it is called stay; its measurements are those of its new side.
            onSet({ ...next.section, ...(section.label ? { label: section.label } : {}), gates: section.gates ?? 1 });
            setTurning(false);
          }}
        />
      )}
    </div>
  );
}
