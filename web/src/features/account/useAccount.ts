import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api, forgetAnswers, rememberToken, type Session } from '../../shared/api';

interface Credentials {
  email: string;
  password: string;
}

function useTakeSession() {
  const queries = useQueryClient();
  return (session: Session) => {
    rememberToken(session.csrf);
    void forgetAnswers();
    // Another caster's records must not linger in memory; the handbook speaks in the caster's units.
    queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
    queries.setQueryData(['session'], session);
  };
}

export function useSignIn() {
  return useMutation({ mutationFn: (body: Credentials) => answered(api.POST('/api/session', { body })), onSuccess: useTakeSession() });
}

/**
 * Opens an account and goes in. The first answer does not tell whether the address was free; the sign-in does, to whoever has its
 * password.
 */
export function useRegister() {
  return useMutation({
    mutationFn: async (body: Credentials & { name: string }) => {
      const taken = await answered(api.POST('/api/casters', { body }));
      rememberToken(taken.csrf);
      return answered(api.POST('/api/session', { body: { email: body.email, password: body.password } }));
    },
    onSuccess: useTakeSession(),
  });
}

export function useSignOut() {
  return useMutation({ mutationFn: () => answered(api.DELETE('/api/session')), onSuccess: useTakeSession() });
}
