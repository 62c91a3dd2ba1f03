import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { fieldMessages, type Session } from '../../shared/api';
import { TextEntry } from '../../shared/ui/TextEntry';
import { Failed } from '../../shared/ui/states';
import { useRegister, useSignIn } from './useAccount';

const signIn = z.object({
  email: z.string().min(1, 'Your e-mail address, please.'),
  password: z.string().min(1, 'Your password, please.'),
  name: z.string().optional(),
});
const register = signIn.extend({
  name: z.string().min(1, 'What shall we call you?'),
  password: z.string().min(10, 'Use at least 10 characters; a few words in a row are good.'),
});

/** The door: sign in, or open a notebook. */
export function SignInPage({ demo }: { demo: Session['demo'] }) {
  const [fresh, setFresh] = useState(false);
  return (
    <main className="mx-auto grid min-h-dvh max-w-6xl items-center gap-10 p-6 md:grid-cols-[1.1fr_1fr]">
      <section>
        <img src="/mark.svg" alt="" width="72" height="72" />
        <h1 className="mt-4 text-5xl">Molten Notes</h1>
        <p className="mt-4 max-w-md text-xl">
          Write down what you poured, see why it went wrong, and know what to change before the next pour.
        </p>
      </section>
      <section className="sheet border-[1.5px] border-ink p-6 outline outline-1 outline-offset-4 outline-line">
        <h2>{fresh ? 'Open a notebook' : 'Sign in'}</h2>
        {demo && !fresh && (
          <p className="mt-2 border-l-2 border-ink pl-3">
            This installation holds a demo, a made-up boat shed, for anybody to look at:{' '}
            <span className="figure break-all">{demo.email}</span> with <span className="figure">{demo.password}</span>.
          </p>
        )}
        {fresh ? <Form key="register" fresh /> : <Form key="sign-in" fresh={false} />}
        <button type="button" className="press press-quiet mt-4 -ml-2" onClick={() => setFresh(!fresh)}>
          {fresh ? 'I have a notebook: sign in' : 'New here: open a notebook'}
        </button>
      </section>
    </main>
  );
}

function Form({ fresh }: { fresh: boolean }) {
  const enter = useSignIn();
  const open = useRegister();
  const request = fresh ? open : enter;
  const form = useForm({ resolver: zodResolver(fresh ? register : signIn), defaultValues: { email: '', password: '', name: '' } });
  const refused = fieldMessages(request.error);
  const message = (name: 'email' | 'password' | 'name') => form.formState.errors[name]?.message ?? refused[`/${name}`];
  return (
    <form
      noValidate
      className="mt-4 grid gap-4"
      onSubmit={(event) =>
        void form.handleSubmit((values) => (fresh ? open.mutate({ ...values, name: values.name ?? '' }) : enter.mutate(values)))(event)
      }
    >
      {request.isError && Object.keys(refused).length === 0 && <Failed error={request.error} />}
      {fresh && <TextEntry label="What we call you" autoComplete="name" error={message('name')} {...form.register('name')} />}
      <TextEntry label="E-mail" type="email" autoComplete="username" error={message('email')} {...form.register('email')} />
      <TextEntry
        label="Password"
        type="password"
        autoComplete={fresh ? 'new-password' : 'current-password'}
        error={message('password')}
        {...form.register('password')}
      />
      <button type="submit" className="press press-molten" disabled={request.isPending}>
        {fresh ? 'Open my notebook' : 'Sign in'}
      </button>
    </form>
  );
}
