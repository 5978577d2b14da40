import { plural } from '@/lib/plural';
import { Link, router } from '@inertiajs/react';
import { CaretDownIcon, CaretUpIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { useLater } from '@/bench/useLater';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { BoardRow } from '@/pricing/BoardRow';
import { BulkPrices, type Bulk } from '@/pricing/BulkPrices';
import { PricingHead } from '@/pricing/PricingHead';
import { VariantSheet } from '@/pricing/VariantSheet';
import type { BoardAnswerView, BoardView, MarketView } from '@/types';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { SelectionBar } from '@/ui/SelectionBar';
import { Tick } from '@/ui/Tick';
import { useSelection } from '@/ui/useSelection';

const COLUMNS = [
  { sort: 'goods', name: 'goods', width: 'w-[74px]' },
  { sort: 'delivery', name: 'delivery', width: 'w-[74px]' },
  { sort: 'landed', name: 'landed', width: 'w-[74px]' },
  { sort: 'price', name: 'price', width: 'w-[92px]' },
  { sort: 'was', name: 'was', width: 'w-[74px]' },
  { sort: 'keep', name: 'you keep', width: 'w-[82px]' },
  { sort: 'margin', name: 'margin', width: 'w-[64px]' },
  { sort: 'floor', name: 'above floor', width: 'w-[106px]' },
] as const;

const CASES = [
  { key: '', name: 'all', count: 'all' },
  { key: 'under', name: 'under the floor', count: 'under' },
  { key: 'parcel', name: 'delivery over half of cost', count: 'parcel' },
  { key: 'still', name: 'unchanged for 90 days', count: 'still' },
  { key: 'hand', name: 'priced by hand', count: 'hand' },
  { key: 'cap', name: 'floor against cap', count: 'cap' },
  { key: 'unpriced', name: 'no price', count: 'unpriced' },
] as const;

/** Every variant with what it costs, asks and keeps. */
export default function BoardPage({ board, markets }: { board: BoardView; markets: MarketView[] }) {
  const handle = useHandle();
  const [rows, setRows] = useState(board.rows);
  const [counts, setCounts] = useState(board.counts ?? {});
  const [words_, setWords] = useState(board.words);
  const [looking, setLooking] = useState<number | null>(null);
  const [all, setAll] = useState(false);
  const undo = useUndo();
  const later = useLater();
  const selection = useSelection(rows.map((r) => r.id));
  useEffect(() => {
    setRows(board.rows);
    if (board.counts) setCounts(board.counts);
    setAll(false);
  }, [board]);
  const query = (other: Record<string, string | number | null>): Record<string, string | number> => {
    const now = {
      q: board.words,
      case: board.case,
      recipe: board.recipe,
      state: board.state,
      sort: (board.down ? '-' : '') + board.sort,
      to: board.home ? null : board.market,
      page: 1,
      ...other,
    };
    return Object.fromEntries(
      Object.entries(now).filter(
        ([key, v]) => v !== null && v !== '' && !(key === 'page' && v === 1) && !(key === 'sort' && v === 'title'),
      ),
    ) as Record<string, string | number>;
  };
  const go = (other: Record<string, string | number | null>) =>
    router.get(route('pricing', handle), query(other), { preserveState: true, preserveScroll: false });
  /** Another order or page of the same variants: how many there are needn't be counted again. */
  const turn = (other: { sort?: string; page?: number }) =>
    router.get(route('pricing', handle), query(other), { preserveState: true, preserveScroll: false, only: ['board'] });
  const set = (variants: number[] | 'all', body: Record<string, unknown>): Promise<boolean> =>
    send<BoardAnswerView>('POST', route('pricing.set', { stall: handle, ...query({}) }), {
      ...(variants === 'all' ? { all: true } : { variants }),
      ...body,
    })
      .then((answer) => {
        if (answer.run) {
          later(answer.run);
          return true;
        }
        if (answer.rows.length === 0) router.reload();
        const fresh = new Map(answer.rows.map((r) => [r.id, r]));
        setRows((now) => now.map((r) => fresh.get(r.id) ?? r));
        setCounts(answer.counts);
        if (answer.change !== null) undo(answer.change, answer.words);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const bare = (counts.all ?? 0) === 0 && board.words === '' && board.recipe === null && board.state === '';
  const chosen = all ? ('all' as const) : selection.chosen;
  const bulk = (b: Bulk) =>
    void set(chosen, { ...b }).then((ok) => {
      if (ok) {
        selection.clear();
        setAll(false);
      }
    });

  return (
    <div className="pb-24">
      <PricingHead
        at="board"
        says={
          board.home
            ? 'Every variant on the bench and in the window: what it costs, what it asks, what you keep. A price is changed where it stands.'
            : 'What every variant costs there, what it asks and what you keep. Prices here follow from recipes and the market’s terms on the cost sheet.'
        }
      >
        <label className="flex items-baseline gap-1.5 text-mute">
          sold to
          <select
            aria-label="Country sold to"
            value={board.market}
            onChange={(e) => go({ to: e.target.value })}
            className="border-b border-rule bg-transparent py-0.5 font-semibold text-ink"
          >
            {markets.map((m) => (
              <option key={m.code} value={m.code}>
                {m.name}
              </option>
            ))}
          </select>
        </label>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            go({ q: words_.trim() });
          }}
        >
          <input
            type="search"
            aria-label="Find in the price board"
            placeholder="title or SKU"
            value={words_}
            onChange={(e) => setWords(e.target.value)}
            className="w-44 border-b-[1.5px] border-rule bg-transparent py-0.5 outline-none focus:border-you"
          />
        </form>
      </PricingHead>
      <div className="flex flex-wrap items-center gap-1.5 px-6 pb-3" role="group" aria-label="Cases">
        {CASES.filter((c) => !bare && (c.key === '' || c.key === board.case || (counts[c.count] ?? 0) > 0)).map((c) => (
          <button
            key={c.key}
            type="button"
            aria-pressed={board.case === c.key}
            onClick={() => go({ case: c.key })}
            className={clsx(
              'rounded-md border px-2.5 py-1 text-[13.5px]',
              board.case === c.key
                ? 'border-ink bg-sheet font-semibold'
                : 'border-line text-mute hover:border-rule hover:text-ink',
              c.key === 'under' && board.case !== c.key && 'text-you',
            )}
          >
            {c.name} <span className="tabular-nums">{(counts[c.count] ?? 0).toLocaleString('en')}</span>
          </button>
        ))}
        {board.recipe !== null && (
          <button
            type="button"
            onClick={() => go({ recipe: null })}
            className="ml-2 text-[13.5px] text-mute underline underline-offset-4"
          >
            only “{board.recipeName}” · all recipes
          </button>
        )}
      </div>
      {rows.length === 0 ? (
        bare ? (
          <Empty
            title="Nothing has a price yet"
            step={
              <Link
                href={route('source', handle)}
                className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet"
              >
                Find something to sell
              </Link>
            }
          >
            Take an item from Source to the bench, and its variants stand here with what they cost and keep.
          </Empty>
        ) : (
          <Empty
            title="Nothing of that kind"
            step={<Button onClick={() => go({ q: '', case: '', recipe: null })}>Look at all of them</Button>}
          >
            {board.words
              ? `No title has “${board.words}” in it, and no SKU begins so.`
              : 'Every variant is another case.'}
          </Empty>
        )
      ) : (
        <table className="w-full table-fixed border-y border-line bg-sheet" data-board>
          <thead>
            <tr className="text-[12.5px] text-mute [&>th]:px-2 [&>th]:py-1.5 [&>th]:font-normal">
              <th scope="col" className="w-11 pl-6!">
                <Tick
                  label="Choose all on this page"
                  checked={selection.chosen.length === rows.length}
                  onToggle={() => (selection.chosen.length === rows.length ? selection.clear() : selection.all())}
                />
              </th>
              <th scope="col" className="w-12">
                <span className="sr-only">Picture</span>
              </th>
              <SortHead
                board={board}
                sort="title"
                name="variant"
                className="text-left"
                onSort={(sort) => turn({ sort })}
              />
              {COLUMNS.map((c) => (
                <SortHead
                  key={c.sort}
                  board={board}
                  sort={c.sort}
                  name={c.name}
                  className={clsx(c.width, 'text-right')}
                  onSort={(sort) => turn({ sort })}
                />
              ))}
              <th scope="col" className="w-[136px] pl-5! text-left">
                priced by
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <BoardRow
                key={row.id}
                row={row}
                home={board.home}
                chosen={all || selection.has(row.id)}
                onToggle={(range) => selection.toggle(row.id, range)}
                onLook={() => setLooking(row.id)}
                onSet={(body) => set([row.id], body)}
              />
            ))}
          </tbody>
        </table>
      )}
      <nav aria-label="Pages" className="flex items-baseline justify-between px-6 py-4">
        {board.page > 1 ? (
          <button type="button" className="underline underline-offset-4" onClick={() => turn({ page: board.page - 1 })}>
            Before these
          </button>
        ) : (
          <span />
        )}
        {rows.length > 0 && (
          <span className="text-[13px] text-mute">{(counts.found ?? 0).toLocaleString('en')} variants</span>
        )}
        {board.more ? (
          <button type="button" className="underline underline-offset-4" onClick={() => turn({ page: board.page + 1 })}>
            After these
          </button>
        ) : (
          <span />
        )}
      </nav>
      <SelectionBar
        count={all ? (counts.found ?? 0) : selection.chosen.length}
        what={plural(all ? (counts.found ?? 0) : selection.chosen.length, 'variant')}
        onClear={() => {
          selection.clear();
          setAll(false);
        }}
      >
        {board.home && !all && selection.chosen.length === rows.length && (board.more || board.page > 1) && (
          <Button onClick={() => setAll(true)} className="text-ink">
            Choose all {(counts.found ?? 0).toLocaleString('en')}
          </Button>
        )}
        {board.home ? (
          <BulkPrices onSet={bulk} />
        ) : (
          <span className="text-[#d8cdbb]">Prices by hand are set for the home market</span>
        )}
      </SelectionBar>
      <VariantSheet
        variant={looking}
        onClose={() => setLooking(null)}
        onSet={(body) => (looking === null ? Promise.resolve(false) : set([looking], body))}
      />
    </div>
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
