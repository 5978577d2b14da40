import { clsx } from 'clsx';
import { BLANK } from '@/ui/blank';

interface Props {
  label: string;
  value: string;
  choices: { value: string; label: string }[];
  onPick: (value: string) => void;
}

/** A word of a sentence that is chosen; as wide as what stands in it. */
export function ChosenWord({ label, value, choices, onPick }: Props) {
  const said = choices.find((c) => c.value === value)?.label ?? '';
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(e) => {
        onPick(e.target.value);
      }}
      className={clsx(BLANK, 'max-w-full cursor-pointer appearance-none text-ellipsis')}
      style={{ width: `calc(${String(Math.max(3, said.length))}ch + 0.4em)` }}
    >
      {choices.map((c) => (
        <option key={c.value} value={c.value}>
          {c.label}
        </option>
      ))}
    </select>
  );
}
