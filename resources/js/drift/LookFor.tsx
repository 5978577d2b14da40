import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';

/**
 * Narrows the desk to some goods, or to prices under their floor; what is decided by group then is decided for those.
 */
export function LookFor({ words, underFloor }: { words: string; underFloor: boolean }) {
  const handle = useHandle();
  const [typed, setTyped] = useState(words);
  const look = (q: string, floor: boolean) => {
    router.get(
      route('drift', { stall: handle, ...(q === '' ? {} : { q }), ...(floor ? { floor: '1' } : {}) }),
      {},
      { preserveScroll: true, preserveState: true },
    );
  };
  return (
    <form
      role="search"
      className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-[14px] text-mute"
      onSubmit={(e) => {
        e.preventDefault();
        look(typed.trim(), underFloor);
      }}
    >
      <label className="flex items-baseline gap-2">
        Only
        <input
          type="search"
          value={typed}
          maxLength={80}
          placeholder="goods, colour, code"
          aria-label="Only goods with these words"
          onChange={(e) => {
            setTyped(e.target.value);
            if (e.target.value === '' && words !== '') look('', underFloor);
          }}
          className="w-48 border-b-[1.5px] border-rule bg-transparent py-0.5 text-ink focus:border-you"
        />
      </label>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={underFloor}
          className="size-4 accent-you"
          onChange={(e) => {
            look(typed.trim(), e.target.checked);
          }}
        />
        prices under their floor
      </label>
      <button type="submit" className="sr-only">
        Look for it
      </button>
    </form>
  );
}
