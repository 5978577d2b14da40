import { clsx } from 'clsx';
import { useTyped } from '@/lib/useTyped';
import { BLANK } from '@/ui/blank';
import { mm, tenths } from './units';

interface Props {
  label: string;
  /** Tenths of a millimetre, or of a degree. */
  value: number;
  onSay: (value: number) => void;
}

/** A length within a sentence; saved when it is left. */
export function Length({ label, value, onSay }: Props) {
  const typed = useTyped(
    mm(value),
    (said) => {
      const read = tenths(said);
      if (read !== null) onSay(read);
      return Promise.resolve(read !== null);
    },
    { refused: 'let go', trimmed: true },
  );
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      className={clsx(BLANK, 'text-right')}
      style={{ width: `${String(Math.max(2, typed.value.length) + 0.6)}ch` }}
      {...typed.field}
      onFocus={(e) => e.target.select()}
    />
  );
}
