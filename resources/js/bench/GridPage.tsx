import { useGiven } from '@/lib/useGiven';
import { plural } from '@/lib/plural';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { toast } from 'sonner';
import { FindReplace } from '@/bench/grid/FindReplace';
import { GridCell } from '@/bench/grid/GridCell';
import { TagsForMany } from '@/bench/grid/TagsForMany';
import { TypeForMany } from '@/bench/grid/TypeForMany';
import { useDelete } from '@/bench/useDelete';
import { useLater } from '@/bench/useLater';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { inTurn } from '@/lib/inTurn';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { GridAnswerView, GridRowView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';
import { SelectionBar } from '@/ui/SelectionBar';
import { Asked, Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Tick } from '@/ui/Tick';
import { TickAll } from '@/ui/TickAll';
import { useSelection } from '@/ui/useSelection';

export type Field = 'title' | 'type' | 'tags' | 'maker' | 'notes';

const COLUMNS: { key: Field; name: string; width: string }[] = [
  { key: 'title', name: 'Title', width: 'w-[30%]' },
  { key: 'type', name: 'Type', width: 'w-[14%]' },
  { key: 'tags', name: 'Tags', width: 'w-[18%]' },
  { key: 'maker', name: 'Maker', width: 'w-[14%]' },
  { key: 'notes', name: 'Notes', width: 'w-[16%]' },
];

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
      <div className="flex items-baseline gap-6 px-6 pt-5 pb-3">
        <h1 className="name text-[26px]">Bench, as a grid</h1>
        <Link
          href={route('bench', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          As a list
        </Link>
        {tags.length > 0 && (
          <label className="text-mute">
            tagged{' '}
            <select
              value={tag}
              onChange={(e) =>
                router.get(route('bench.grid', handle), {
                  ...(state ? { state } : {}),
                  ...(e.target.value ? { tag: e.target.value } : {}),
                })
              }
              className="border-b border-rule bg-transparent py-1 font-medium text-ink"
            >
              <option value="">anything</option>
              {tags.map((t) => (
                <option key={t}>{t}</option>
              ))}
            </select>
          </label>
        )}
        <span className="ml-auto text-[13px] text-mute">
          Tab and Enter move on · Ctrl D fills down · a block from a spreadsheet can be pasted
        </span>
      </div>
      {rows.length === 0 ? (
        <Empty title="Nothing lies here">Take an item from Source and it can be put in order here.</Empty>
      ) : (
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
      )}
      <Pager previous={previous} next={next} />
      <SelectionBar
        count={selection.chosen.length}
        what={plural(selection.chosen.length, 'listing chosen', 'listings chosen')}
        onClear={selection.clear}
      >
        <FindReplace
          columns={COLUMNS}
          onReplace={(field, find, instead) =>
            ask(route('bench.replace', handle), { listings: selection.chosen, field, find, with: instead })
          }
        />
        <TagsForMany
          known={tags}
          onTags={(add, remove) => ask(route('bench.tags', handle), { listings: selection.chosen, add, remove })}
        />
        <TypeForMany
          known={types}
          onType={(value) => write(selection.chosen.map((listing) => ({ listing, field: 'type', value })))}
        />
        <Button className="text-ink" onClick={() => remove(selection.chosen, selection.clear)}>
          Delete
        </Button>
      </SelectionBar>
    </div>
  );
}

function text(row: GridRowView, field: Field): string {
  return field === 'tags' ? row.tags.join(', ') : row[field];
}
