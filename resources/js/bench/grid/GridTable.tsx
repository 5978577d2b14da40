import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { COLUMNS, text, type Field } from '@/bench/grid/columns';
import { GridCell } from '@/bench/grid/GridCell';
import type { GridRowView } from '@/types/bench';
import { Asked, Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import { TickAll } from '@/ui/TickAll';
import type { Selection } from '@/ui/useSelection';

interface Props {
  selection: Selection;
  rows: GridRowView[];
  handle: string;
  write: (cells: { listing: number; field: Field; value: string }[]) => Promise<boolean>;
  paste: (row: number, column: number, text: string) => boolean;
  fillDown: (row: number, field: Field, value: string) => void;
}

/** Listings as cells to type in. */
export function GridTable({ selection, rows, handle, write, paste, fillDown }: Props) {
  return (
    <table className="w-full table-fixed border-y border-line bg-sheet">
      <thead>
        <tr className="text-left text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
          <th scope="col" className="w-11 pl-6!">
            <TickAll selection={selection} />
          </th>
          <th scope="col" className="w-12">
            <span className="sr-only">Picture</span>
          </th>
          {COLUMNS.map((c) => (
            <th key={c.key} scope="col" className={c.width}>
              {c.name}
            </th>
          ))}
          <th scope="col" className="w-[124px] text-right">
            Price from, keeps
          </th>
          <th scope="col" className="w-[112px] max-lg:hidden">
            Lies
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r, n) => (
          <tr
            key={r.id}
            data-grid={r.id}
            className={clsx('h-10 border-t border-line', selection.has(r.id) && 'bg-you-soft')}
          >
            <td className="pl-6">
              <Tick
                label={`Choose ${r.title}`}
                checked={selection.has(r.id)}
                onToggle={(range) => selection.toggle(r.id, range)}
              />
            </td>
            <td className="px-2">
              <Link href={route('bench.listing', [handle, r.id])} aria-label={`Open ${r.title}`}>
                <Thumb src={r.picture} size={32} />
              </Link>
            </td>
            {COLUMNS.map((c, column) => (
              <GridCell
                key={c.key}
                row={n}
                column={column}
                label={`${c.name} of ${r.title}`}
                follows={c.key === 'title' && !r.titleHeld}
                value={text(r, c.key)}
                onWrite={(value) => write([{ listing: r.id, field: c.key, value }])}
                onPaste={(block) => paste(n, column, block)}
                onFillDown={(value) => fillDown(n, c.key, value)}
              />
            ))}
            <td className="px-2 text-right">
              <Asked price={r.from} loses={false} />
              {r.keep && (
                <span className="block text-[12px] text-see">
                  {r.keep.sign >= 0 && 'keeps '}
                  <Kept keep={r.keep} quiet />
                </span>
              )}
            </td>
            <td className="px-2 text-[13px] text-mute max-lg:hidden">{r.stateWords}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
