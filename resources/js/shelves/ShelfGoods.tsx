import { rectSortingStrategy, useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Link } from '@inertiajs/react';
import { DotsSixVerticalIcon, ImageIcon, MinusCircleIcon, PushPinIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import type { ShelfGoodView, ShelfView } from '@/types/shelves';
import { Kept } from '@/ui/Asked';
import { Dragged } from '@/ui/Dragged';

interface Props {
  shelf: ShelfView;
  onPlace: (listings: number[], kind: string) => Promise<boolean>;
  onOrder: (listings: number[]) => Promise<boolean>;
  onCover: (listing: number) => Promise<boolean>;
}

/** The goods on a shelf as they stand: dragged into another order, pinned, kept off, made its cover. */
export function ShelfGoods({ shelf, onPlace, onOrder, onCover }: Props) {
  const ids = shelf.goods.map((g) => g.id);
  if (shelf.count === 0) {
    return (
      <p className="mt-8 max-w-[60ch] text-mute">
        {shelf.rule === null
          ? 'Look for goods above and put them on the shelf.'
          : shelf.rule.parts.length === 0
            ? 'Say in the sentence which goods stand here, and they stand here at once.'
            : 'Nothing in the window is so. Take a part out of the sentence, or ask above why one of the goods isn’t here.'}
      </p>
    );
  }
  return (
    <>
      <Dragged ids={ids} strategy={rectSortingStrategy} onOrder={(order) => void onOrder(order)}>
        <ul
          aria-label="Goods on the shelf"
          className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(168px,1fr))] gap-x-5 gap-y-6"
        >
          {shelf.goods.map((good) => (
            <Good
              key={good.id}
              good={good}
              cover={shelf.cover === good.id}
              ruled={shelf.rule !== null}
              onPlace={onPlace}
              onCover={onCover}
            />
          ))}
        </ul>
      </Dragged>
      {shelf.further > 0 && (
        <p className="mt-6 text-mute">{count(shelf.further, 'more stands', 'more stand')} after these.</p>
      )}
    </>
  );
}

function Good({
  good,
  cover,
  ruled,
  onPlace,
  onCover,
}: {
  good: ShelfGoodView;
  cover: boolean;
  ruled: boolean;
  onPlace: Props['onPlace'];
  onCover: Props['onCover'];
}) {
  const handle = useHandle();
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: good.id });
  const { role, ...held } = attributes;
  const pinned = good.place === 'pin';
  const act = 'rounded p-1 hover:bg-shade hover:text-ink';
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={clsx('min-w-0', isDragging && 'relative z-10 opacity-90')}
      data-good={good.id}
    >
      <div className="relative">
        {good.picture === null ? (
          <span className="block aspect-square rounded bg-shade" />
        ) : (
          <img
            src={good.picture}
            alt=""
            loading="lazy"
            className={clsx(
              'aspect-square w-full rounded border border-line object-cover',
              !good.buyable && 'opacity-55',
            )}
          />
        )}
        {(pinned || !good.buyable || cover || good.place === 'in') && (
          <span className="absolute top-1.5 left-1.5 rounded bg-till px-1.5 py-0.5 text-[12px] font-medium text-sheet">
            {[
              pinned && 'pinned',
              cover && 'its cover',
              ruled && good.place === 'in' && 'put here by you',
              !good.buyable && 'can’t be bought',
            ]
              .filter(Boolean)
              .join(', ') || 'picked'}
          </span>
        )}
      </div>
      <div className="mt-1.5 flex items-start gap-1">
        <Link
          href={route('bench.listing', [handle, good.id])}
          className="line-clamp-2 min-w-0 flex-1 leading-snug hover:underline"
          data-title
        >
          {good.title}
        </Link>
      </div>
      <div className="flex items-center gap-1 text-[13px] text-mute">
        <span className="font-semibold text-ink">{good.price?.text}</span>
        <span className="truncate">
          keeps <Kept keep={good.keep} />
        </span>
      </div>
      <div className="-ml-1 flex text-mute">
        <button
          type="button"
          aria-label={`Move ${good.title}`}
          title="Move it"
          className={act}
          {...held}
          {...listeners}
        >
          <DotsSixVerticalIcon size={16} weight="bold" />
        </button>
        <button
          type="button"
          aria-label={pinned ? `Unpin ${good.title}` : `Pin ${good.title} to the top`}
          aria-pressed={pinned}
          title={pinned ? 'Unpin it' : 'Pin it to the top'}
          className={clsx(act, pinned && 'text-you')}
          onClick={() => void onPlace([good.id], pinned ? (ruled ? '' : 'in') : 'pin')}
        >
          <PushPinIcon size={16} weight={pinned ? 'fill' : 'regular'} />
        </button>
        <button
          type="button"
          aria-label={`Make ${good.title} its cover`}
          title="Make it the cover"
          className={act}
          onClick={() => void onCover(good.id)}
        >
          <ImageIcon size={16} />
        </button>
        <button
          type="button"
          aria-label={`Keep ${good.title} off the shelf`}
          title="Keep it off"
          className={act}
          onClick={() => void onPlace([good.id], ruled ? 'out' : '')}
        >
          <MinusCircleIcon size={16} />
        </button>
      </div>
    </li>
  );
}
