import { Link } from '@inertiajs/react';
import type { LeftItemView } from '@/types/opening';

interface Props {
  item: LeftItemView;
  busy: boolean;
  onRehearse: () => void;
}

/** Something that is left, and the way to where it is mended. */
export function LeftItem({ item, busy, onRehearse }: Props) {
  const look = item.stops
    ? 'flex-none rounded-md bg-ink px-3.5 py-2 text-[14px] font-semibold text-sheet'
    : 'flex-none rounded-md border border-rule px-3.5 py-2 text-[14px] font-semibold';
  return (
    <li
      className={`flex items-center gap-6 border-b border-line py-3 pl-5 ${
        item.stops ? 'border-l-[3px] border-l-loss bg-sheet pr-4' : 'border-l-[3px] border-l-transparent pr-4'
      }`}
      data-left={item.stops ? 'stops' : 'pity'}
    >
      <div className="min-w-0 flex-1">
        <h2 className="name text-[17px]">
          {item.stops && <span className="sr-only">Stops it: </span>}
          {item.head}
        </h2>
        <p className="text-[14px] text-mute">{item.words}</p>
      </div>
      {item.here ? (
        <button type="button" className={look} onClick={onRehearse} disabled={busy}>
          {item.button}
        </button>
      ) : (
        <Link href={item.href} className={look}>
          {item.button}
        </Link>
      )}
    </li>
  );
}
