import type { Dispatch, SetStateAction } from 'react';
import { plural } from '@/lib/plural';
import { BulkPrices, type Bulk } from '@/pricing/BulkPrices';
import type { BoardRowView, BoardView } from '@/types/pricing';
import { Button } from '@/ui/Button';
import { SelectionBar } from '@/ui/SelectionBar';
import type { Selection } from '@/ui/useSelection';

interface Props {
  all: boolean;
  counts: Record<string, number>;
  selection: Selection;
  setAll: Dispatch<SetStateAction<boolean>>;
  board: BoardView;
  rows: BoardRowView[];
  bulk: (b: Bulk) => undefined;
}

/** What can be done to the variants that are chosen, or to all that were found. */
export function BoardBar({ all, counts, selection, setAll, board, rows, bulk }: Props) {
  return (
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
  );
}
