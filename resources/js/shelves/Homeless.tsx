import { Link } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ShelfGoodView } from '@/types/shelves';
import { Sheet } from '@/ui/Sheet';
import { Thumb } from '@/ui/Thumb';

/** Goods in the window that stand on no shelf. */
export function Homeless({ open, onClose }: { open: boolean; onClose: () => void }) {
  const handle = useHandle();
  const [goods, setGoods] = useState<ShelfGoodView[] | null>(null);
  useEffect(() => {
    if (open) void send<ShelfGoodView[]>('GET', route('shelves.homeless', handle)).then(setGoods).catch(sayTrouble);
  }, [open, handle]);
  return (
    <Sheet open={open} title="On no shelf yet" onClose={onClose}>
      <p className="mb-3 text-mute">
        Shoppers find these by searching, or among everything on the stall. A tag that a rule looks for puts them on a
        shelf.
      </p>
      <ul>
        {goods?.map((g) => (
          <li key={g.id} className="flex items-center gap-3 border-t border-line py-2">
            <Thumb src={g.picture} size={40} />
            <Link
              href={route('bench.listing', [handle, g.id])}
              className="min-w-0 flex-1 truncate hover:underline"
              data-title
            >
              {g.title}
            </Link>
            <span className="text-mute">{g.price?.text}</span>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
