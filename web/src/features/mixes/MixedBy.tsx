import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Attempt } from '../../shared/api';
import type { DraftInHand } from '../../shared/record';
import { PickOne } from '../../shared/ui/Pegs';
import { outcomeWords } from './model';
import { recipesQuery } from './queries';

/** The mix of an attempt that is looked at, and how moulds by it came out. */
export function MixedBy({ attempt }: { attempt: Attempt }) {
  const recipe = (useQuery(recipesQuery).data?.recipes ?? []).find((one) => one.code === attempt.recipe);
  if (!recipe) return null;
  return (
    <section className="mt-8" aria-label="Mix">
      <h2 className="double-ruled">Mix</h2>
      <p className="mt-2">
        <Link to={`/workshop/mixes?recipe=${recipe.code}`}>{recipe.label}</Link>:{' '}
        {recipe.parts.map((part) => `${part.name} ${part.parts}`).join(', ')} by mass.
      </p>
      {outcomeWords(recipe).map((words) => (
        <p key={words}>{words}</p>
      ))}
    </section>
  );
}

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
