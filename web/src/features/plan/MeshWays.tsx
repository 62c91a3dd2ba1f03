import type { LyingMesh, Mesh } from '../../shared/api';

interface Props {
  mesh: Mesh;
  /** The way it lies now, where it does. */
  up?: string | null;
  onLay: (way: LyingMesh) => void;
}

/** The six sides a mesh may lie on, with what each costs, the least trouble first. */
export function MeshWays({ mesh, up = null, onLay }: Props) {
  const largest = Math.max(1, ...mesh.ways.flatMap((way) => way.box.map((side) => side.value)));
  return (
    <section aria-label="Which way up" className="mt-3">
      <h3>Which way up</h3>
      <p className="text-soft">
        Undercut wants a core or a loose piece, each high point a vent; sand and lift grow with the flask. The least trouble stands first.
      </p>
      <ol className="mt-2">
        {mesh.ways.map((way, index) => (
          <li
            key={way.up}
            className={`hairline grid grid-cols-[96px_1fr] items-center gap-x-4 gap-y-2 py-3 md:grid-cols-[120px_1fr_auto] ${
              way.up === up ? 'bg-wash' : ''
            }`}
          >
            <Silhouette way={way} largest={largest} />
            <div>
              <p className="font-semibold">
                {way.label}
                {index === 0 && <span className="lettering ml-3">Least trouble</span>}
                {way.up === up && <span className="lettering ml-3">Lies so</span>}
              </p>
              <dl className="mt-1 grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-3 lg:grid-cols-5">
                <Cost name="Undercut" value={way.undercut.value < 0.05 ? 'none' : way.undercut.shown} bad={way.undercut.value >= 0.05} />
                <Cost name="High points" value={String(way.high_points)} />
                <Cost name="Seen from above" value={way.seen.shown} />
                <Cost name="Flask, about" value={`${way.depth.shown} deep`} />
                <Cost name="Without draft" value={way.steep.shown} />
              </dl>
            </div>
            <button
              type="button"
              className="press col-span-2 justify-self-start md:col-span-1 md:justify-self-end"
              disabled={way.up === up}
              onClick={() => onLay(way)}
              aria-label={`Lay it so: ${way.label}`}
            >
              Lay it so
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Cost({ name, value, bad = false }: { name: string; value: string; bad?: boolean }) {
  return (
    <div>
      <dt className="text-sm text-soft">{name}</dt>
      <dd className={`figure ${bad ? 'text-molten' : ''}`}>{value}</dd>
    </div>
  );
}

/** As it is seen from the front, with its best parting; all six to one scale. */
function Silhouette({ way, largest }: { way: LyingMesh; largest: number }) {
  const [length = { value: 1 }, , height = { value: 1 }] = way.box;
  const room = 88;
  const scale = room / largest;
  const path = (loop: readonly (readonly number[])[]) =>
    `M${loop.map(([x = 0, z = 0]) => `${(x * scale).toFixed(1)} ${(-z * scale).toFixed(1)}`).join('L')}Z`;
  const half = Math.max((length.value * scale) / 2, 8) + 8;
  const parting = -way.parting.value * scale;
  return (
    <svg
      viewBox={`${-room / 2 - 12} ${-height.value * scale - 6} ${room + 24} ${Math.max(12, height.value * scale) + 12}`}
      className="w-full"
      style={{ maxHeight: 110 }}
      role="img"
      aria-label={`${way.label}: ${way.box.map((side) => side.shown).join(' × ')}, parting at ${way.parting.shown}`}
    >
      {way.front.map((shape, index) => (
        <path
          key={index}
          d={path(shape.outline) + shape.holes.map(path).join('')}
          fillRule="evenodd"
          fill="var(--wash)"
          stroke="var(--ink)"
          strokeWidth="1.8"
        />
      ))}
      <path d={`M${-half} ${parting}H${half}`} stroke="var(--ink)" strokeWidth="1.2" strokeDasharray="7 3 2 3" />
    </svg>
  );
}
