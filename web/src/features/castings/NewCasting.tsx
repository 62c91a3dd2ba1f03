import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { z } from 'zod';
import { fieldMessages, useHandbook } from '../../shared/api';
import { Dialog } from '../../shared/ui/Dialog';
import { PickOne } from '../../shared/ui/Pegs';
import { TextEntry } from '../../shared/ui/TextEntry';
import { Failed } from '../../shared/ui/states';
import { freshId } from '../../shared/id';
import { useAddCasting } from './queries';

const shape = z.object({
  name: z.string().trim().min(1, 'Give the casting a name.').max(120, 'At most 120 characters.'),
  purpose: z.enum(['works', 'shows', 'seals', 'machined']).nullable(),
  wanted: z.coerce.number<string>().int('A whole number.').min(1, 'At least one.').max(10000, 'At most 10000.'),
  note: z.string(),
});

/** A thing to be made, and what would count as good. */
export function NewCasting({ open, onClose, onAdded }: { open: boolean; onClose: () => void; onAdded: (id: string) => void }) {
  const [id] = useState(() => freshId());
  const handbook = useHandbook();
  const add = useAddCasting(onAdded);
  const form = useForm({ resolver: zodResolver(shape), defaultValues: { name: '', purpose: null, wanted: '1', note: '' } });
  const refused = fieldMessages(add.error);
  return (
    <Dialog open={open} onClose={onClose} title="A new casting" narrow>
      <form
        className="grid gap-4"
        noValidate
        onSubmit={(event) => {
          // The dialog may stand inside another form of React's tree, which must not be sent along.
          event.stopPropagation();
          void form.handleSubmit((entry) => add.mutate({ id, entry: { ...entry, note: entry.note || null } }))(event);
        }}
      >
        {add.isError && Object.keys(refused).length === 0 && <Failed error={add.error} />}
        <TextEntry label="What is it?" error={form.formState.errors.name?.message ?? refused['/name']} {...form.register('name')} />
        <fieldset>
          <legend className="lettering mb-1">What counts as good?</legend>
          <Controller
            control={form.control}
            name="purpose"
            render={({ field }) => <PickOne label="What counts as good" choices={handbook.choices['purpose'] ?? []} value={field.value} onChange={field.onChange} />}
          />
        </fieldset>
        <TextEntry label="How many?" inputMode="numeric" error={form.formState.errors.wanted?.message ?? refused['/wanted']} {...form.register('wanted')} />
        <TextEntry label="Note" {...form.register('note')} />
        <button type="submit" className="press press-molten justify-self-start px-8" disabled={add.isPending}>
          Add the casting
        </button>
      </form>
    </Dialog>
  );
}
