import { clsx } from 'clsx';
import { useEffect, useState } from 'react';

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
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  return (
    <input
      aria-label={label}
      value={typed}
      placeholder={placeholder}
      inputMode={inputMode}
      onChange={(e) => setTyped(e.target.value)}
      onFocus={(e) => e.currentTarget.select()}
      onBlur={() => {
        if (typed.trim() !== value)
          void onSay(typed.trim()).then((ok) => {
            if (!ok) setTyped(value);
          });
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setTyped(value);
      }}
      className={clsx('border-b border-rule/40 bg-transparent focus:border-you focus:bg-you-soft/50', className)}
    />
  );
}
