import { clsx } from 'clsx';
import { useId, type SelectHTMLAttributes } from 'react';

interface Props extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'id'> {
  label: string;
  choices: { value: string; label: string }[];
  error?: string | undefined;
}

export function ChoiceField({ label, choices, error, className, ...rest }: Props) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="block text-[12.5px] text-mute">
        {label}
      </label>
      <select
        id={id}
        className={clsx(
          'w-full border-b-[1.5px] border-rule bg-transparent py-1.5 text-[15px] font-medium',
          ' focus:border-you',
        )}
        {...rest}
      >
        {choices.map((c) => (
          <option key={c.value} value={c.value}>
            {c.label}
          </option>
        ))}
      </select>
      {error && <p className="mt-1 text-[13px] font-medium text-you">{error}</p>}
    </div>
  );
}
