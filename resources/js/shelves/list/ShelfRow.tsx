import { Link } from '@inertiajs/react';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import type { ShelfRowView } from '@/types/shelves';
import { Thumb } from '@/ui/Thumb';

export function ShelfRow({ shelf }: { shelf: ShelfRowView }) {
  const handle = useHandle();
  return (
    <li
      className="grid grid-cols-[60px_minmax(0,1fr)_auto] items-center gap-4 border-b border-line bg-sheet px-6 py-3"
      data-shelf={shelf.name}
    >
      <Thumb src={shelf.picture} size={60} />
      <div className="min-w-0">
        <Link href={route('shelves.shelf', [handle, shelf.id])} className="name text-[18px] hover:underline" data-title>
          {shelf.name}
        </Link>
        <p className="truncate text-mute">
          {shelf.fills}; {shelf.standing}
        </p>
      </div>
      <div className="text-right">
        <span className="font-semibold">{count(shelf.goods, 'thing')}</span>
        {shelf.remarks.map((words) => (
          <p key={words} className="text-[13px] text-ochre">
            {words}
          </p>
        ))}
      </div>
    </li>
  );
}
