import { clsx } from 'clsx';
import type { ButtonHTMLAttributes } from 'react';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** do: the one next step · plain: another way · quiet: text only */
  kind?: 'do' | 'plain' | 'quiet' | undefined;
  small?: boolean;
}

const KINDS = {
  do: 'bg-till text-sheet hover:bg-ink font-semibold',
  plain: 'border border-rule/60 bg-sheet hover:bg-paper font-medium',
  quiet: 'text-mute hover:text-ink underline underline-offset-3 decoration-line hover:decoration-ink px-0!',
};

export function Button({ kind = 'plain', small = false, className, type = 'button', ...rest }: Props) {
  return (
    <button
      type={type}
      className={clsx(
        'inline-flex items-center justify-center gap-2 rounded-[7px] whitespace-nowrap disabled:opacity-50',
        small ? 'px-2.5 py-1 text-[13px]' : 'px-3.5 py-2',
        KINDS[kind],
        className,
      )}
      {...rest}
    />
  );
}
