import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answered, api, sessionQuery, useHandbook } from '../api';

/** The usual cautions of the trade, where the danger is met. Each can be put away; local rules and licensed practice come first. */
export function Cautions({ facts, given }: { facts?: Record<string, string | null>; given?: readonly { code: string; text: string }[] }) {
  const handbook = useHandbook();
  const queries = useQueryClient();
  const dismissed = useQuery(sessionQuery).data?.caster?.dismissed_cautions ?? [];
  const dismiss = useMutation({
    mutationFn: (code: string) => answered(api.PATCH('/api/me/preferences', { body: { dismissed_cautions: [...dismissed, code] } })),
    onSuccess: (session) => queries.setQueryData(['session'], session),
  });
  const called = given ?? handbook.cautions.filter((rule) => facts?.[rule.fact] != null && rule.choices.includes(facts[rule.fact] ?? ''));
  const open = called.filter((caution) => !dismissed.includes(caution.code) && dismiss.variables !== caution.code);
  if (open.length === 0) return null;
  return (
    <div className="mt-4 grid gap-3">
      {open.map((caution) => (
        <div key={caution.code} className="caution" role="note">
          <p className="flex-1">
            <strong>Caution.</strong> {caution.text}
          </p>
          <button type="button" className="press press-quiet flex-none" onClick={() => dismiss.mutate(caution.code)}>
            Known <span className="sr-only">, put it away: {caution.text}</span>
          </button>
        </div>
      ))}
    </div>
  );
}
