import { count } from '@/lib/plural';
import { WarningIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ItemRowView } from '@/types';
import { Button } from '@/ui/Button';
import { Tick } from '@/ui/Tick';

interface Props {
  item: ItemRowView;
  row: number;
  /** Whether keys act on this row. */
  inHand: boolean;
  trial: boolean;
  chosen: boolean;
  busy: boolean;
  onChoose: (range: boolean) => void;
  onTake: () => void;
  onLook: () => void;
}

/** One supplier item: what it costs there, in the shopper's hands, and how soon it arrives. */
export function ItemRow({ item, row, inHand, trial, chosen, busy, onChoose, onTake, onLook }: Props) {
  return (
    <tr
      className={clsx(
        'border-t border-line [&>td]:px-2 [&>td]:py-1.5',
        chosen ? 'bg-you-soft' : 'bg-sheet hover:bg-paper',
        inHand && 'outline-2 -outline-offset-2 outline-ochre',
      )}
      data-row={row}
      data-item={item.code}
      data-id={item.id}
    >
      <td className="w-10 pl-5!">
        <Tick label={`Choose ${item.title}`} checked={chosen} onToggle={onChoose} />
      </td>
      <td className="w-[60px]">
        {item.picture ? (
          <img
            src={item.picture}
            alt=""
            width={48}
            height={48}
            loading="lazy"
            className="size-12 rounded border border-line object-cover"
          />
        ) : (
          <span className="block size-12 rounded bg-shade" />
        )}
      </td>
      <td className="max-w-0 w-[44%]">
        <button
          type="button"
          onClick={onLook}
          className="block max-w-full truncate text-left font-medium text-sup hover:underline"
          title={item.title}
        >
          {item.title}
        </button>
        <div className="truncate text-[12.5px] text-mute">
          {item.supplier} · {item.category} · {count(item.variants, 'kind')}
          {item.rating && ` · rated ${item.rating}`}
          {item.warning && (
            <span className="ml-2 font-medium text-ochre">
              <WarningIcon size={13} weight="fill" className="mr-1 inline" aria-hidden />
              {item.warning}
            </span>
          )}
        </div>
      </td>
      <td className="text-right whitespace-nowrap text-mute" title={item.cost ? `${item.cost.text} there` : undefined}>
        {item.goods && item.delivery ? `${item.goods.digits} + ${item.delivery.digits}` : 'not delivered'}
      </td>
      <td className="text-right text-[15px] font-semibold whitespace-nowrap">{item.landed?.text ?? '–'}</td>
      {trial && (
        <td className="text-right font-semibold whitespace-nowrap text-you">
          {item.keep ? (item.keep.digits.startsWith('-') ? `loses ${item.keep.absolute}` : item.keep.text) : '–'}
        </td>
      )}
      <td className="whitespace-nowrap">
        {item.days ?? '–'}
        {item.from && <span className="ml-1.5 text-[12.5px] text-mute">from {item.from}</span>}
      </td>
      <td className="text-right">{item.stock}</td>
      <td className="w-32 pr-5! text-right">
        {item.taken ? (
          <span className="text-[13px] text-mute">on your bench</span>
        ) : (
          <Button small disabled={busy} onClick={onTake} aria-label={`Take to bench: ${item.title}`}>
            Take to bench
          </Button>
        )}
      </td>
    </tr>
  );
}
