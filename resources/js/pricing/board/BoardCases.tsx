import { clsx } from 'clsx';
import type { BoardView } from '@/types/pricing';

const CASES = [
  { key: '', name: 'all', count: 'all' },
  { key: 'under', name: 'under the floor', count: 'under' },
  { key: 'parcel', name: 'delivery over half of cost', count: 'parcel' },
  { key: 'still', name: 'unchanged for 90 days', count: 'still' },
  { key: 'hand', name: 'priced by hand', count: 'hand' },
  { key: 'cap', name: 'floor against cap', count: 'cap' },
  { key: 'unpriced', name: 'no price', count: 'unpriced' },
] as const;

interface Props {
  board: BoardView;
  /** How many there are of each case. */
  counts: Record<string, number>;
  /** Whether nothing has a price at all. */
  bare: boolean;
  onGo: (other: Record<string, string | number | null>) => void;
}

/** Narrows the board to the cases that a seller looks for, each with how many there are. */
export function BoardCases({ board, counts, bare, onGo }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-1.5 px-6 pb-3" role="group" aria-label="Cases">
      {CASES.filter((c) => !bare && (c.key === '' || c.key === board.case || (counts[c.count] ?? 0) > 0)).map((c) => (
        <button
          key={c.key}
          type="button"
          aria-pressed={board.case === c.key}
          onClick={() => onGo({ case: c.key })}
          className={clsx(
            'rounded-md border px-2.5 py-1 text-[13.5px]',
            board.case === c.key
              ? 'border-ink bg-sheet font-semibold'
              : 'border-line text-mute hover:border-rule hover:text-ink',
            c.key === 'under' && board.case !== c.key && 'text-loss',
          )}
        >
          {c.name} <span className="tabular-nums">{(counts[c.count] ?? 0).toLocaleString('en')}</span>
        </button>
      ))}
      {board.recipe !== null && (
        <button
          type="button"
          onClick={() => onGo({ recipe: null })}
          className="ml-2 text-[13.5px] text-mute underline underline-offset-4"
        >
          only “{board.recipeName}” · all recipes
        </button>
      )}
    </div>
  );
}
