import { HandIcon, WarningIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { CellField } from '@/ui/CellField';
import type { BoardRowView } from '@/types/pricing';
import { Kept } from '@/ui/Asked';
import { Thumb } from '@/ui/Thumb';
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
  const loses = row.keep !== null && row.keep.sign < 0;
  const bad = row.underFloor && !row.knowingly;
  return (
    <tr className={clsx('h-10 border-t border-line [&>td]:px-2', chosen && 'bg-you-soft/60')} data-variant={row.id}>
      <td className="pl-6! max-md:pl-4!">
        <Tick label={`Choose ${name}`} checked={chosen} onToggle={onToggle} />
      </td>
      <td className="max-md:hidden">
        <Thumb src={row.picture} size={32} />
      </td>
      <td>
        <button
          type="button"
          onClick={onLook}
          className="group flex max-w-full items-baseline gap-1.5 text-left"
          data-look
        >
          <span
            data-title
            className={clsx(
              'min-w-0 truncate font-medium group-hover:underline lg:flex-none',
              row.label ? 'max-w-[26ch]' : 'max-w-full',
            )}
          >
            {row.title}
          </span>
          {row.label !== '' && <span className="truncate text-mute max-lg:hidden">{row.label}</span>}
          {!row.inWindow && <span className="flex-none text-[12px] text-mute italic">on the bench</span>}
        </button>
        <div className="truncate pb-1 text-[12.5px] text-mute lg:hidden">
          {row.label !== '' && `${row.label} · `}
          {bad && row.aboveFloor && (
            <span className="font-semibold text-loss md:hidden">{row.aboveFloor.digits} under the floor · </span>
          )}
          {row.goods?.digits ?? '–'} + {row.delivery?.digits ?? '–'} · {row.recipe}
        </div>
      </td>
      <td className="text-right text-sup max-lg:hidden">{row.goods?.digits ?? '–'}</td>
      <td
        className={clsx('text-right max-lg:hidden', row.dearParcel ? 'font-semibold text-ochre' : 'text-sup')}
        title={row.dearParcel ? 'More than half of what it costs is the parcel' : undefined}
      >
        {row.delivery?.digits ?? '–'}
      </td>
      <td className="text-right max-md:hidden">{row.landed?.digits ?? '–'}</td>
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
              className={clsx(
                'w-[62px] py-0.5 text-right font-semibold',
                loses ? 'text-loss' : row.byHand && 'text-you',
              )}
            />
          </span>
        ) : (
          <span className={clsx('font-semibold', loses && 'text-loss')}>{row.price?.text ?? '–'}</span>
        )}
      </td>
      <td className="text-right max-lg:hidden">
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
      <td className={clsx('text-right', !loses && 'text-see')} data-keep>
        <Kept keep={row.keep} />
      </td>
      <td className={clsx('text-right max-lg:hidden', loses && 'font-semibold text-loss')}>{row.margin}</td>
      <td className={clsx('text-right max-md:hidden', bad ? 'font-semibold text-loss' : 'text-mute')} data-floor>
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
        className="truncate pl-5! text-[13px] text-mute max-lg:hidden"
        title={row.since ? `This price since ${row.since}` : undefined}
      >
        {row.floorOverCap ? <span className="text-ochre">cap under floor · </span> : null}
        {row.recipe}
      </td>
    </tr>
  );
}
