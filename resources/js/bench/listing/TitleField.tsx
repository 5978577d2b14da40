import { useEffect, useState } from 'react';

/** The title, said once the field is left. */
export function TitleField({ title, onSay }: { title: string; onSay: (title: string) => Promise<boolean> }) {
  const [typed, setTyped] = useState(title);
  useEffect(() => {
    setTyped(title);
  }, [title]);
  return (
    <input
      aria-label="Title"
      data-field="title"
      value={typed}
      onChange={(e) => {
        setTyped(e.target.value);
      }}
      onBlur={() => {
        // What isn't taken stays in the field, to be put right or said again.
        if (typed !== title) void onSay(typed);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setTyped(title);
      }}
      className="underlined w-full bg-transparent py-0.5 text-[17px] font-semibold focus:bg-you-soft/50"
    />
  );
}
