import { MinusCircleIcon } from '@phosphor-icons/react';
import { useWhole } from '@/lib/useWhole';
import { CellField } from '@/ui/CellField';
import type { RecipeFormView, StepFormView } from '@/types/stall';

const METHODS = [
  { value: 'factor', name: '×' },
  { value: 'add', name: '+' },
  { value: 'margin', name: 'for a margin of' },
  { value: 'keep', name: 'to keep' },
];

interface Props {
  recipe: RecipeFormView;
  onSay: (recipe: RecipeFormView) => Promise<boolean>;
  name: string;
}

/** A recipe as a sentence whose words and figures are changed where they stand. */
export function RecipeSentence({ recipe, onSay, name }: Props) {
  const change = useWhole(recipe, onSay);
  const say = (other: Partial<RecipeFormView>) => change((now) => ({ ...now, ...other }));
  const step = (n: number, other: Partial<StepFormView>) =>
    change((now) => ({ ...now, steps: now.steps.map((s, i) => (i === n ? { ...s, ...other } : s)) }));
  const word = 'field-sizing-content border-b border-rule/40 bg-transparent font-medium text-ink focus:border-you';
  const figure = 'text-center font-semibold text-ink';
  const several = recipe.steps.length > 1;
  const addStep = () => {
    const last = recipe.steps.at(-1) ?? { upTo: '', method: 'factor', value: '2.4' };
    void say({ steps: [...recipe.steps.slice(0, -1), { ...last, upTo: recipe.nextStep }, last] });
  };
  return (
    <div
      className="flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-mute"
      role="group"
      aria-label={`Recipe ${name}`}
      data-recipe-sentence
    >
      <select
        aria-label="From"
        value={recipe.basis}
        onChange={(e) => void say({ basis: e.target.value })}
        className={word}
      >
        <option value="landed">Landed cost</option>
        <option value="goods">The goods’ cost</option>
      </select>
      {recipe.steps.map((s, n) => (
        <span key={n} className="inline-flex items-baseline gap-1.5">
          {several &&
            (n < recipe.steps.length - 1 ? (
              <>
                up to
                <CellField
                  label={`Up to, step ${String(n + 1)}`}
                  value={s.upTo}
                  onSay={(upTo) => step(n, { upTo })}
                  className={`${figure} w-14`}
                />
              </>
            ) : (
              'above'
            ))}
          <select
            aria-label={several ? `How, step ${String(n + 1)}` : 'How'}
            value={s.method}
            onChange={(e) => void step(n, { method: e.target.value, value: recipe.begins[e.target.value] ?? '' })}
            className={word}
          >
            {METHODS.map((m) => (
              <option key={m.value} value={m.value}>
                {m.name}
              </option>
            ))}
          </select>
          <CellField
            label={several ? `Figure, step ${String(n + 1)}` : 'Factor'}
            value={s.value}
            onSay={(value) => step(n, { value })}
            className={`${figure} w-12`}
          />
          {s.method === 'margin' && '%'}
          {several && (
            <button
              type="button"
              aria-label={`Take step ${String(n + 1)} out`}
              className="self-center hover:text-ink"
              onClick={() => {
                const left = recipe.steps.filter((_, i) => i !== n);
                void say({ steps: left.map((l, i) => (i === left.length - 1 ? { ...l, upTo: '' } : l)) });
              }}
            >
              <MinusCircleIcon size={14} />
            </button>
          )}
          {n < recipe.steps.length - 1 && ';'}
        </span>
      ))}
      ,
      <select
        aria-label="Which way it is rounded"
        value={recipe.toward}
        onChange={(e) => void say({ toward: e.target.value })}
        className={word}
      >
        <option value="up">rounded up</option>
        <option value="nearest">rounded to the nearest</option>
      </select>
      to end in
      <CellField
        label="Ending"
        value={recipe.ending}
        placeholder="as it comes"
        onSay={(ending) => say({ ending })}
        className={`${figure} w-14`}
      />
      <span className="inline-flex items-baseline gap-1.5">
        every
        <CellField
          label="Every"
          value={recipe.every}
          placeholder="1"
          onSay={(every) => say({ every })}
          className={`${figure} w-10`}
        />
      </span>
      , floor
      <select
        aria-label="Floor"
        value={recipe.floorKind}
        onChange={(e) => void say({ floorKind: e.target.value, floor: recipe.begins[`floor_${e.target.value}`] ?? '' })}
        className={word}
      >
        <option value="margin">a margin of</option>
        <option value="keep">keeping</option>
        <option value="none">none</option>
      </select>
      {recipe.floorKind !== 'none' && (
        <>
          <CellField
            label="Floor figure"
            value={recipe.floor}
            onSay={(floor) => say({ floor })}
            className={`${figure} w-12`}
          />
          {recipe.floorKind === 'margin' && '%'}
        </>
      )}
      , not above
      <select
        aria-label="Cap"
        value={recipe.cap === 'none' || recipe.cap === 'rrp' ? recipe.cap : 'at'}
        onChange={(e) => void say({ cap: e.target.value === 'at' ? (recipe.begins.cap ?? '') : e.target.value })}
        className={word}
      >
        <option value="none">anything</option>
        <option value="rrp">the RRP</option>
        <option value="at">an amount</option>
      </select>
      {recipe.cap !== 'none' && recipe.cap !== 'rrp' && (
        <CellField label="Cap amount" value={recipe.cap} onSay={(cap) => say({ cap })} className={`${figure} w-16`} />
      )}
      .
      <button
        type="button"
        onClick={addStep}
        className="text-[12.5px] underline decoration-line underline-offset-4 hover:text-ink"
      >
        {several ? 'another step' : 'in steps by cost'}
      </button>
    </div>
  );
}
