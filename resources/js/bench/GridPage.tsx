import { Head } from '@inertiajs/react';
import { toast } from 'sonner';
import { COLUMNS, text, type Field } from '@/bench/grid/columns';
import { GridBar } from '@/bench/grid/GridBar';
import { GridHead } from '@/bench/grid/GridHead';
import { GridTable } from '@/bench/grid/GridTable';
import { useDelete } from '@/bench/useDelete';
import { useLater } from '@/bench/useLater';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { inTurn } from '@/lib/inTurn';
import { sayTrouble } from '@/lib/trouble';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import type { GridAnswerView, GridRowView } from '@/types/bench';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';
import { useSelection } from '@/ui/useSelection';

interface Props {
  rows: GridRowView[];
  state: string | null;
  tag: string;
  tags: string[];
  types: string[];
  next: string | null;
  previous: string | null;
}

/**
 * Many listings as a sheet of cells: write, fill down, paste from a spreadsheet; each batch is one step that can be
 * taken back.
 */
export default function GridPage({ rows: given, state, tag, tags, types, next, previous }: Props) {
  const handle = useHandle();
  const [rows, setRows] = useGiven(given);
  const undo = useUndo();
  const later = useLater();
  const remove = useDelete();
  const selection = useSelection(rows.map((r) => r.id));

  const ask = (url: string, body: unknown): Promise<boolean> =>
    inTurn(() => send<GridAnswerView>('POST', url, body))
      .then((answer) => {
        const fresh = new Map(answer.rows.map((r) => [r.id, r]));
        setRows((now) => now.map((r) => fresh.get(r.id) ?? r));
        if (answer.run) later(answer.run);
        else if (answer.change === null) toast(answer.words);
        else undo(answer.change, answer.words);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const write = (cells: { listing: number; field: Field; value: string }[]): Promise<boolean> =>
    cells.length === 0 ? Promise.resolve(true) : ask(route('bench.cells', handle), { cells });
  /** A block copied from a spreadsheet goes in from this cell on, to the right and down. */
  const paste = (row: number, column: number, text: string): boolean => {
    const block = text
      .replace(/\r/g, '')
      .replace(/\n$/, '')
      .split('\n')
      .map((l) => l.split('\t'));
    if (block.length === 1 && block[0]?.length === 1) return false;
    void write(
      block.flatMap((cells, r) =>
        cells.flatMap((value, c) => {
          const listing = rows[row + r];
          const field = COLUMNS[column + c]?.key;
          return listing && field ? [{ listing: listing.id, field, value }] : [];
        }),
      ),
    );
    return true;
  };
  const fillDown = (row: number, field: Field, value: string) => {
    const chosen = selection.chosen.length > 1 ? rows.filter((r) => selection.has(r.id)) : rows.slice(row + 1);
    void write(chosen.filter((r) => text(r, field) !== value).map((r) => ({ listing: r.id, field, value })));
  };

  return (
    <div className="pb-20">
      <Head title="Bench, as a grid" />
      <GridHead handle={handle} tags={tags} tag={tag} state={state} />
      {rows.length === 0 ? (
        <Empty title="Nothing lies here">Take an item from Source and it can be put in order here.</Empty>
      ) : (
        <GridTable selection={selection} rows={rows} handle={handle} write={write} paste={paste} fillDown={fillDown} />
      )}
      <Pager previous={previous} next={next} />
      <GridBar
        selection={selection}
        ask={ask}
        handle={handle}
        tags={tags}
        types={types}
        write={write}
        remove={remove}
      />
    </div>
  );
}
