import { MagnifyingGlassIcon } from '@phosphor-icons/react';
import { useEffect, useRef, useState } from 'react';
import { useSingleKeys } from '@/lib/keys';

interface Props {
  words: string;
  label: string;
  placeholder: string;
  onSay: (words: string) => void;
}

/** What a list is searched for; asked once typing rests. The slash goes there from anywhere on the page. */
export function SearchField({ words, label, placeholder, onSay }: Props) {
  const [typed, setTyped] = useState(words);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (typed.trim() === words) return;
    const timer = setTimeout(() => {
      onSay(typed.trim());
    }, 250);
    return () => {
      clearTimeout(timer);
    };
  });
  useSingleKeys({ search: () => field.current?.focus() });
  return (
    <label className="flex min-w-[min(100%,20rem)] flex-1 items-center gap-2 border-b-[1.5px] border-rule focus-within:border-you">
      <MagnifyingGlassIcon size={17} aria-hidden />
      <span className="sr-only">{label}</span>
      <input
        ref={field}
        type="search"
        value={typed}
        onChange={(e) => {
          setTyped(e.target.value);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter' || e.key === 'ArrowDown') e.currentTarget.blur();
        }}
        placeholder={placeholder}
        className="w-full bg-transparent py-1 text-[16px] "
      />
      <kbd className="rounded border border-line px-1.5 text-[12px] text-mute">/</kbd>
    </label>
  );
}
