import { Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';

/** What stands in place of the board when nothing fits, or nothing has a price yet. */
export function EmptyBoard({ bare, words, onAll }: { bare: boolean; words: string; onAll: () => void }) {
  const handle = useHandle();
  return bare ? (
    <Empty
      title="Nothing has a price yet"
      step={
        <Link
          href={route('source', handle)}
          className="inline-block rounded-[7px] bg-till px-4 py-2.5 font-semibold text-sheet"
        >
          Find something to sell
        </Link>
      }
    >
      Take an item from Source to the bench, and its variants stand here with what they cost and keep.
    </Empty>
  ) : (
    <Empty title="Nothing of that kind" step={<Button onClick={onAll}>Look at all of them</Button>}>
      {words ? `No title has “${words}” in it, and no SKU begins so.` : 'Every variant is another case.'}
    </Empty>
  );
}
