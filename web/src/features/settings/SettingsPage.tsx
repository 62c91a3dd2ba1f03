import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import {
  answered,
  api,
  fieldMessages,
  rememberToken,
  sessionQuery,
  useHandbook,
  type PreferencesChange,
  type Session,
  type SignInsList,
} from '../../shared/api';
import { dayWords, momentWords } from '../../shared/day';
import { PickOne } from '../../shared/ui/Pegs';
import { Failed } from '../../shared/ui/states';
import { TextEntry } from '../../shared/ui/TextEntry';

const ASKED: readonly { dimension: string; label: string; units: readonly string[] }[] = [
  { dimension: 'temperature', label: 'Temperature', units: ['degC', 'degF'] },
  { dimension: 'mass', label: 'Mass', units: ['kg', 'lb'] },
  { dimension: 'length', label: 'Length', units: ['mm', 'in'] },
  { dimension: 'volume', label: 'Volume', units: ['mL', 'in3', 'floz'] },
  { dimension: 'density', label: 'Density', units: ['kg/m3', 'lb/ft3'] },
];

const KEYS = [
  { code: 'on', label: 'On', hint: '' },
  { code: 'off', label: 'Off', hint: '' },
];

const IDLE = [
  { code: '60', label: 'An hour of nothing', hint: '' },
  { code: '720', label: 'Half a day', hint: '' },
  { code: '20160', label: 'Two weeks', hint: '' },
];

const THEMES = [
  { code: 'auto', label: 'As the device', hint: '' },
  { code: 'day', label: 'Day', hint: '' },
  { code: 'night', label: 'Night, for the yard', hint: '' },
];

function useTakeSession() {
  const queries = useQueryClient();
  return async (session: Session) => {
    rememberToken(session.csrf);
    queries.setQueryData(['session'], session);
    // Every number on every screen is shown in the caster's units.
    await queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
  };
}

export function SettingsPage() {
  const caster = useSuspenseQuery(sessionQuery).data.caster;
  const handbook = useHandbook();
  const onSuccess = useTakeSession();
  const change = useMutation({
    mutationFn: (body: PreferencesChange) => answered(api.PATCH('/api/me/preferences', { body })),
    onSuccess,
  });
  if (!caster) return null;
  const units = (dimension: string, codes: readonly string[]) =>
    handbook.units
      .find((list) => list.dimension === dimension)
      ?.units.filter((unit) => codes.includes(unit.code))
      .map((unit) => ({ ...unit, hint: '' })) ?? [];
  return (
    <section className="max-w-3xl">
      <h1>Settings</h1>
      <p className="mt-1 text-soft">
        {caster.name}, {caster.email}, since {dayWords(caster.joined_on)}
      </p>
      {change.isError && <Failed error={change.error} />}
      <h2 className="mt-6 border-t border-ink pt-2">Units</h2>
      <p className="text-soft">A number typed without a unit takes these. Any other unit can be typed anywhere.</p>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        {ASKED.map((row) => (
          <fieldset key={row.dimension}>
            <legend className="lettering mb-1">{row.label}</legend>
            <PickOne
              label={row.label}
              choices={units(row.dimension, row.units)}
              value={caster.units[row.dimension] ?? null}
              onChange={(next) => next && change.mutate({ units: { ...caster.units, [row.dimension]: next } })}
            />
          </fieldset>
        ))}
      </div>
      <h2 className="mt-8 border-t border-ink pt-2">Light</h2>
      <div className="mt-2">
        <PickOne
          label="Theme"
          choices={THEMES}
          value={caster.theme}
          onChange={(next) => next && change.mutate({ theme: next as 'auto' | 'day' | 'night' })}
        />
      </div>
      <h2 className="mt-8 border-t border-ink pt-2">Keyboard</h2>
      <p className="text-soft">
        Single letters take you places; the sheet of shortcuts is in the notebook’s menu. Switch them off when you speak to the computer or
        keys are hit by chance.
      </p>
      <div className="mt-2">
        <PickOne
          label="Single-key shortcuts"
          choices={KEYS}
          value={caster.single_keys ? 'on' : 'off'}
          onChange={(next) => next && change.mutate({ single_keys: next === 'on' })}
        />
      </div>
      {caster.dismissed_cautions.length > 0 && (
        <>
          <h2 className="mt-8 border-t border-ink pt-2">Cautions</h2>
          <p className="text-soft">You have put {caster.dismissed_cautions.length} away.</p>
          <button type="button" className="press mt-2" onClick={() => change.mutate({ dismissed_cautions: [] })}>
            Show them all again
          </button>
        </>
      )}
      <h2 className="mt-8 border-t border-ink pt-2">Signed in</h2>
      <SignIns />
      <fieldset className="mt-4">
        <legend className="lettering mb-1">Signed out after</legend>
        <PickOne
          label="Signed out after"
          choices={IDLE}
          value={String(caster.idle_minutes)}
          onChange={(next) => next && change.mutate({ idle_minutes: Number(next) as 60 | 720 | 20160 })}
        />
      </fieldset>
      <h2 className="mt-8 border-t border-ink pt-2">Password</h2>
      <ChangePassword />
    </section>
  );
}

