import { useGiven } from '@/lib/useGiven';
import { DoneLately } from '@/pricing/DoneLately';
import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { send } from '@/lib/http';
import { useSubject } from '@/lib/subject';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { CellField } from '@/ui/CellField';
import { PricingHead } from '@/pricing/PricingHead';
import { RecipeSentence } from '@/stall/RecipeSentence';
import { TrialFigures } from '@/pricing/TrialFigures';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { PricingDoneView, TrialDoneView, TrialView } from '@/types/pricing';
import type { RecipeFormView } from '@/types/stall';
import { Button } from '@/ui/Button';

const FIELDS: { key: string; name: string; percent: boolean }[] = [
  { key: 'payment_fee', name: 'Payment fee', percent: true },
  { key: 'payment_fee_fixed', name: 'each payment', percent: false },
  { key: 'platform_fee', name: 'Platform fee', percent: true },
  { key: 'returns', name: 'Returns', percent: true },
  { key: 'advertising', name: 'Advertising an order', percent: false },
  { key: 'handling', name: 'Handling a parcel', percent: false },
  { key: 'flat_delivery', name: 'Delivery charged', percent: false },
  { key: 'vat', name: 'Sales tax', percent: true },
];

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
          <table className="w-full border-t border-line">
            <tbody>
              {FIELDS.map((f) => {
                const changed = trial.fields[f.key] !== trial.fieldsNow[f.key];
                return (
                  <tr key={f.key} className="border-b border-line [&>td]:py-1.5">
                    <td>{f.name}</td>
                    <td className="whitespace-nowrap text-right">
                      {changed && <s className="mr-2 text-[13px] text-mute">{trial.fieldsNow[f.key]}</s>}
                      <CellField
                        label={f.name}
                        value={trial.fields[f.key] ?? ''}
                        onSay={(value) =>
                          attempt({ ...trial, fields: { ...trial.fields, [f.key]: value === '' ? '0' : value } })
                        }
                        className={figure(changed)}
                      />
                    </td>
                    <td className="w-10 pl-1.5 text-mute">{f.percent ? '%' : trial.currency}</td>
                  </tr>
                );
              })}
              {Object.entries(trial.rates).map(([code, rate]) => {
                const changed = rate !== trial.ratesNow[code];
                return (
                  <tr key={code} className="border-b border-line [&>td]:py-1.5">
                    <td>One {code} costs</td>
                    <td className="whitespace-nowrap text-right">
                      {changed && <s className="mr-2 text-[13px] text-mute">{trial.ratesNow[code]}</s>}
                      <CellField
                        label={`One ${code} costs`}
                        value={rate}
                        onSay={(value) => attempt({ ...trial, rates: { ...trial.rates, [code]: value } })}
                        className={clsx(figure(changed), 'w-20!')}
                      />
                    </td>
                    <td className="pl-1.5 text-mute">{trial.currency}</td>
                  </tr>
                );
              })}
              {trial.suppliers.map((s) => (
                <tr key={s.id} className="border-b border-line [&>td]:py-1.5">
                  <td>{s.name} dearer by</td>
                  <td className="text-right">
                    <CellField
                      label={`${s.name} dearer by`}
                      value={s.dearer}
                      onSay={(value) =>
                        attempt({
                          ...trial,
                          suppliers: trial.suppliers.map((o) =>
                            o.id === s.id ? { ...o, dearer: value === '' ? '0' : value } : o,
                          ),
                        })
                      }
                      className={figure(s.dearer !== '0')}
                    />
                  </td>
                  <td className="pl-1.5 text-mute">%</td>
                </tr>
              ))}
            </tbody>
          </table>
          <h2 className="name mt-6 mb-1 text-[17px]">Recipes</h2>
          {trial.recipes.map((r) => (
            <div
              key={r.id}
              className={clsx('border-t border-line py-2.5', r.changed && 'border-l-4 border-l-you pl-3')}
              data-trial-recipe={r.id}
            >
              <p className="mb-1 font-medium">
                {r.name} {r.changed && <span className="text-[13px] font-normal text-you">changed in this trial</span>}
              </p>
              <RecipeSentence
                name={r.name}
                recipe={r.recipe}
                onSay={(recipe) => attempt(trial, { id: r.id, recipe })}
              />
            </div>
          ))}
        </div>
        <div>
          {figures ? (
            <TrialFigures
              figures={figures}
              onLook={(variant) => router.get(route('pricing', { stall: handle, q: variant }))}
            />
          ) : trial.id !== null || busy ? (
            <div className="flex items-center gap-4">
              <progress
                className="h-2 w-40 text-sup"
                aria-label="Trying it on every variant"
                {...(trial.tried === 0 ? {} : { value: trial.tried, max: trial.variants })}
              />
              <span role="status" className="text-mute">
                {trial.tried === 0
                  ? 'Pricing every variant…'
                  : `${trial.tried.toLocaleString('en')} of ${trial.variants.toLocaleString('en')} variants tried`}
              </span>
            </div>
          ) : (
            <div className="max-w-[52ch]">
              <h2 className="name text-[19px]">Nothing tried yet</h2>
              <p className="mt-1 text-mute">
                Say that a supplier gets 10% dearer, or change a recipe’s factor on the left: how many prices move, the
                biggest moves, who falls under the floor and what you would have kept on last month’s sales stands here
                then.
              </p>
            </div>
          )}
          <DoneLately done={done} />
        </div>
      </div>
    </div>
  );
}
