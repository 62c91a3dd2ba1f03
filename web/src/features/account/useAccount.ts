import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answered, api, rememberToken, type Session } from '../../shared/api';

interface Credentials {
  email: string;
  password: string;
}

function useTakeSession() {
  const queries = useQueryClient();
  return (session: Session) => {
    rememberToken(session.csrf);
    // Another caster's records must not linger in memory.
    queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'handbook' && query.queryKey[0] !== 'session' });
    queries.setQueryData(['session'], session);
  };
}

export function useSignIn() {
  return useMutation({ mutationFn: (body: Credentials) => answered(api.POST('/api/session', { body })), onSuccess: useTakeSession() });
}

export function useRegister() {
  return useMutation({ mutationFn: (body: Credentials & { name: string }) => answered(api.POST('/api/casters', { body })), onSuccess: useTakeSession() });
}

export function useSignOut() {
  return useMutation({ mutationFn: () => answered(api.DELETE('/api/session')), onSuccess: useTakeSession() });
}
