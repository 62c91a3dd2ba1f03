import { useQuery } from '@tanstack/react-query';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import type { Photo } from '../../shared/api';
import { device, useOutbox, type WaitingPhoto } from '../../shared/record';
import { PhotoView, type Pinnable } from './PhotoView';
import { attemptPhotosQuery } from './queries';
import { keepOnDevice, useProgress } from './sending';

interface Props {
  attempt: string;
  label: string;
  /** Findings that can be pinned on a photo; none on the day itself. */
  findings?: readonly Pinnable[];
}

/** The photos of an attempt: those in the notebook, those on their way, and a press that takes more. */
export function PhotoStrip({ attempt, label, findings = [] }: Props) {
  const { account } = useOutbox();
  const kept = useQuery(attemptPhotosQuery(attempt));
  const waiting = useLiveQuery(() => device.photos.where({ account, attempt }).toArray(), [account, attempt]) ?? [];
  const [open, setOpen] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const photos = kept.data?.photos ?? [];
  const shown = photos.find((photo) => photo.id === open);
  const add = (files: readonly File[]) => {
    setTrouble(null);
    keepOnDevice(account, attempt, label, files).catch(() =>
      setTrouble('This device has no room for the photo. Make room, then take it again.'),
    );
  };
  return (
    <div>
      <ul className="flex flex-wrap gap-3">
        {photos.map((photo) => (
          <li key={photo.id}>
            <Thumbnail photo={photo} onOpen={() => setOpen(photo.id)} />
          </li>
        ))}
        {waiting.map((photo) => (
          <li key={photo.id}>
            <Waiting photo={photo} />
          </li>
        ))}
        <li>
          <label className="press flex size-28 cursor-pointer flex-col items-center justify-center text-center leading-tight">
            Add photos
            <input
              type="file"
              accept="image/*"
              multiple
              className="sr-only"
              onChange={(event) => {
                add([...(event.target.files ?? [])]);
                event.target.value = '';
              }}
            />
          </label>
        </li>
      </ul>
      {trouble && (
        <p role="alert" className="mt-2 font-semibold text-molten">
          {trouble}
        </p>
      )}
      {shown && <PhotoView photo={shown} label={label} findings={findings} onClose={() => setOpen(null)} />}
    </div>
  );
}

function Thumbnail({ photo, onOpen }: { photo: Photo; onOpen: () => void }) {
  const pins = photo.pins.map((pin) => pin.label).join(', ');
  return (
    <button type="button" className="relative block border-2 border-ink" onClick={onOpen}>
      <img
        src={`/api/photos/${photo.id}/thumbnail`}
        alt={photo.caption ?? `Photo of ${new Date(photo.taken_at * 1000).toLocaleString()}`}
        width="112"
        height="112"
        loading="lazy"
        className="size-28 object-cover"
      />
      {photo.pins.length > 0 && (
        <span className="absolute right-0 bottom-0 bg-ink px-1.5 text-sm text-sheet">
          {photo.pins.length}
          <span className="sr-only"> pinned: {pins}</span>
        </span>
      )}
    </button>
  );
}

/** On this device, on its way, or refused with the reason. */
function Waiting({ photo }: { photo: WaitingPhoto }) {
  const share = useProgress().get(photo.id);
  const image = useRef<HTMLImageElement>(null);
  useEffect(() => {
    const made = URL.createObjectURL(photo.blob);
    if (image.current) image.current.src = made;
    return () => URL.revokeObjectURL(made);
  }, [photo.blob]);
  if (photo.refused !== null)
    return (
      <div className="w-56 border-2 border-molten p-2 text-sm" role="alert">
        <p className="font-semibold">{photo.refused}</p>
        <button type="button" className="press press-quiet mt-1" onClick={() => void device.photos.update(photo.id, { refused: null })}>
          Try again
        </button>
        <button type="button" className="press press-quiet mt-1" onClick={() => void device.photos.delete(photo.id)}>
          Throw it away
        </button>
      </div>
    );
  return (
    <div className="relative border-2 border-dashed border-ink" data-photo-waiting>
      <img ref={image} alt="Not in the notebook yet" className="size-28 object-cover opacity-60" />
      <span className="absolute inset-x-0 bottom-0 bg-sheet px-1 text-sm">
        {share === undefined ? 'on this device' : `${Math.round(100 * share)} %`}
      </span>
      {share !== undefined && <progress className="sr-only" value={share} max={1} aria-label="Being sent" />}
    </div>
  );
}
