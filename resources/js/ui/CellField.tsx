import { clsx } from 'clsx';
import { useTyped } from '@/lib/useTyped';

interface Props {
  label: string;
  value: string;
  onSay: (value: string) => Promise<boolean>;
  className?: string;
  placeholder?: string;
  inputMode?: 'decimal' | 'numeric' | 'text';
}

/** A figure that is changed where it stands: Enter or leaving it says it, Escape takes it back. */
export function CellField({ label, value, onSay, className, placeholder, inputMode = 'decimal' }: Props) {
  const { field } = useTyped(value, onSay, { refused: 'let go', trimmed: true });
  return (
    <input
      aria-label={label}
      placeholder={placeholder}
      inputMode={inputMode}
      onFocus={(e) => e.currentTarget.select()}
      {...field}
      className={clsx('border-b border-rule/40 bg-transparent focus:border-you focus:bg-you-soft/50', className)}
    />
  );
}
