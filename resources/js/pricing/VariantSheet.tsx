import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { TONES } from '@/bench/listing/TillStrip';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { KeepCurve } from '@/pricing/KeepCurve';
import { RecipeSentence } from '@/stall/RecipeSentence';
import type { SaleView } from '@/types/bench';
import type { CurvePointView, VariantSheetView } from '@/types/pricing';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { Sheet } from '@/ui/Sheet';

interface Props {
  variant: number | null;
  onClose: () => void;
  onSet: (body: Record<string, unknown>) => Promise<boolean>;
}

/**
 * One variant from the side of its price: where the money goes, what is kept at any price, and why it costs what it
 * does.
 */
export function VariantSheet({ variant, onClose, onSet }: Props) {
  const handle = useHandle();
  const [sheet, setSheet] = useState<VariantSheetView | null>(null);
  const [pieces, setPieces] = useState(1);
  const [tried, setTried] = useState<CurvePointView | null>(null);
  const [version, setVersion] = useState(0);
  useEffect(() => {
    if (variant === null) return;
    setTried(null);
    send<VariantSheetView>('GET', route('pricing.variant', [handle, variant]))
      .then(setSheet)
      .catch(sayTrouble);
  }, [variant, handle, version]);
  useEffect(() => {
    setPieces(1);
    setSheet(null);
  }, [variant]);
  const set = (body: Record<string, unknown>) => void onSet(body).then((ok) => ok && setVersion((v) => v + 1));
  const sale = sheet?.sales[pieces - 1];

  return (
    <Sheet
      wide
      open={variant !== null}
      onClose={onClose}
      title={sheet ? (sheet.label === '' ? sheet.title : `${sheet.title}, ${sheet.label}`) : 'Looking…'}
      foot={
        sheet && (
          <>
            {tried && tried.price !== sheet.price?.minor ? (
              <Button kind="do" onClick={() => set({ do: 'price', value: tried.digits })}>
                Ask {tried.priceText}
              </Button>
            ) : (
              sheet.byHand && (
                <Button onClick={() => set({ do: 'recipe' })}>
                  Back to the recipe{sheet.recipePrice ? ` (${sheet.recipePrice.text})` : ''}
                </Button>
              )
            )}
            {sheet.underFloor && (
              <Button onClick={() => set({ do: 'knowingly', value: sheet.knowingly ? 'no' : 'yes' })}>
                {sheet.knowingly ? 'Hold it to the floor again' : 'Sell it under the floor'}
              </Button>
            )}
            <Link
              href={route('bench.listing', [handle, sheet.listing])}
              className="ml-auto text-mute underline decoration-line underline-offset-4 hover:text-ink"
            >
              The whole listing
            </Link>
          </>
        )
      }
    >
      {sheet?.trouble && <p className="text-you">{sheet.trouble}</p>}
      {sheet && sale && (
        <>
          <div className="flex items-center gap-4">
            <h3 className="name text-[16px]">Where the money goes</h3>
            <Pills
              label="Pieces"
              value={String(pieces)}
              choices={sheet.sales.map((_, n) => ({
                value: String(n + 1),
                label: n === 0 ? 'one piece' : String(n + 1),
              }))}
              onChoose={(v) => setPieces(Number(v))}
            />
          </div>
          <SaleBar sale={sale} />
          {pieces === 1 && sheet.points.length > 0 && sheet.price && (
            <>
              <h3 className="name mt-6 text-[16px]">What you keep at each price</h3>
              <p className="mt-0.5 mb-1 text-[13px] text-mute">
                Drag the dot, or move it with the arrow keys; nothing changes until you ask it.
              </p>
              <KeepCurve
                points={sheet.points}
                marks={sheet.marks}
                at={tried?.price ?? sheet.price.minor}
                onDrag={setTried}
                onDrop={setTried}
              />
              <ul className="mt-1 space-y-0.5 text-[13.5px]" data-story>
                {sheet.story.map((s) => (
                  <li key={s}>{s}</li>
                ))}
                {sheet.breakEvenAdvertising && <li>{sheet.breakEvenAdvertising}</li>}
              </ul>
            </>
          )}
          <h3 className="name mt-6 text-[16px]">Why it costs that</h3>
          <p className="mt-1 text-[13.5px] text-mute">
            {sheet.ownRecipe
              ? 'A recipe of its own'
              : sheet.recipeName
                ? `“${sheet.recipeName}”`
                : 'Its listing’s recipe'}
            {!sheet.ownRecipe && `: ${sheet.recipe.words}`}
            {sheet.byHand && '; the price was set by hand all the same'}.{' '}
            <button
              type="button"
              className="underline decoration-line underline-offset-4 hover:text-ink"
              onClick={() => set({ do: 'own', recipe: sheet.ownRecipe ? null : sheet.recipe })}
            >
              {sheet.ownRecipe ? 'take the stall’s again' : 'give this variant its own'}
            </button>
          </p>
          {sheet.ownRecipe && (
            <div className="my-1.5">
              <RecipeSentence
                name="of this variant"
                recipe={sheet.recipe}
                onSay={(recipe) => onSet({ do: 'own', recipe }).then((ok) => (ok && setVersion((v) => v + 1), ok))}
              />
            </div>
          )}
          <ol className="mt-1 list-decimal space-y-0.5 pl-5 text-[13.5px]" data-reasons>
            {sheet.reasons.map((r) => (
              <li key={r}>{r}</li>
            ))}
          </ol>
        </>
      )}
    </Sheet>
  );
}

/** A sale as a bar cut into its parts, and the same as a list. */
function SaleBar({ sale }: { sale: SaleView }) {
  return (
    <div className="mt-3">
      <div className="flex h-7 overflow-hidden rounded-[4px] text-[12px] font-semibold" aria-hidden>
        {sale.segments.map((part) => (
          <span
            key={part.key}
            className={clsx('flex items-center overflow-hidden pl-1.5 whitespace-nowrap', TONES[part.key])}
            style={{ width: `${String(part.share / 100)}%` }}
          >
            {part.share > 900 && part.label}
          </span>
        ))}
      </div>
      <dl className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-6 text-[13.5px]">
        <Line name="price" value={sale.price.text} strong />
        {sale.charged && <Line name="delivery charged" value={sale.charged.text} />}
        {sale.segments
          .filter((p) => p.key !== 'keep')
          .map((p) => (
            <Line key={p.key} name={p.label} value={`−${p.money.text}`} />
          ))}
        <Line name={sale.loses ? 'you lose' : 'you keep'} value={sale.keep.text} strong />
        <Line name="margin" value={sale.margin} />
      </dl>
      {sale.loses && <p className="mt-1 font-medium text-loss">{sale.note}</p>}
    </div>
  );
}

function Line({ name, value, strong = false }: { name: string; value: string; strong?: boolean }) {
  return (
    <div className="flex items-baseline justify-between border-b border-line py-1">
      <dt className="text-mute">{name}</dt>
      <dd className={clsx(strong && 'font-semibold')}>{value}</dd>
    </div>
  );
}
