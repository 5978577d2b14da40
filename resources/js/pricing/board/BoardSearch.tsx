import type { Dispatch, SetStateAction } from 'react';

interface Props {
  go: (other: Record<string, string | number | null>) => void;
  words_: string;
  setWords: Dispatch<SetStateAction<string>>;
}

/** Finds variants by title or SKU. */
export function BoardSearch({ go, words_, setWords }: Props) {
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        go({ q: words_.trim() });
      }}
    >
      <input
        type="search"
        aria-label="Find in the price board"
        placeholder="title or SKU"
        value={words_}
        onChange={(e) => setWords(e.target.value)}
        className="w-44 border-b-[1.5px] border-rule bg-transparent py-0.5 focus:border-you"
      />
      <button type="submit" className="sr-only">
        Find
      </button>
    </form>
  );
}
