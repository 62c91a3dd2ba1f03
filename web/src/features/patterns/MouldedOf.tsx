import { useQuery } from '@tanstack/react-query';
import type { Attempt, PatternLine } from '../../shared/api';
import type { DraftInHand } from '../../shared/record';
import { OfTheShelf, OfTheShelfDraft, useNamed } from '../things/index';
import { usesWords } from './model';
import { patternsQuery } from './queries';

const LABEL = 'Moulded from, or poured into';

/** Patterns and moulds for this process, and the one that is named whatever it is for. */
function usePatterns(process: string | null, chosen: string | null): PatternLine[] {
  const patterns = useQuery(patternsQuery).data?.patterns ?? [];
  return patterns.filter((one) => one.id === chosen || ((process === null || one.serves.includes(process)) && !one.is_out));
}

const choicesOf = (patterns: PatternLine[]) => patterns.map((one) => ({ code: one.id, label: one.name, hint: usesWords(one) }));

/** Which pattern a mould is made of, or which mould is poured again. */
export function MouldedOf({ attempt }: { attempt: Attempt }) {
  const named = useNamed(attempt, 'pattern', attempt.pattern);
  const patterns = usePatterns(attempt.process, named.chosen);
  if (patterns.length === 0) return null;
  return (
    <OfTheShelf
      attempt={attempt}
      field="pattern"
      title="Pattern or mould"
      label={LABEL}
      choices={choicesOf(patterns)}
      stands={attempt.pattern}
      {...named}
      to="/workshop/patterns"
    />
  );
}

/** The same while a pour is logged. */
export function MouldedOfDraft({ draft, process }: { draft: DraftInHand; process: string | null }) {
  const chosen = draft.at('attempt/pattern')?.raw;
  const patterns = usePatterns(process, typeof chosen === 'string' ? chosen : null);
  if (patterns.length === 0 || process === null) return null;
  return <OfTheShelfDraft draft={draft} field="pattern" label={LABEL} choices={choicesOf(patterns)} />;
}
