import { clsx } from 'clsx';
import { type ReactNode } from 'react';

export function Choice({ chosen, onChoose, children }: { chosen: boolean; onChoose: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      className={clsx(
        'cursor-pointer underline-offset-4',
        chosen ? 'font-semibold text-you' : 'underline decoration-line hover:text-you',
      )}
      onClick={onChoose}
    >
      {children}
    </button>
  );
}
