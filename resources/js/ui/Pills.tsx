import { clsx } from 'clsx';
import { RadioGroup } from 'radix-ui';

interface Props {
  label: string;
  value: string;
  choices: { value: string; label: string }[];
  onChoose: (value: string) => void;
}

/** A few choices side by side, one of them taken. */
export function Pills({ label, value, choices, onChoose }: Props) {
  return (
    <RadioGroup.Root aria-label={label} value={value} onValueChange={onChoose} className="flex flex-wrap gap-1.5">
      {choices.map((c) => (
        <RadioGroup.Item
          key={c.value}
          value={c.value}
          className={clsx(
            'rounded-md border px-2.5 py-1 text-[13.5px]',
            c.value === value ? 'border-you bg-you-soft font-semibold' : 'border-line bg-sheet hover:border-rule',
          )}
        >
          {c.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
