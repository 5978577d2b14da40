import type { SheetVariantView } from '@/types/source';

const HEAD = 'text-left text-[12px] text-mute [&>th]:pb-1 [&>th]:font-normal';

interface Props {
  variants: SheetVariantView[];
  /** The one in hand. */
  inHand: string;
  onVariant: (variant: string) => void;
}

/** The kinds of an item, each with its cost, landed cost and stock; one is taken in hand. */
export function KindTable({ variants, inHand, onVariant }: Props) {
  return (
    <table className="mt-6 w-full">
      <caption className="mb-1 text-left font-semibold">
        {variants.length === 1 ? 'One kind' : `${String(variants.length)} kinds`}
      </caption>
      <thead>
        <tr className={HEAD}>
          <th scope="col">Kind</th>
          <th scope="col" className="text-right!">
            Cost there
          </th>
          <th scope="col" className="text-right!">
            Landed
          </th>
          <th scope="col" className="pl-6!">
            Stock
          </th>
        </tr>
      </thead>
      <tbody>
        {variants.map((v) => (
          <tr key={v.id} className={`border-t border-shade [&>td]:py-1.5 ${v.id === inHand ? 'bg-ochre-soft' : ''}`}>
            <td>
              <button
                type="button"
                className="text-left underline decoration-line underline-offset-4"
                onClick={() => onVariant(v.id)}
              >
                {v.label}
              </button>
              <span className="block text-[12px] text-mute">
                {v.sku}
                {v.barcode && ` · ${v.barcode}`}
              </span>
            </td>
            <td className="text-right text-sup">{v.cost.text}</td>
            <td className="text-right font-semibold">{v.landed?.text ?? '–'}</td>
            <td className="pl-6 text-sup">{v.stock}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
