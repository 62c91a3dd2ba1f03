import { useQuery } from '@tanstack/react-query';
import { Wanting } from '../../shared/ui/Wanting';
import { heapsQuery } from './queries';

/** Heaps that want something before they are moulded of; nothing where all of them are well or unknown. */
export function SandToMend() {
  const heaps = useQuery(heapsQuery).data?.heaps ?? [];
  return (
    <Wanting
      title="Sand"
      label="Sand that wants something"
      lines={heaps.map(({ id, name, sentence, standing }) => ({ id, name, sentence, standing, to: `/workshop/heaps/${id}` }))}
    />
  );
}
