import { useState } from 'react';
import type { Photo } from '../../shared/api';
import { useChange, type Plain } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { Pressed } from '../../shared/ui/Pressed';
import { TextEntry } from '../../shared/ui/TextEntry';
import { useSaving } from '../../shared/ui/useSaving';

export interface Pinnable {
  id: string;
  label: string;
}

interface Props {
  photo: Photo;
  label: string;
  findings: readonly Pinnable[];
  onClose: () => void;
}

/** One photo, large, with its findings pinned where they show. A pin is set with a finger, or moved with the arrow keys. */
export function PhotoView({ photo, label, findings, onClose }: Props) {
  const change = useChange();
  const { outcome, run } = useSaving();
  const [pinning, setPinning] = useState<string | null>(null);
  const [caption, setCaption] = useState(photo.caption ?? '');
  const set = (field: string, was: Plain, to: Plain) =>
    void run(() =>
      change({
        label: `${label}: photo`,
        path: `/attempts/${photo.attempt_id}`,
        changes: [{ part: 'photo', id: photo.id, set: { [field]: { was, to } } }],
      }),
    );
  const at = (id: string) => photo.pins.find((pin) => pin.finding === id);
  const stands = (id: string): Plain => {
    const pin = at(id);
    return pin ? { x: pin.x, y: pin.y } : null;
  };
  const pin = (id: string, x: number, y: number) =>
    set(`pin.${id}`, stands(id), {
      x: Math.round(1e4 * Math.min(1, Math.max(0, x))) / 1e4,
      y: Math.round(1e4 * Math.min(1, Math.max(0, y))) / 1e4,
    });
  return (
    <Dialog open onClose={onClose} title={photo.caption ?? 'Photo'}>
      <div className="relative inline-block max-w-full">
        <img
          src={`/api/photos/${photo.id}`}
          alt={photo.caption ?? 'Photo of the casting'}
          width={photo.width}
          height={photo.height}
          className="max-h-[60vh] w-auto border-2 border-ink"
        />
        {pinning && (
          <button
            type="button"
            className="absolute inset-0 cursor-crosshair border-4 border-molten"
            aria-label="Set the pin here"
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              // The keyboard presses in the middle; arrow keys on the pin move it from there.
              const byKey = event.detail === 0;
              pin(pinning, byKey ? 0.5 : (event.clientX - box.left) / box.width, byKey ? 0.5 : (event.clientY - box.top) / box.height);
              setPinning(null);
            }}
          />
        )}
        {photo.pins.map((one, index) => (
          <button
            key={one.finding}
            type="button"
            className="photo-pin"
            style={{ left: `${100 * one.x}%`, top: `${100 * one.y}%` }}
            title={one.label}
            aria-label={`Pin ${index + 1}: ${one.label}. Arrow keys move it.`}
            onKeyDown={(event) => {
              const step = { ArrowLeft: [-0.02, 0], ArrowRight: [0.02, 0], ArrowUp: [0, -0.02], ArrowDown: [0, 0.02] }[event.key];
              if (!step) return;
              event.preventDefault();
              pin(one.finding, one.x + (step[0] ?? 0), one.y + (step[1] ?? 0));
            }}
          >
            {index + 1}
          </button>
        ))}
      </div>
      <Pressed outcome={outcome} />
      {findings.length > 0 && (
        <section className="mt-3" aria-label="Findings on this photo">
          <h3 className="lettering text-ink">{pinning ? 'Press on the photo where it shows' : 'Findings on this photo'}</h3>
          <ul className="rule mt-1">
            {findings.map((finding) => (
              <li key={finding.id} className="hairline flex flex-wrap items-center justify-between gap-3 py-1.5 first:border-t-0">
                <span>
                  {at(finding.id) && <strong>{photo.pins.findIndex((one) => one.finding === finding.id) + 1}. </strong>}
                  {finding.label}
                </span>
                <span className="flex gap-2">
                  <button
                    type="button"
                    className="press"
                    aria-pressed={pinning === finding.id}
                    onClick={() => setPinning(pinning === finding.id ? null : finding.id)}
                  >
                    {at(finding.id) ? 'Move the pin' : 'Pin it'}
                  </button>
                  {at(finding.id) && (
                    <button type="button" className="press press-quiet" onClick={() => set(`pin.${finding.id}`, stands(finding.id), null)}>
                      Take it off
                    </button>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <form
        className="mt-3 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          set('caption', photo.caption, caption.trim() === '' ? null : caption.trim());
        }}
      >
        <TextEntry label="What it shows" value={caption} onChange={(event) => setCaption(event.target.value)} />
        <button type="submit" className="press" disabled={caption.trim() === (photo.caption ?? '')}>
          Keep it
        </button>
        <button
          type="button"
          className="press press-quiet"
          onClick={() => {
            set('binned', false, true);
            onClose();
          }}
        >
          Into the bin
        </button>
      </form>
    </Dialog>
  );
}
