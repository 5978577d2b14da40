import { WarningIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ItemListProps } from '@/source/ItemLedger';
import { Kept } from '@/ui/Asked';
import { Button } from '@/ui/Button';
import { Tick } from '@/ui/Tick';

/** Found items as pictures, for choosing by eye. */
export function ItemGrid({ items, rows, busy, trial, chosen, onChoose, onTake, onLook }: ItemListProps) {
  return (
    <ul {...rows.list} className="grid grid-cols-[repeat(auto-fill,minmax(196px,1fr))] gap-4 px-5 py-3">
      {items.map((item, row) => (
        <li
          key={item.id}
          data-row={row}
          data-item={item.code}
          data-id={item.id}
          className={clsx(
            'group relative overflow-hidden rounded-lg border bg-sheet',
            chosen(item.id) ? 'border-you bg-you-soft' : 'border-line',
          )}
        >
          <span className="absolute top-2 left-2 z-[1] rounded bg-sheet/90 px-1 pt-0.5">
            <Tick
              label={`Choose ${item.title}`}
              checked={chosen(item.id)}
              tab={rows.tab(row)}
              onToggle={(range) => onChoose(row, range)}
            />
          </span>
          <button
            type="button"
            data-hand
            tabIndex={rows.tab(row)}
            aria-describedby={`about-${String(item.id)}`}
            onClick={() => onLook(row)}
            className="block w-full text-left"
          >
            {item.picture ? (
              <img src={item.picture} alt="" loading="lazy" data-thumb className="aspect-square w-full object-cover" />
            ) : (
              <span className="block aspect-square w-full bg-shade" />
            )}
            <span
              data-title
              className={clsx(
                'mt-2 line-clamp-2 min-h-[2.8em] px-3 leading-[1.4] font-medium text-sup',
                'group-hover:underline',
              )}
            >
              {item.title}
            </span>
          </button>
          <div id={`about-${String(item.id)}`} className="px-3 pt-1 pb-2.5">
            <div className="flex items-baseline justify-between">
              <span className="text-[17px] font-semibold">{item.landed?.text ?? 'not delivered'}</span>
              <span className="text-[12.5px] text-mute">{item.days}</span>
            </div>
            <div className="truncate text-[12.5px] text-mute">
              {trial && item.keep ? (
                <>
                  {item.keep.sign >= 0 && 'keeps '}
                  <Kept keep={item.keep} />
                </>
              ) : item.goods && item.delivery ? (
                `${item.goods.digits} + ${item.delivery.digits} delivery`
              ) : (
                item.supplier
              )}
            </div>
            <div className="mt-1 flex min-h-[30px] items-center justify-between gap-2">
              {item.warning ? (
                <span className="truncate text-[12.5px] font-medium text-ochre" title={item.warning}>
                  <WarningIcon size={13} weight="fill" className="mr-1 inline" aria-hidden />
                  {item.warning}
                </span>
              ) : (
                <span className="truncate text-[12.5px] text-mute">
                  {item.supplier} · {item.stock} in stock
                </span>
              )}
              {item.taken ? (
                <span className="text-[12.5px] text-mute">yours</span>
              ) : (
                <Button
                  small
                  disabled={busy}
                  tabIndex={rows.tab(row)}
                  onClick={() => onTake(row)}
                  aria-label={`Take to bench: ${item.title}`}
                >
                  Take
                </Button>
              )}
            </div>
          </div>
        </li>
      ))}
    </ul>
  );
}
