import { ItemRow } from '@/source/ItemRow';
import type { ItemRowView } from '@/types/source';
import type { Rows } from '@/ui/useRowKeys';

export interface ItemListProps {
  items: ItemRowView[];
  /** For work without a mouse. */
  rows: Rows;
  busy: boolean;
  /** Whether a trial price is typed, so that each item says what it would keep. */
  trial: boolean;
  chosen: (id: number) => boolean;
  onChoose: (row: number, range: boolean) => void;
  onTake: (row: number) => void;
  onLook: (row: number) => void;
}

/** Found items as a ruled list. */
export function ItemLedger({ items, rows, busy, trial, chosen, onChoose, onTake, onLook }: ItemListProps) {
  return (
    <table className="w-full">
      <thead>
        <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
          <th scope="col" className="pl-5! @max-lg:pl-4!">
            <span className="sr-only">Choose</span>
          </th>
          <th scope="col" colSpan={2}>
            Item
          </th>
          <th scope="col" className="text-right whitespace-nowrap @max-3xl:hidden">
            Goods + delivery
          </th>
          <th scope="col" className="text-right">
            Landed
          </th>
          {trial && (
            <th scope="col" className="text-right">
              You keep
            </th>
          )}
          <th scope="col" className="@max-3xl:hidden">
            Arrives in
          </th>
          <th scope="col" className="text-right @max-3xl:hidden">
            Stock
          </th>
          <th scope="col" className="pr-5! @max-lg:pr-4!">
            <span className="sr-only">Take</span>
          </th>
        </tr>
      </thead>
      <tbody {...rows.list}>
        {items.map((item, row) => (
          <ItemRow
            key={item.id}
            item={item}
            row={row}
            tab={rows.tab(row)}
            trial={trial}
            chosen={chosen(item.id)}
            busy={busy}
            onChoose={(range) => onChoose(row, range)}
            onTake={() => onTake(row)}
            onLook={() => onLook(row)}
          />
        ))}
      </tbody>
    </table>
  );
}
