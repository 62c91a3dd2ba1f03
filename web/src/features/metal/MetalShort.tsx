import { useQuery } from '@tanstack/react-query';
import { Wanting } from '../../shared/ui/Wanting';
import { shelfQuery } from './queries';

/** Planned pours that the shelf is short for; nothing where there is enough of everything. */
export function MetalShort() {
  const needs = useQuery(shelfQuery).data?.needs ?? [];
  return (
    <Wanting
      title="Metal"
      label="Metal that is short"
      lines={needs.map((need) => ({ ...need, id: need.attempt_id, to: `/attempts/${need.attempt_id}/charge` }))}
    />
  );
}
