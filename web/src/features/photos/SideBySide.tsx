import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { alike, around } from './model';
import { castingPhotosQuery } from './queries';

const ZOOM = 2.4;

/** The same place on the photos of all attempts: whether a change did anything is seen here before it is measured. */
export function SideBySide({ casting, sectionName }: { casting: string; sectionName: (id: string) => string }) {
  const photos = useQuery(castingPhotosQuery(casting)).data?.photos ?? [];
  const groups = alike(photos, sectionName);
  const [chosen, setChosen] = useState<string | null>(null);
  const group = groups.find((one) => one.key === chosen) ?? groups[0];
  if (!group) return null;
  return (
    <section className="mt-8" aria-label="Side by side">
      <h2 className="double-ruled">Side by side</h2>
      {groups.length > 1 && (
        <p className="mt-2 flex flex-wrap gap-2">
          {groups.map((one) => (
            <button key={one.key} type="button" className="peg" aria-pressed={one.key === group.key} onClick={() => setChosen(one.key)}>
              {one.label}
            </button>
          ))}
        </p>
      )}
      <ul className="mt-3 flex flex-wrap gap-4">
        {group.shots.map(({ photo, x, y }) => {
          const view = around(photo, x, y, ZOOM);
          return (
            <li key={`${photo.id} ${x} ${y}`}>
              <Link to={`/attempts/${photo.attempt_id}`} className="block">
                <span
                  role="img"
                  aria-label={`${group.label}, no. ${photo.number}`}
                  className="block size-44 border-2 border-ink"
                  style={{
                    backgroundImage: `url(/api/photos/${photo.id})`,
                    backgroundSize: view.size,
                    backgroundPosition: `${view.x}% ${view.y}%`,
                  }}
                />
                <span className="figure">
                  no. {photo.number} <span className="text-soft">{photo.verdict ?? 'not judged'}</span>
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
