import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { useLater } from '@/bench/useLater';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { inTurn } from '@/lib/inTurn';
import { count } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { BoardBar } from '@/pricing/board/BoardBar';
import { BoardCases } from '@/pricing/board/BoardCases';
import { BoardSearch } from '@/pricing/board/BoardSearch';
import { BoardTable } from '@/pricing/board/BoardTable';
import { EmptyBoard } from '@/pricing/board/EmptyBoard';
import { BoardRow } from '@/pricing/BoardRow';
import { type Bulk } from '@/pricing/BulkPrices';
import { PricingHead } from '@/pricing/PricingHead';
import { VariantSheet } from '@/pricing/VariantSheet';
import type { BoardAnswerView, BoardView } from '@/types/pricing';
import type { MarketView } from '@/types/source';
import { MarketSelect } from '@/ui/MarketSelect';
import { Pager } from '@/ui/Pager';
import { useSelection } from '@/ui/useSelection';

const AT_HOME =
  'Every variant on the bench and in the window: what it costs, what it asks, what you keep. ' +
  'A price is changed where it stands.';

const ABROAD =
  'What every variant costs there, what it asks and what you keep. ' +
  'Prices here follow from recipes and the market’s terms on the cost sheet.';

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
    inTurn(() =>
      send<BoardAnswerView>('POST', route('pricing.set', { stall: handle, ...query({}) }), {
        ...(variants === 'all' ? { all: true } : { variants }),
        ...body,
      }),
    )
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
      <PricingHead at="board" says={board.home ? AT_HOME : ABROAD}>
        <label className="flex items-baseline gap-1.5 text-mute">
          sold to
          <MarketSelect
            market={board.market}
            markets={markets}
            onTurn={(to) => go({ to })}
            className="border-b border-rule py-0.5"
          />
        </label>
        <BoardSearch go={go} words_={words_} setWords={setWords} />
      </PricingHead>
      <BoardCases board={board} counts={counts} bare={bare} onGo={go} />
      {rows.length === 0 ? (
        <EmptyBoard bare={bare} words={board.words} onAll={() => go({ q: '', case: '', recipe: null })} />
      ) : (
        <BoardTable board={board} selection={selection} onSort={(sort) => turn({ sort })}>
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
        </BoardTable>
      )}
      <Pager
        previous={board.page > 1 ? () => turn({ page: board.page - 1 }) : null}
        next={board.more ? () => turn({ page: board.page + 1 }) : null}
      >
        {rows.length > 0 && <span className="text-[13px] text-mute">{count(counts.found ?? 0, 'variant')}</span>}
      </Pager>
      <BoardBar all={all} counts={counts} selection={selection} setAll={setAll} board={board} rows={rows} bulk={bulk} />
      <VariantSheet
        variant={looking}
        onClose={() => setLooking(null)}
        onSet={(body) => (looking === null ? Promise.resolve(false) : set([looking], body))}
      />
    </div>
  );
}
