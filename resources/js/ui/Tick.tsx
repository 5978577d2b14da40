interface Props {
  label: string;
  checked: boolean;
  onToggle: (range: boolean) => void;
}

export function Tick({ label, checked, onToggle }: Props) {
  return (
    <input
      type="checkbox"
      aria-label={label}
      checked={checked}
      onChange={() => undefined}
      onClick={(e) => {
        onToggle(e.shiftKey);
      }}
      className="size-4 cursor-pointer accent-[#a8431f]"
    />
  );
}
