interface Props {
  label: string;
  checked: boolean;
  onToggle: (range: boolean) => void;
  /** Whether Tab comes here, in a list with a row in hand. */
  tab?: 0 | -1;
  /** Whether it is what a row is held by. */
  hand?: boolean;
  describedBy?: string;
}

export function Tick({ label, checked, onToggle, tab, hand, describedBy }: Props) {
  return (
    <input
      type="checkbox"
      tabIndex={tab}
      data-hand={hand ? '' : undefined}
      aria-label={label}
      aria-describedby={describedBy}
      checked={checked}
      onChange={() => undefined}
      onClick={(e) => {
        onToggle(e.shiftKey);
      }}
      className="block size-4 cursor-pointer accent-[#a8431f]"
    />
  );
}
