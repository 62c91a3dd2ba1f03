import { useState } from 'react';
import { ProblemError, type LyingMesh } from '../../shared/api';
import type { Stands } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { MeshWays } from './MeshWays';
import { useReadMesh } from './queries';

const UNITS = ['mm', 'cm', 'm', 'in'].map((code) => ({ code, label: code, hint: '' }));

interface Props {
  /** Takes over what was measured of it, no more. */
  onUse?: (volume: Stands, area: Stands) => void;
  /** Lays it one way up: then it is the casting. */
  onLay?: (way: LyingMesh) => void;
}

/** Reads an STL file: volume, surface and box, what is wrong with it, and which way up it lies best. */
export function MeshReader({ onUse, onLay }: Props) {
  const [unit, setUnit] = useState('mm');
  const { send, reading, error } = useReadMesh();
  const mesh = reading?.mesh;
  const busy = send.isPending || reading?.state === 'waiting' || reading?.state === 'reading';
  return (
    <div className="mt-3">
      <div className="flex flex-wrap items-end gap-4">
        <fieldset>
          <legend className="lettering mb-1">Drawn in</legend>
          <PickOne label="Unit of the mesh" choices={UNITS} value={unit} onChange={(next) => setUnit(next ?? 'mm')} />
        </fieldset>
        <label className="press cursor-pointer focus-within:outline-3 focus-within:outline-molten">
          {send.isPending ? 'Sending' : busy ? 'Reading' : 'Choose an STL file'}
          <input
            type="file"
            accept=".stl"
            className="sr-only"
            disabled={busy}
            onChange={(event) => event.target.files?.[0] && send.mutate({ file: event.target.files[0], unit })}
          />
        </label>
      </div>
      {busy && !send.isPending && (
        <p className="mt-2 flex items-center gap-3" role="status">
          <progress
            className="h-3 w-48"
            max={1}
            value={reading?.state === 'reading' ? reading.share : undefined}
            aria-label="How far the file is read"
          />
          <span className="text-soft">
            {reading?.state === 'reading' ? `${Math.round(reading.share * 100)} % read` : 'waits for its turn'}
          </span>
        </p>
      )}
      {(error ?? reading?.refused) && (
        <p role="alert" className="mt-2 font-semibold text-molten">
          {reading?.refused?.title ?? (error instanceof ProblemError ? error.problem.title : 'The file could not be sent.')}
        </p>
      )}
      {mesh && (
        <div className="mt-3 border-l-2 border-ink pl-3" aria-live="polite">
          <p>
            <span className="figure">{mesh.volume.shown}</span> volume, <span className="figure">{mesh.area.shown}</span> surface, box{' '}
            <span className="figure">{mesh.box.map((side) => side.shown).join(' × ')}</span>
            {mesh.thinnest && mesh.thickest && (
              <>
                , walls from <span className="figure">{mesh.thinnest.shown}</span> to <span className="figure">{mesh.thickest.shown}</span>
              </>
            )}
            , {mesh.triangles.toLocaleString('en')} facets
          </p>
          {mesh.faults.map((fault) => (
            <p key={fault.words} className="font-semibold">
              {fault.words}
            </p>
          ))}
          {onUse && (
            <button
              type="button"
              className="press mt-1"
              onClick={() =>
                onUse(
                  { raw: { value: mesh.volume.value, unit: 'mL' }, shown: mesh.volume.shown },
                  { raw: { value: mesh.area.value, unit: 'cm2' }, shown: mesh.area.shown },
                )
              }
            >
              Use {mesh.closed ? 'it' : 'it as a first guess'}
            </button>
          )}
        </div>
      )}
      {mesh && onLay && mesh.ways.length > 0 && <MeshWays mesh={mesh} onLay={onLay} />}
    </div>
  );
}
