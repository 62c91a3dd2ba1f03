import { useQuery } from '@tanstack/react-query';
import type { Pattern } from '../../shared/api';
import { ThingForm } from '../things/index';
import { patternsQuery } from './queries';

/** What is kept of a pattern or a mould; what it was taken from is picked from the others. */
export function PatternForm({ pattern, onDone }: { pattern: Pattern | null; onDone: (gone: boolean) => void }) {
  const others = (useQuery(patternsQuery).data?.patterns ?? []).filter((one) => one.id !== pattern?.line.id);
  return (
    <ThingForm
      kind="patterns"
      thing={pattern && { id: pattern.line.id, columns: pattern.columns }}
      path={pattern ? `/workshop/patterns/${pattern.line.id}` : '/workshop#patterns'}
      named="Pattern"
      among={{ after: others.map((one) => ({ code: one.id, label: one.name, hint: one.form_label })) }}
      asks={(column) => !['after', 'contraction'].includes(column) || others.length > 0}
      onDone={onDone}
    />
  );
}
