import { clsx } from 'clsx';
import { useState } from 'react';
import { send } from '@/lib/http';
import { useSubject } from '@/lib/subject';
import { sayTrouble } from '@/lib/trouble';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import { DoneLately } from '@/pricing/DoneLately';
import { PricingHead } from '@/pricing/PricingHead';
import { TrialCosts } from '@/pricing/trial/TrialCosts';
import { TrialOutcome } from '@/pricing/trial/TrialOutcome';
import { TrialRecipes } from '@/pricing/trial/TrialRecipes';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { PricingDoneView, TrialDoneView, TrialView } from '@/types/pricing';
import type { RecipeFormView } from '@/types/stall';
import { Button } from '@/ui/Button';

/** What if: other recipes, fees, rates or costs tried on everything before they are meant. */
export default function TrialPage({ trial: given, done: given_ }: { trial: TrialView; done: PricingDoneView[] }) {
  const handle = useHandle();
  const [busy, setBusy] = useState(false);
  const [trial, setTrial] = useSubject({
    at: given.id === null ? null : route('pricing.trial.view', [handle, given.id]),
    given,
    moving: ({ id, figures }) => !busy && id !== null && (figures === null || figures.markets === null),
    every: 800,
  });
  const [done, setDone] = useGiven(given_);
  const undo = usePricingUndo();
  const figures = trial.figures;

  const attempt = (next: TrialView, recipe?: { id: number; recipe: RecipeFormView }): Promise<boolean> => {
    setBusy(true);
    const recipes = Object.fromEntries(
      next.recipes
        .filter((r) => r.changed || r.id === recipe?.id)
        .map((r) => [r.id, r.id === recipe?.id ? recipe.recipe : r.recipe]),
    );
    return send<TrialView>('POST', route('pricing.trial.store', handle), {
      fields: next.fields,
      rates: next.rates,
      suppliers: Object.fromEntries(next.suppliers.map((s) => [s.id, s.dearer])),
      recipes,
    })
      .then((said) => {
        setTrial(said);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      })
      .finally(() => setBusy(false));
  };
  const apply = () => {
    if (trial.id === null) return;
    send<TrialDoneView>('POST', route('pricing.trial.apply', [handle, trial.id]))
      .then((said) => {
        setTrial(said.trial);
        setDone(said.done);
        undo(said.change, said.words, said.run);
      })
      .catch(sayTrouble);
  };
  const throwAway = () => {
    if (trial.id === null) return;
    send<TrialView>('DELETE', route('pricing.trial.destroy', [handle, trial.id]))
      .then(setTrial)
      .catch(sayTrouble);
  };
  const figure = (changed: boolean) => clsx('w-16 py-0.5 text-right font-semibold', changed && 'text-you');

  return (
    <div className="pb-16">
      <PricingHead
        at="trial"
        says="What if? Change anything here: it is tried on every variant, and nothing changes until you apply it."
      >
        {trial.id !== null && (
          <>
            {!trial.canApply && figures !== null && (
              <span className="text-[13px] text-mute">suppliers’ costs are theirs to change</span>
            )}
            <Button kind="quiet" onClick={throwAway}>
              Throw it away
            </Button>
            <Button
              kind="do"
              disabled={!trial.canApply || figures === null}
              title={trial.canApply ? undefined : 'What suppliers ask is theirs to change'}
              onClick={apply}
            >
              Apply it to everything
            </Button>
          </>
        )}
      </PricingHead>
      <div className="grid gap-10 px-6 max-md:px-5 lg:grid-cols-[400px_1fr]">
        <div data-trial-form>
          <h2 className="name mb-1 text-[17px]">Costs</h2>
          <TrialCosts trial={trial} attempt={attempt} figure={figure} />
          <h2 className="name mt-6 mb-1 text-[17px]">Recipes</h2>
          <TrialRecipes trial={trial} attempt={attempt} />
        </div>
        <div>
          <TrialOutcome figures={figures} handle={handle} trial={trial} busy={busy} />
          <DoneLately done={done} />
        </div>
      </div>
    </div>
  );
}
