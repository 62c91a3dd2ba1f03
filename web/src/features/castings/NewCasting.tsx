import { useState } from 'react';
import { v7 as freshId } from 'uuid';
import { useHandbook } from '../../shared/api';
import { useDraft, useDraftPart } from '../../shared/record';
import { Dialog } from '../../shared/ui/Dialog';
import { DraftState } from '../../shared/ui/DraftState';
import { PickOne } from '../../shared/ui/Pegs';
import { TextEntry } from '../../shared/ui/TextEntry';
import { useSaving } from '../../shared/ui/useSaving';

const RECORD = 'new casting';

/** A thing to be made, and what would count as good. One is written at a time; closed before it is saved, it waits on this device. */
export function NewCasting({ open, onClose, onAdded }: { open: boolean; onClose: () => void; onAdded: (id: string) => void }) {
  const [fresh] = useState(() => freshId());
  const id = useDraftPart(RECORD, 'casting')?.id ?? fresh;
  const handbook = useHandbook();
  const draft = useDraft(
    RECORD,
    { label: 'A new casting', path: '/castings', parts: { casting: { part: 'casting', id, create: {} } } },
    {},
  );
  const { busy, outcome, run } = useSaving();
  const text = (name: string) => draft.at(`casting/${name}`)?.shown ?? '';
  const [asked, setAsked] = useState(false);
  const nameless = asked && text('name').trim() === '' ? 'Give the casting a name.' : undefined;
  const add = async () => {
    setAsked(true);
    if (text('name').trim() === '') return;
    const next = await run(draft.save);
    // It is on its way even where there is no connection: what hangs on it is sent after it.
    if (next && next.state !== 'refused') onAdded(id);
  };
  return (
    <Dialog open={open} onClose={onClose} title="A new casting" narrow>
      <form
        className="grid gap-4"
        noValidate
        onSubmit={(event) => {
          // The dialog may stand inside another form of React's tree, which must not be sent along.
          event.preventDefault();
          event.stopPropagation();
          void add();
        }}
      >
        <TextEntry
          label="What is it?"
          error={draft.problem('casting/name') ?? nameless}
          value={text('name')}
          maxLength={120}
          onChange={(event) => draft.set('casting/name', event.target.value || null)}
        />
        <fieldset>
          <legend className="lettering mb-1">What counts as good?</legend>
          <PickOne
            label="What counts as good"
            choices={handbook.choices['purpose'] ?? []}
            value={text('purpose') || null}
            onChange={(next) => draft.set('casting/purpose', next)}
          />
        </fieldset>
        <TextEntry
          label="How many?"
          inputMode="numeric"
          placeholder="1"
          error={draft.problem('casting/wanted')}
          value={text('wanted')}
          onChange={(event) => draft.set('casting/wanted', event.target.value || null)}
        />
        <TextEntry
          label="Note"
          error={draft.problem('casting/note')}
          value={text('note')}
          onChange={(event) => draft.set('casting/note', event.target.value || null)}
        />
        <DraftState draft={draft} outcome={outcome} what="The casting" onDrop={() => void draft.drop()} />
        <button type="submit" className="press press-molten justify-self-start px-8" disabled={busy}>
          {busy ? 'Saving' : 'Add the casting'}
        </button>
      </form>
    </Dialog>
  );
}
