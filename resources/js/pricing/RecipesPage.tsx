import { verticalListSortingStrategy } from '@dnd-kit/sortable';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import { PricingHead } from '@/pricing/PricingHead';
import { RecipeRow } from '@/pricing/recipes/RecipeRow';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { RecipeChoicesView, RecipeRowView, RecipesAnswerView } from '@/types/pricing';
import { Button } from '@/ui/Button';
import { Dragged } from '@/ui/Dragged';

const SAYS =
  'The first recipe whose conditions hold makes a variant’s price. Change a sentence where it stands, ' +
  'drag one above another, and every price follows.';

/** The stall's recipes: the first whose conditions hold makes the price. */
export default function RecipesPage({
  recipes: given,
  choices,
}: {
  recipes: RecipeRowView[];
  choices: RecipeChoicesView;
}) {
  const handle = useHandle();
  const [recipes, setRecipes] = useGiven(given);
  const undo = usePricingUndo();
  const ask = (method: 'POST' | 'PATCH' | 'DELETE', url: string, body?: unknown): Promise<boolean> =>
    send<RecipesAnswerView>(method, url, body)
      .then((answer) => {
        setRecipes(answer.recipes);
        undo(answer.change, answer.words, answer.run);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const moved = (order: number[]) => {
    setRecipes([...order.flatMap((id) => recipes.filter((r) => r.id === id)), ...recipes.filter((r) => r.last)]);
    void ask('POST', route('pricing.recipes.order', handle), { recipes: order });
  };
  const row = (recipe: RecipeRowView, n: number) => (
    <RecipeRow
      key={recipe.id}
      recipe={recipe}
      place={n + 1}
      choices={choices}
      onSay={(body) => ask('PATCH', route('pricing.recipes.update', [handle, recipe.id]), body)}
      onDelete={() => void ask('DELETE', route('pricing.recipes.destroy', [handle, recipe.id]))}
    />
  );

  return (
    <div className="pb-16">
      <PricingHead at="recipes" says={SAYS}>
        <Button kind="do" onClick={() => void ask('POST', route('pricing.recipes.store', handle))}>
          Add a recipe
        </Button>
      </PricingHead>
      <Dragged
        ids={recipes.filter((r) => !r.last).map((r) => r.id)}
        strategy={verticalListSortingStrategy}
        onOrder={moved}
      >
        <ol className="mx-6 border-t border-line">{recipes.map(row)}</ol>
      </Dragged>
    </div>
  );
}
