import { HandIcon, WarningIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { CellField } from '@/ui/CellField';
import type { BoardRowView } from '@/types';
import { Tick } from '@/ui/Tick';

interface Props {
  row: BoardRowView;
  home: boolean;
  chosen: boolean;
  onToggle: (range: boolean) => void;
  onLook: () => void;
  onSet: (body: Record<string, unknown>) => Promise<boolean>;
}

/** A variant on the price board; its price and was-price are changed in place. */
export function BoardRow({ row, home, chosen, onToggle, onLook, onSet }: Props) {
  const name = row.label === '' ? row.title : `${row.title}, ${row.label}`;
  const bad = row.underFloor && !row.knowingly;
  return (
    <tr className={clsx('h-10 border-t border-line [&>td]:px-2', chosen && 'bg-you-soft/60')} data-variant={row.id}>
      <td className="pl-6!">
        <Tick label={`Choose ${name}`} checked={chosen} onToggle={onToggle} />
      </td>
      <td>
        {row.picture ? (
          <img src={row.picture} alt="" className="h-8 w-8 rounded object-cover" loading="lazy" />
        ) : (
          <span className="block h-8 w-8 rounded bg-shade" />
        )}
      </td>
      <td>
        <button
          type="button"
          onClick={onLook}
          className="group flex max-w-full items-baseline gap-1.5 text-left"
          data-look
        >
          <span className="min-w-[6ch] truncate font-medium group-hover:underline">{row.title}</span>
          {row.label !== '' && <span className="max-w-[24ch] flex-none truncate text-mute">{row.label}</span>}
          {!row.inWindow && <span className="flex-none text-[12px] text-mute italic">on the bench</span>}
        </button>
      </td>
      <td className="text-right text-sup">{row.goods?.digits ?? '–'}</td>
      <td
        className={clsx('text-right', row.dearParcel ? 'font-semibold text-ochre' : 'text-sup')}
        title={row.dearParcel ? 'More than half of what it costs is the parcel' : undefined}
      >
        {row.delivery?.digits ?? '–'}
      </td>
      <td className="text-right">{row.landed?.digits ?? '–'}</td>
      <td className="text-right">
        {home && row.price ? (
          <span className="inline-flex items-baseline justify-end gap-1">
            {row.byHand && (
              <button
                type="button"
                title="By hand. Press to give it back to its recipe."
                aria-label={`Give the price of ${name} back to its recipe`}
                onClick={() => void onSet({ do: 'recipe' })}
                className="self-center text-you"
              >
                <HandIcon size={14} />
              </button>
            )}
            <CellField
              label={`Price of ${name}`}
              value={row.price.digits}
              onSay={(value) => onSet(value === '' ? { do: 'recipe' } : { do: 'price', value })}
              className={clsx('w-[62px] py-0.5 text-right font-semibold', row.byHand && 'text-you')}
            />
          </span>
        ) : (
          <span className="font-semibold">{row.price?.text ?? '–'}</span>
        )}
      </td>
      <td className="text-right">
        {home ? (
          <CellField
            label={`Was-price of ${name}`}
            value={row.was?.digits ?? ''}
            placeholder="–"
            onSay={(value) => onSet({ do: 'was', value })}
            className="w-[54px] py-0.5 text-right text-mute"
          />
        ) : (
          '–'
        )}
      </td>
      <td
        className={clsx('text-right font-semibold', row.keep && row.keep.sign < 0 ? 'text-you' : 'text-see')}
        data-keep
      >
        {row.keep?.text ?? '–'}
      </td>
      <td className="text-right">{row.margin}</td>
      <td className={clsx('text-right', bad ? 'font-semibold text-you' : 'text-mute')} data-floor>
        {row.aboveFloor === null ? (
          row.underFloor ? (
            'a loss'
          ) : (
            'no floor'
          )
        ) : row.aboveFloor.sign < 0 ? (
          <span className="inline-flex items-center gap-1">
            <WarningIcon size={13} aria-hidden /> {row.aboveFloor.digits}
          </span>
        ) : (
          `+${row.aboveFloor.digits}`
        )}
      </td>
      <td
        className="truncate pl-5! text-[13px] text-mute"
        title={row.since ? `This price since ${row.since}` : undefined}
      >
        {row.floorOverCap ? <span className="text-ochre">cap under floor · </span> : null}
        {row.recipe}
      </td>
    </tr>
  );
}
