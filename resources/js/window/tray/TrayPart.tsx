import { clsx } from 'clsx';
import type { ReactNode } from 'react';

interface Props {
  name: string;
  label: string;
  open: string | null;
  onPull: () => void;
  children: ReactNode;
}

/** A part of the tray: what it is and how it stands; it opens its drawer. */
export function TrayPart({ name, label, open, onPull, children }: Props) {
  return (
    <button
      type="button"
      aria-expanded={open === name}
      data-part={name}
      onClick={onPull}
      className={clsx(
        'flex h-[56px] flex-none flex-col justify-center gap-0.5 px-3 text-left whitespace-nowrap',
        open === name ? 'bg-white/12' : 'hover:bg-white/8',
      )}
    >
      <span className="block text-[11.5px] leading-none text-[#c9bba4]">{label}</span>
      <span className="flex h-[22px] items-center text-[13.5px]">{children}</span>
    </button>
  );
}
