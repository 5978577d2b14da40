import { Kept } from '@/ui/Asked';
import { clsx } from 'clsx';
import type { Edits } from '@/bench/listing/edits';
import { useTyped } from '@/lib/useTyped';
import { VariantSwitches } from '@/bench/listing/VariantSwitches';
import type { VariantRowView } from '@/types/bench';

interface Props {
  rows: VariantRowView[];
  at: number;
  onAt: (n: number) => void;
  onSources: (row: VariantRowView) => void;
  edits: Edits;
}

/** Files of one's own have as many pieces as anybody wants; some are being paid. */
const ENDLESS = 500_000;

/** Every variant: on or off, what it costs landed, what is asked, what is kept. */
export function VariantGrid({ rows, at, onAt, onSources, edits }: Props) {
  const on = rows.filter((r) => r.on).length;
  return (
    <>
      <VariantSwitches rows={rows} onSwitch={(ids, to) => void edits.variants(ids, { on: to })} />
      <table className="w-full text-[13.5px]">
        <thead>
          <tr className="text-[12px] text-mute [&>th]:pb-1 [&>th]:font-normal">
            <th scope="col" className="w-7 text-left">
              <input
                type="checkbox"
                aria-label={on === rows.length ? 'Switch all off' : 'Switch all on'}
                checked={on === rows.length}
                onChange={() =>
                  void edits.variants(
                    rows.map((r) => r.id),
                    { on: on !== rows.length },
                  )
                }
                className="size-4 accent-[#a8431f]"
              />
            </th>
            <th scope="col" className="text-left">
              {on} of {rows.length} on
            </th>
            <th scope="col" className="text-right">
              Landed
            </th>
            <th scope="col" className="text-right">
              Price
            </th>
            <th scope="col" className="text-right">
              You keep
            </th>
            <th scope="col" className="text-right">
              Margin
            </th>
            <th scope="col" className="text-right">
              Stock
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, n) => (
            <Row
              key={row.id}
              row={row}
              chosen={n === at}
              onChoose={() => {
                onAt(n);
              }}
              onSources={() => onSources(row)}
              edits={edits}
            />
          ))}
        </tbody>
      </table>
    </>
  );
}

function Row({
  row,
  chosen,
  onChoose,
  onSources,
  edits,
}: {
  row: VariantRowView;
  chosen: boolean;
  onChoose: () => void;
  onSources: () => void;
  edits: Edits;
}) {
  return (
    <tr
      onClick={onChoose}
      className={clsx('h-9 cursor-pointer border-t border-shade', chosen && 'bg-ochre-soft', !row.on && 'text-mute')}
      data-variant={row.label}
      aria-selected={chosen}
    >
      <td>
        <input
          type="checkbox"
          aria-label={`${row.label} on`}
          checked={row.on}
          onChange={(e) => void edits.variants([row.id], { on: e.target.checked })}
          className="size-4 accent-[#a8431f]"
        />
      </td>
      <td className="max-w-0 w-[38%] truncate" title={row.label}>
        {row.label}
        <button
          type="button"
          onClick={onSources}
          title="Where it comes from"
          className={clsx('ml-1.5 text-[12px] hover:underline', row.standIn ? 'font-semibold text-ochre' : 'text-mute')}
        >
          <span className="sr-only">Where {row.label} comes from: </span>
          {row.standIn && 'stand-in, '}
          {row.warehouse ? `${row.warehouse}, ${row.days ?? ''}` : 'sources'}
          {row.sources > 1 && ` +${String(row.sources - 1)}`}
        </button>
      </td>
      <td className="text-right text-sup">{row.landed?.digits ?? '–'}</td>
      <td className="text-right">
        <PriceCell row={row} onFocus={onChoose} edits={edits} />
      </td>
      <td className="text-right">
        <Kept keep={row.keep} quiet digits />
      </td>
      <td className={clsx('text-right', row.loses && 'font-semibold text-loss')}>{row.margin}</td>
      <td className="text-right text-sup">
        {row.stock === 0 ? 'sold out' : row.stock >= ENDLESS ? 'no end' : row.stock}
      </td>
    </tr>
  );
}

function PriceCell({ row, onFocus, edits }: { row: VariantRowView; onFocus: () => void; edits: Edits }) {
  const digits = row.price?.digits ?? '';
  const say = async (typed: string): Promise<boolean> => {
    const ok = await edits.variants([row.id], { price: typed === '' ? null : typed });
    if (!ok) edits.onStopTyping();
    return ok;
  };
  const price = useTyped(digits, say, { refused: 'let go', trimmed: true });
  return (
    <span className="inline-flex items-baseline gap-1">
      {row.byHand && (
        <button
          type="button"
          onClick={() => void edits.variants([row.id], { price: null })}
          className="text-[11.5px] text-you underline decoration-you/40"
          title={row.recipePrice ? `The recipe would make it ${row.recipePrice.text}` : undefined}
          aria-label={`by hand; let the recipe price ${row.label}`}
        >
          by hand
        </button>
      )}
      <input
        aria-label={`Price of ${row.label}`}
        data-price={row.label}
        {...price.field}
        inputMode="decimal"
        disabled={row.landed === null && !row.byHand}
        onFocus={(e) => {
          onFocus();
          e.target.select();
        }}
        onChange={(e) => {
          price.type(e.target.value);
          if (e.target.value.trim() !== '') edits.onTryPrice(row.id, e.target.value);
        }}
        onBlur={() => {
          if (price.value.trim() === digits) edits.onStopTyping();
          price.leave();
        }}
        onKeyDown={(e) => {
          price.field.onKeyDown(e);
          if (e.key === 'Escape') edits.onStopTyping();
        }}
        className={clsx(
          'w-16 border-b border-transparent bg-transparent text-right font-semibold',
          row.loses ? 'text-loss' : 'text-you',
          ' hover:border-line focus:border-you',
        )}
      />
    </span>
  );
}
