import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Link } from '@inertiajs/react';
import { DotsSixVerticalIcon, TrashIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { count, plural } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import { ConditionsEditor } from '@/pricing/ConditionsEditor';
import { MarginSpread } from '@/pricing/MarginSpread';
import { RecipeSentence } from '@/stall/RecipeSentence';
import type { RecipeChoicesView, RecipeRowView } from '@/types/pricing';
import { CellField } from '@/ui/CellField';

export function RecipeRow({
  recipe,
  place,
  choices,
  onSay,
  onDelete,
}: {
  recipe: RecipeRowView;
  place: number;
  choices: RecipeChoicesView;
  onSay: (body: Record<string, unknown>) => Promise<boolean>;
  onDelete: () => void;
}) {
  const handle = useHandle();
  const {
    attributes: dragged,
    listeners,
    setNodeRef,
    transform,
    transition,
    isDragging,
  } = useSortable({
    id: recipe.id,
    disabled: recipe.last,
  });
  const { role, ...attributes } = dragged;
  const middle = recipe.middle === '' ? '' : `, margin in the middle ${recipe.middle}`;
  const under = `, ${recipe.under.toLocaleString('en')} under the floor`;
  const spread = count(recipe.variants, 'variant') + middle + under;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={clsx(
        'grid grid-cols-[28px_1fr_270px] gap-4 border-b border-line py-4',
        isDragging && 'relative z-10 bg-sheet shadow-lg shadow-black/10',
      )}
      data-recipe={recipe.id}
    >
      <span className="pt-0.5 text-mute">
        {recipe.last ? (
          <span className="text-[12.5px]">{place}</span>
        ) : (
          <button
            type="button"
            aria-label={`Move ${recipe.name}`}
            className="cursor-grab hover:text-ink"
            {...attributes}
            {...listeners}
          >
            <DotsSixVerticalIcon size={18} weight="bold" />
          </button>
        )}
      </span>
      <div className="min-w-0">
        <div className="mb-1.5 flex items-baseline gap-3">
          <CellField
            label="Name of the recipe"
            inputMode="text"
            value={recipe.name}
            onSay={(name) => onSay({ name })}
            className="name w-56 border-transparent text-[17px] hover:border-rule/40"
          />
          {recipe.last ? (
            <span className="text-mute">whatever no recipe before it prices</span>
          ) : (
            <ConditionsEditor
              when={recipe.when}
              conditions={recipe.conditions}
              choices={choices}
              onSay={(conditions) => onSay({ conditions })}
            />
          )}
          {!recipe.last && (
            <button
              type="button"
              aria-label={`Take ${recipe.name} away`}
              title="Take it away"
              onClick={onDelete}
              className="ml-auto text-mute hover:text-ink"
            >
              <TrashIcon size={15} />
            </button>
          )}
        </div>
        <RecipeSentence name={recipe.name} recipe={recipe.recipe} onSay={(next) => onSay({ recipe: next })} />
        {recipe.borders.map((words) => (
          <p key={words} className="mt-1 text-[13px] text-mute" data-border>
            {words}
          </p>
        ))}
      </div>
      <Link
        href={route('pricing', { stall: handle, recipe: recipe.id, ...(recipe.under > 0 ? { case: 'under' } : {}) })}
        className="group flex items-end gap-3 self-center"
        data-prices
      >
        <MarginSpread spread={recipe.spread} floor={recipe.floorBand} words={spread} />
        <span className="text-[13px]">
          <b className="font-semibold group-hover:underline">{recipe.variants.toLocaleString('en')}</b>{' '}
          {plural(recipe.variants, 'variant')}
          <br />
          {recipe.under > 0 ? (
            <span className="font-medium text-loss">{recipe.under.toLocaleString('en')} under the floor</span>
          ) : (
            <span className="text-mute">
              {recipe.variants === 0 ? 'prices nothing now' : `half keep ${recipe.middle} or more`}
            </span>
          )}
        </span>
      </Link>
    </li>
  );
}
