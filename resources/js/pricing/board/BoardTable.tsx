import { CaretDownIcon, CaretUpIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { BoardView } from '@/types/pricing';
import { TickAll } from '@/ui/TickAll';
import type { Selection } from '@/ui/useSelection';

const COLUMNS = [
  { sort: 'goods', name: 'goods', width: 'w-[74px] max-lg:hidden' },
  { sort: 'delivery', name: 'delivery', width: 'w-[74px] max-lg:hidden' },
  { sort: 'landed', name: 'landed', width: 'w-[74px] max-md:hidden' },
  { sort: 'price', name: 'price', width: 'w-[98px] max-md:w-[88px]' },
  { sort: 'was', name: 'was', width: 'w-[74px] max-lg:hidden' },
  { sort: 'keep', name: 'you keep', width: 'w-[104px] max-md:w-[84px]' },
  { sort: 'margin', name: 'margin', width: 'w-[64px] max-lg:hidden' },
  { sort: 'floor', name: 'above floor', width: 'w-[106px] max-md:hidden' },
] as const;

interface Props {
  board: BoardView;
  selection: Selection;
  onSort: (sort: string) => void;
  children: ReactNode;
}

/** The board's columns, each put in order by its head. */
export function BoardTable({ board, selection, onSort, children }: Props) {
  return (
    <table className="w-full table-fixed border-y border-line bg-sheet" data-board>
      <thead>
        <tr className="text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
          <th scope="col" className="w-11 pl-6! max-md:w-9 max-md:pl-4!">
            <TickAll selection={selection} label="Choose all on this page" />
          </th>
          <th scope="col" className="w-12 max-md:hidden">
            <span className="sr-only">Picture</span>
          </th>
          <SortHead board={board} sort="title" name="variant" className="text-left" onSort={onSort} />
          {COLUMNS.map((c) => (
            <SortHead
              key={c.sort}
              board={board}
              sort={c.sort}
              name={c.name}
              className={clsx(c.width, 'text-right')}
              onSort={onSort}
            />
          ))}
          <th scope="col" className="w-[136px] pl-5! text-left max-lg:hidden">
            priced by
          </th>
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

function SortHead({
  board,
  sort,
  name,
  className,
  onSort,
}: {
  board: BoardView;
  sort: string;
  name: string;
  className?: string;
  onSort: (sort: string) => void;
}) {
  const on = board.sort === sort;
  return (
    <th scope="col" className={className} aria-sort={on ? (board.down ? 'descending' : 'ascending') : undefined}>
      <button
        type="button"
        onClick={() => onSort(on && !board.down ? `-${sort}` : sort)}
        className={clsx('inline-flex items-center gap-0.5 hover:text-ink', on && 'font-semibold text-ink')}
      >
        {name}
        {on && (board.down ? <CaretDownIcon size={11} aria-hidden /> : <CaretUpIcon size={11} aria-hidden />)}
      </button>
    </th>
  );
}
