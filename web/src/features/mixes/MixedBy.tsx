import { useQuery } from '@tanstack/react-query';
import type { DraftInHand } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { recipesQuery } from './queries';

/** Which mix a mould, its core or its coat was made by: one press, in the draft. Nothing where no recipe is for this process. */
export function MixedByDraft({ draft, process }: { draft: DraftInHand; process: string | null }) {
  const recipes = (useQuery(recipesQuery).data?.recipes ?? []).filter((one) => process !== null && one.serves.includes(process));
  if (recipes.length === 0) return null;
  const chosen = draft.at('attempt/recipe')?.raw;
  return (
    <fieldset className="mb-4">
      <legend className="lettering mb-1">Mixed by the recipe</legend>
      <PickOne
        label="Mixed by the recipe"
        choices={recipes.map((one) => ({ code: one.code, label: one.label, hint: one.own ? 'Your own' : 'Of the trade' }))}
        value={typeof chosen === 'string' ? chosen : null}
        onChange={(next) => draft.set('attempt/recipe', next, recipes.find((one) => one.code === next)?.label ?? '')}
      />
    </fieldset>
  );
}
