import { useState } from 'react';
import { v7 as freshId } from 'uuid';
import { THINGS, type Column, type Recipe } from '../../shared/api';
import { useDraft, useDraftPart, type Plain, type Stands } from '../../shared/record';
import { DraftState } from '../../shared/ui/DraftState';
import { SmallEntry } from '../../shared/ui/SmallEntry';
import { isKept, useSaving } from '../../shared/ui/useSaving';
import { readParts } from './model';

const COLUMNS: readonly Column[] = THINGS.find((one) => one.kind === 'recipes')?.columns ?? [];

/** A recipe of one's own: what it is made after, and what of it is other. Each time it is saved it is a new version. */
export function RecipeForm({ recipe, fresh, onDone }: { recipe: Recipe; fresh: boolean; onDone: (id: string | null) => void }) {
  const record = fresh ? `new recipe after ${recipe.code}` : `recipe ${recipe.code}`;
  const begun = useDraftPart(record, 'recipe')?.id;
  const [own] = useState(() => freshId());
  const id = fresh ? (begun ?? own) : recipe.code;
  const parts = { recipe: { part: 'workshop_row' as const, id, ...(fresh ? { create: { kind: 'recipes' } } : {}) } };
  const seen: Record<string, Stands> = fresh ? {} : { 'recipe/name': { raw: recipe.label, shown: recipe.label } };
  if (!fresh)
    for (const [column, told] of Object.entries(recipe.columns))
      seen[`recipe/${column}`] = {
        raw: told.raw as Plain,
        shown: column === 'like' || column === 'bought_on' ? String(told.raw) : told.shown,
      };
  const draft = useDraft(record, { label: recipe.label, path: `/workshop/mixes?recipe=${recipe.code}`, parts }, seen);
  const { busy, outcome, run } = useSaving();
  const asked = COLUMNS.filter((one) => one.key !== 'like' && (recipe.by === 'area' || one.key !== 'thickness'));
  const text = (key: string) => draft.at(`recipe/${key}`)?.shown ?? '';
  const first = (key: string) =>
    draft.problem(`recipe/${key}`) ?? recipe.parts.map((part) => draft.problem(`recipe/${key}/${part.name}`)).find(Boolean);
  const save = async () => {
    // What it is made after is said once, with the first version.
    if (fresh) draft.set('recipe/like', recipe.own ? String(recipe.columns['like']?.raw ?? '') : recipe.code);
    if (fresh && !draft.at('recipe/name')) draft.set('recipe/name', `${recipe.label}, my way`);
    const done = await run(draft.save);
    if (isKept(done)) onDone(fresh ? id : null);
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="text-soft">After {recipe.label}. What stays blank is as it is there.</p>
      <div className="mt-3 grid grid-cols-2 gap-4">
        <SmallEntry
          label="What you call it"
          width="col-span-2"
          value={text('name')}
          example={`${recipe.label}, my way`}
          onChange={(name) => draft.set('recipe/name', name || null, name)}
          error={draft.problem('recipe/name')}
        />
        {asked.map((column) => (
          <SmallEntry
            key={column.key}
            label={column.label}
            width={column.type === 'parts' || column.type === 'text' ? 'col-span-2' : ''}
            value={text(column.key)}
            example={column.type === 'parts' ? recipe.parts.map((part) => `${part.name} ${part.parts}`).join('; ') : column.example}
            onChange={(typed) =>
              draft.set(`recipe/${column.key}`, typed === '' ? null : column.type === 'parts' ? readParts(typed) : typed, typed)
            }
            error={first(column.key)}
          />
        ))}
      </div>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <button type="submit" className="press press-molten min-h-14 px-6 text-lg" disabled={busy || draft.touched.length === 0}>
          {busy ? 'Saving' : 'Keep the recipe'}
        </button>
        <DraftState draft={draft} outcome={outcome} what="The recipe" onDrop={() => void draft.drop()} />
      </div>
    </form>
  );
}
