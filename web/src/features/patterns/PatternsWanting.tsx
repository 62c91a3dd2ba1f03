import { useQuery } from '@tanstack/react-query';
import { Wanting } from '../../shared/ui/Wanting';
import { patternsQuery } from './queries';

/** Planned pours that have nothing to be moulded of. */
export function PatternsWanting() {
  const short = useQuery(patternsQuery).data?.short ?? [];
  return (
    <Wanting
      title="Patterns"
      label="Patterns that are short"
      lines={short.map((one) => ({ ...one, id: one.attempt_id, to: `/workshop/patterns/${one.pattern_id}`, standing: 'bad' as const }))}
    />
  );
}
