import { count } from '@/lib/plural';
import { WarningIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ItemRowView } from '@/types/source';
import { Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
import { Button } from '@/ui/Button';
import { Tick } from '@/ui/Tick';

interface Props {
  item: ItemRowView;
  row: number;
  /** Whether Tab comes to this row. */
  tab: 0 | -1;
  trial: boolean;
  chosen: boolean;
  busy: boolean;
  onChoose: (range: boolean) => void;
  onTake: () => void;
  onLook: () => void;
}

/** One supplier item: what it costs there, in the shopper's hands, and how soon it arrives. */
export function ItemRow({ item, row, tab, trial, chosen, busy, onChoose, onTake, onLook }: Props) {
  return (
    <tr
      className={clsx(
        'border-t border-line @max-lg:align-top [&>td]:px-2 [&>td]:py-1.5 @max-lg:[&>td]:py-2.5',
        chosen ? 'bg-you-soft' : 'bg-sheet hover:bg-paper',
      )}
      data-row={row}
      data-item={item.code}
      data-id={item.id}
    >
      <td className="w-10 pl-5! @max-lg:w-8 @max-lg:pl-4!">
        <Tick label={`Choose ${item.title}`} checked={chosen} tab={tab} onToggle={onChoose} />
      </td>
      <td className="w-[60px] @max-lg:px-0!">
        <Thumb src={item.picture} size={48} />
      </td>
      <td className="w-[44%] max-w-0 @max-lg:w-full" data-title>
        <button
          type="button"
          data-hand
          tabIndex={tab}
          aria-describedby={`about-${String(item.id)} lands-${String(item.id)}`}
          onClick={onLook}
          className="block max-w-full text-left @max-lg:line-clamp-2 @lg:truncate font-medium text-sup hover:underline"
          title={item.title}
        >
          {item.title}
        </button>
        <div
          id={`about-${String(item.id)}`}
          className="flex flex-wrap gap-x-2 text-[12.5px] text-mute @3xl:flex-nowrap"
        >
          <span className="max-w-full min-w-0 @max-lg:line-clamp-3 @lg:truncate">
            <span className="@3xl:hidden">
              {item.days ?? 'not delivered'} · {item.stock} in stock ·{' '}
            </span>
            {item.supplier} · {item.category} · {count(item.variants, 'kind')}
            {item.rating && ` · rated ${item.rating}`}
          </span>
          {item.warning && (
            <span className="font-medium text-ochre @lg:flex-none">
              <WarningIcon size={13} weight="fill" className="mr-1 inline" aria-hidden />
              {item.warning}
            </span>
          )}
        </div>
      </td>
      <td
        className="text-right whitespace-nowrap text-mute @max-3xl:hidden"
        title={item.cost ? `${item.cost.text} there` : undefined}
      >
        {item.goods && item.delivery ? `${item.goods.digits} + ${item.delivery.digits}` : 'not delivered'}
      </td>
      <td id={`lands-${String(item.id)}`} className="text-right text-[15px] font-semibold whitespace-nowrap">
        {item.landed?.text ?? '–'}
      </td>
      {trial && (
        <td className="text-right text-you">
          <Kept keep={item.keep} />
        </td>
      )}
      <td className="whitespace-nowrap @max-3xl:hidden">
        {item.days ?? '–'}
        {item.from && <span className="ml-1.5 text-[12.5px] text-mute">from {item.from}</span>}
      </td>
      <td className="text-right @max-3xl:hidden">{item.stock}</td>
      <td className="w-32 pr-5! text-right @max-lg:w-16 @max-lg:pr-4! @max-lg:pl-0!">
        {item.taken ? (
          <span className="text-[13px] text-mute">on your bench</span>
        ) : (
          <Button small disabled={busy} tabIndex={tab} onClick={onTake} aria-label={`Take to bench: ${item.title}`}>
            <span>
              Take<span className="@max-lg:hidden"> to bench</span>
            </span>
          </Button>
        )}
      </td>
    </tr>
  );
}
