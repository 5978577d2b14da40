import { BLANK } from '@/ui/blank';

interface Props {
  label: string;
  value: string;
  choices: { value: string; label: string }[];
  onSay: (value: string) => void;
}

/** One of a few, chosen where it stands. */
export function SelectBlank({ label, value, choices, onSay }: Props) {
  const known = choices.some((c) => c.value === value);
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(e) => {
        onSay(e.target.value);
      }}
      className={`${BLANK} field-sizing-content max-w-[300px] cursor-pointer`}
    >
      {!known && <option value={value}>{value === '' ? '…' : 'something that is gone'}</option>}
      {choices.map((c) => (
        <option key={c.value} value={c.value}>
          {c.label}
        </option>
      ))}
    </select>
  );
}
