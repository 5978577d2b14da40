import { clsx } from 'clsx';
import { useEffect, useState } from 'react';

interface Props {
  row: number;
  column: number;
  label: string;
  follows: boolean;
  value: string;
  onWrite: (value: string) => void;
  onPaste: (block: string) => boolean;
  onFillDown: (value: string) => void;
}

/** One cell: written as it is left, moved in by Enter and arrows, filled down by Ctrl D. */
export function GridCell({ row, column, label, follows, value, onWrite, onPaste, onFillDown }: Props) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  const go = (r: number, c: number) => {
    const cell = document.querySelector<HTMLInputElement>(`[data-cell="${String(r)}-${String(c)}"]`);
    cell?.focus();
    cell?.select();
  };
  return (
    <td className="p-0">
      <input
        aria-label={label}
        data-cell={`${String(row)}-${String(column)}`}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => {
          if (typed !== value) onWrite(typed);
        }}
        onPaste={(e) => {
          if (onPaste(e.clipboardData.getData('text/plain'))) {
            e.preventDefault();
            setTyped(value);
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
            setTyped(value);
          } else if (e.key.toLowerCase() === 'd' && (e.ctrlKey || e.metaKey)) {
            e.preventDefault();
            if (typed !== value) onWrite(typed);
            onFillDown(typed);
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