/** Where this notebook is open, and closing it elsewhere. */
function SignIns() {
  const queries = useQueryClient();
  const open = useQuery({ queryKey: ['sign-ins'], queryFn: () => answered(api.GET('/api/me/sign-ins')) });
  const keep = { onSuccess: (left: SignInsList) => queries.setQueryData(['sign-ins'], left) };
  const end = useMutation({
    mutationFn: (id: string) => answered(api.DELETE('/api/me/sign-ins/{id}', { params: { path: { id } } })),
    ...keep,
  });
  const endOthers = useMutation({ mutationFn: () => answered(api.DELETE('/api/me/sign-ins')), ...keep });
  const list = open.data?.sign_ins ?? [];
  return (
    <>
      {(open.isError || end.isError || endOthers.isError) && (
        <Failed error={open.error ?? end.error ?? endOthers.error} retry={() => void open.refetch()} />
      )}
      <ul className="mt-1">
        {list.map((one) => (
          <li key={one.id} className="hairline flex flex-wrap items-center justify-between gap-x-4 py-2 first:border-t-0">
            <span>
              <span className="figure">{one.device}</span>{' '}
              <span className="text-soft">{one.here ? 'this one' : `last seen ${momentWords(one.last_seen_at)}`}</span>
            </span>
            {!one.here && (
              <button type="button" className="press press-quiet" disabled={end.isPending} onClick={() => end.mutate(one.id)}>
                Sign out <span className="sr-only">{one.device}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      {list.length > 1 && (
        <button type="button" className="press mt-2" disabled={endOthers.isPending} onClick={() => endOthers.mutate()}>
          Sign out everywhere else
        </button>
      )}
    </>
  );
}

const passwords = z.object({
  current: z.string().min(1, 'Your present password, please.'),
  new: z.string().min(10, 'Use at least 10 characters; a few words in a row are good.'),
});

function ChangePassword() {
  const onSuccess = useTakeSession();
  const form = useForm({ resolver: zodResolver(passwords), defaultValues: { current: '', new: '' } });
  const change = useMutation({
    mutationFn: (body: z.infer<typeof passwords>) => answered(api.PUT('/api/me/password', { body })),
    onSuccess: async (session) => {
      form.reset();
      await onSuccess(session);
    },
  });
  const refused = fieldMessages(change.error);
  return (
    <form
      noValidate
      className="mt-3 grid max-w-md gap-4"
      onSubmit={(event) => void form.handleSubmit((values) => change.mutate(values))(event)}
    >
      <TextEntry
        label="Present password"
        type="password"
        autoComplete="current-password"
        error={form.formState.errors.current?.message ?? refused['/current']}
        {...form.register('current')}
      />
      <TextEntry
        label="New password"
        type="password"
        autoComplete="new-password"
        error={form.formState.errors.new?.message ?? refused['/new']}
        {...form.register('new')}
      />
      <button type="submit" className="press justify-self-start" disabled={change.isPending}>
        Change the password
      </button>
      {change.isSuccess && <p role="status">Changed. Other devices have to sign in again.</p>}
    </form>
  );
}
