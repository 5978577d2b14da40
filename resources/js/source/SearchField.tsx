import { MagnifyingGlassIcon } from '@phosphor-icons/react';
import { useEffect, useRef, useState } from 'react';

/** Words, a SKU or a barcode; asked for once typing rests. The slash goes there from anywhere. */
export function SearchField({ words, onSay }: { words: string; onSay: (words: string) => void }) {
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
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (
        e.key === '/' &&
        !(e.target instanceof HTMLElement && e.target.closest('input, textarea, [contenteditable=true]'))
      ) {
        e.preventDefault();
        field.current?.focus();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, []);
  return (
    <label className="flex min-w-0 flex-1 items-center gap-2 border-b-[1.5px] border-rule focus-within:border-you">
      <MagnifyingGlassIcon size={17} aria-hidden />
      <span className="sr-only">Find by words, SKU or barcode</span>
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
        placeholder="Words, SKU or barcode"
        className="w-full bg-transparent py-1 text-[16px] outline-none"
      />
      <kbd className="rounded border border-line px-1.5 text-[12px] text-mute">/</kbd>
    </label>
  );
}
