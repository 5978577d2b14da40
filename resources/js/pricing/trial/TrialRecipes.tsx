import { clsx } from 'clsx';
import { RecipeSentence } from '@/stall/RecipeSentence';
import type { TrialView } from '@/types/pricing';
import type { RecipeFormView } from '@/types/stall';

interface Props {
  trial: TrialView;
  attempt: (next: TrialView, recipe?: { id: number; recipe: RecipeFormView }) => Promise<boolean>;
}

/** Recipes as they are tried. */
export function TrialRecipes({ trial, attempt }: Props) {
  return (
    <>
      {trial.recipes.map((r) => (
        <div
          key={r.id}
          className={clsx('border-t border-line py-2.5', r.changed && 'border-l-4 border-l-you pl-3')}
          data-trial-recipe={r.id}
        >
          <p className="mb-1 font-medium">
            {r.name} {r.changed && <span className="text-[13px] font-normal text-you">changed in this trial</span>}
          </p>
          <RecipeSentence name={r.name} recipe={r.recipe} onSay={(recipe) => attempt(trial, { id: r.id, recipe })} />
        </div>
      ))}
    </>
  );
}
