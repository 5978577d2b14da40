import { clsx } from 'clsx';
import { useTyped } from '@/lib/useTyped';

interface Props {
  row: number;
  column: number;
  label: string;
  follows: boolean;
  value: string;
  onWrite: (value: string) => Promise<boolean>;
  onPaste: (block: string) => boolean;
  onFillDown: (value: string) => void;
}

/** One cell: written as it is left, moved in by Enter and arrows, filled down by Ctrl D. */
export function GridCell({ row, column, label, follows, value, onWrite, onPaste, onFillDown }: Props) {
  const cell = useTyped(value, onWrite, { refused: 'let go' });
  const go = (r: number, c: number) => {
    const there = document.querySelector<HTMLInputElement>(`[data-cell="${String(r)}-${String(c)}"]`);
    there?.focus();
    there?.select();
  };
  return (
    <td className="p-0">
      <input
        aria-label={label}
        data-cell={`${String(row)}-${String(column)}`}
        {...cell.field}
        onPaste={(e) => {
          if (onPaste(e.clipboardData.getData('text/plain'))) {
            e.preventDefault();
            cell.giveUp();
          }
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter' || e.key === 'ArrowDown') {
            e.preventDefault();
            go(row + 1, column);
            if (!document.querySelector(`[data-cell="${String(row + 1)}-${String(column)}"]`)) e.currentTarget.blur();
          } else if (e.key === 'ArrowUp') {
            e.preventDefault();
            go(row - 1, column);
          } else if (e.key === 'Escape') {
            cell.giveUp();
          } else if (e.key.toLowerCase() === 'd' && (e.ctrlKey || e.metaKey)) {
            e.preventDefault();
            cell.leave();
            onFillDown(cell.value);
          }
        }}
        className={clsx(
          'h-10 w-full truncate border-l border-shade bg-transparent px-2 focus:bg-sheet',
          'focus:ring-2 focus:ring-you focus:ring-inset',
          follows && 'text-sup',
        )}
      />
    </td>
  );
}
