import type { ReactNode } from 'react';
import { Button } from '@/ui/Button';

/** Rises when something is chosen; says how much and what can be done with it. */
export function SelectionBar({
  count,
  what,
  onClear,
  children,
}: {
  count: number;
  what: string;
  onClear: () => void;
  children: ReactNode;
}) {
  if (count === 0) return null;
  return (
    <div
      role="region"
      aria-label="What is chosen"
      className="fixed inset-x-0 bottom-0 z-20 flex items-center gap-4 bg-till px-6 py-3 text-sheet"
    >
      <span className="name text-[17px]" aria-live="polite">
        {count} {what}
      </span>
      <Button kind="quiet" className="text-[#d8cdbb]! hover:text-sheet!" onClick={onClear}>
        Choose none
      </Button>
      <div className="ml-auto flex gap-2">{children}</div>
    </div>
  );
}
