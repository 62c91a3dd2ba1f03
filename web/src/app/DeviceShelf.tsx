import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { Link } from 'react-router';
import { device, draftFor, readable, shapes, useOutbox, type Clash, type Outgoing } from '../shared/record';
import { momentWords } from '../shared/day';
import { Dialog } from '../shared/ui/Dialog';

/** What is on this device and not yet in the notebook: how much, and on a press, what. Clashes are put before the caster by themselves. */
export function DeviceShelf() {
  const outbox = useOutbox();
  const [open, setOpen] = useState(false);
  const drafts = useLiveQuery(() => device.drafts.where({ account: outbox.account }).toArray(), [outbox.account]);
  const photos = useLiveQuery(() => device.photos.where({ account: outbox.account }).toArray(), [outbox.account]) ?? [];
  const unfinished = readable(shapes.draftRow, drafts ?? []);
  const foreign = (drafts?.length ?? 0) - unfinished.length;
  const clash = outbox.items.find((item) => item.state === 'clash');
  const count = unfinished.length + outbox.items.length + foreign + photos.length;
  return (
    <>
      {count > 0 && (
        <button type="button" className="device-mark" onClick={() => setOpen(true)} data-waiting={outbox.items.length} aria-live="polite">
          <span aria-hidden="true" className="device-sign" />
          {count === 1 ? '1 thing' : `${count} things`} on this device, not yet in the notebook
          {outbox.trouble && outbox.items.length > 0 ? `. ${outbox.trouble.title}` : ''}
        </button>
      )}
      <Dialog open={open} onClose={() => setOpen(false)} title="On this device" narrow>
        <p className="text-soft">Not yet in the notebook. It stays here, for you only, until it is saved or you throw it away.</p>
        {outbox.items.length > 0 && (
          <section className="mt-4" aria-label="On its way">
            <h3 className="lettering text-ink">On its way</h3>
            <ul className="rule mt-1">
              {outbox.items.map((item) => (
                <li key={item.id} className="hairline py-2 first:border-t-0">
                  <Link to={item.path} onClick={() => setOpen(false)}>
                    {item.label}
                  </Link>
                  <span className="block text-sm text-soft">
                    {item.state === 'clash'
                      ? 'Changed elsewhere too: compare and choose.'
                      : `Saved here ${momentWords(item.made_at)}; ${outbox.trouble ? 'tried again by itself' : 'being sent'}.`}
                  </span>
                  {item.state === 'waiting' && outbox.trouble && (
                    <button type="button" className="press press-quiet text-sm" onClick={() => void outbox.recall(item)}>
                      Do not send it: back to what I was writing <span className="sr-only">{item.label}</span>
                    </button>
                  )}
                </li>
              ))}
            </ul>
            <button type="button" className="press mt-2" onClick={() => outbox.now()}>
              Send now
            </button>
          </section>
        )}
        {photos.length > 0 && (
          <section className="mt-4" aria-label="Photos">
            <h3 className="lettering text-ink">Photos</h3>
            <ul className="rule mt-1">
              {photos.map((photo) => (
                <li key={photo.id} className="hairline py-2 first:border-t-0">
                  <Link to={`/attempts/${photo.attempt}`} onClick={() => setOpen(false)}>
                    {photo.label}
                  </Link>
                  <span className="block text-sm text-soft">{photo.refused ?? 'A photo; sent by itself as soon as that is possible.'}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {unfinished.length > 0 && (
          <section className="mt-4" aria-label="Unfinished">
            <h3 className="lettering text-ink">Unfinished</h3>
            <ul className="rule mt-1">
              {unfinished.map((draft) => (
                <li key={draft.record} className="hairline py-2 first:border-t-0">
                  <Link to={draft.path} onClick={() => setOpen(false)}>
                    {draft.label}
                  </Link>
                  <span className="block text-sm text-soft">
                    {draft.refused ?? `Last written ${momentWords(new Date(draft.at).toISOString())}.`}
                  </span>
                  <button
                    type="button"
                    className="press press-quiet text-sm"
                    onClick={() => void draftFor(draft.account, draft.record).drop()}
                  >
                    Throw it away <span className="sr-only">{draft.label}</span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
        {foreign > 0 && <p className="mt-4 text-soft">{foreign} more from another version of this program; it is kept.</p>}
      </Dialog>
      {clash && <ClashDialog key={clash.id} item={clash} />}
    </>
  );
}

/** Two devices changed the same field. Both sides are shown; the caster chooses field by field, and nothing is lost before that. */
function ClashDialog({ item }: { item: Outgoing }) {
  const outbox = useOutbox();
  const [later, setLater] = useState(false);
  const [mine, setMine] = useState<Record<string, boolean>>({});
  const key = (clash: Clash) => `${clash.id} ${clash.field}`;
  const undecided = item.clashes.filter((clash) => !(key(clash) in mine));
  if (later)
    return (
      <button type="button" className="device-mark" onClick={() => setLater(false)}>
        {item.label}: changed elsewhere too. Compare
      </button>
    );
  return (
    <Dialog open onClose={() => setLater(true)} title="This was changed elsewhere too" narrow>
      <p>
        {item.label}. Since you began, {elsewhere(item.clashes)} saved something else. Nothing is lost: compare, then choose.
        {others(item) > 0 && ` Your other ${others(item) === 1 ? 'change goes' : `${others(item)} changes go`} in as well.`}
      </p>
      <ul className="mt-4">
        {item.clashes.map((clash) => (
          <li key={key(clash)} className="hairline py-3" data-clash={clash.field}>
            <p className="lettering text-ink">{clash.label}</p>
            <p className="text-sm text-soft">When you began: {clash.was.shown}</p>
            <div role="group" aria-label={clash.label} className="mt-1 grid gap-2 sm:grid-cols-2">
              {([true, false] as const).map((own) => (
                <button
                  key={String(own)}
                  type="button"
                  className="peg text-left"
                  aria-pressed={mine[key(clash)] === own}
                  aria-label={`${own ? 'Yours' : 'Stored'}: ${own ? clash.yours.shown : clash.stored.shown}`}
                  onClick={() => setMine({ ...mine, [key(clash)]: own })}
                >
                  <span>
                    <span className="block text-sm font-medium">
                      {own ? 'Yours' : clash.changed_at ? `Stored, ${momentWords(clash.changed_at)}` : 'Stored'}
                    </span>
                    <span className="figure block text-lg">{own ? clash.yours.shown : clash.stored.shown}</span>
                  </span>
                </button>
              ))}
            </div>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className="press press-molten"
          disabled={undecided.length > 0}
          onClick={() => void outbox.settle(item, (clash) => mine[key(clash)] === true)}
        >
          Save it so
        </button>
        {item.clashes.length > 1 && (
          <>
            <button
              type="button"
              className="press"
              onClick={() => setMine(Object.fromEntries(item.clashes.map((clash) => [key(clash), true])))}
            >
              Mine everywhere
            </button>
            <button
              type="button"
              className="press"
              onClick={() => setMine(Object.fromEntries(item.clashes.map((clash) => [key(clash), false])))}
            >
              Stored everywhere
            </button>
          </>
        )}
      </div>
    </Dialog>
  );
}

function elsewhere(clashes: readonly Clash[]): string {
  return clashes.find((clash) => clash.device)?.device ?? 'another device';
}

function others(item: Outgoing): number {
  return item.changes.reduce((sum, change) => sum + Object.keys(change.set).length, 0) - item.clashes.length;
}
