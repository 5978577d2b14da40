import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { CostFieldView, CostSheetView } from '@/types/pricing';
import { CellField } from '@/ui/CellField';

const LINES: { key: string; name: string; unit: '%' | 'money'; says: string }[] = [
  { key: 'vat', name: 'Sales tax', unit: '%', says: 'of what shoppers pay' },
  {
    key: 'flat_delivery',
    name: 'Delivery charged',
    unit: 'money',
    says: '',
  },
  { key: 'payment_fee', name: 'Payment fee', unit: '%', says: 'of all that is paid, tax included' },
  { key: 'payment_fee_fixed', name: 'and for each payment', unit: 'money', says: '' },
  {
    key: 'platform_fee',
    name: 'Platform fee',
    unit: '%',
    says: 'of price and delivery, where a marketplace takes its share',
  },
  { key: 'returns', name: 'Returns', unit: '%', says: 'of what you receive, for goods that come back' },
  { key: 'advertising', name: 'Advertising', unit: 'money', says: 'spent for each order' },
  { key: 'handling', name: 'Handling', unit: 'money', says: 'for each parcel' },
];

interface Props {
  figure: 'w-20 py-0.5 text-right font-semibold';
  field: (key: string) => CostFieldView | undefined;
  save: (body: unknown) => Promise<boolean>;
  sheet: CostSheetView;
  handle: string;
}

/** What every sale bears, line by line, with what each does to the sample. */
export function CostLines({ figure, field, save, sheet, handle }: Props) {
  return (
    <table className="w-full border-t border-line" data-costs>
      <tbody>
        {LINES.map((l) => (
          <tr
            key={l.key}
            className="border-b border-line max-md:grid max-md:grid-cols-[1fr_auto] [&>td]:py-2"
            data-cost={l.key}
          >
            <td className="font-medium md:w-44">{l.name}</td>
            <td className="whitespace-nowrap max-md:text-right md:w-36">
              {l.key === 'flat_delivery' ? (
                <span className={clsx(figure, 'inline-block')}>{field(l.key)?.value}</span>
              ) : (
                <CellField
                  label={l.name}
                  value={field(l.key)?.value ?? ''}
                  onSay={(value) => save({ fields: { [l.key]: value === '' ? '0' : value } })}
                  className={figure}
                />
              )}{' '}
              <span className="text-mute">{l.unit === '%' ? '%' : sheet.currency}</span>
            </td>
            <td className="text-mute max-md:order-last max-md:py-0! max-md:pb-2!">
              {l.key === 'vat' ? (
                <select
                  aria-label="How the tax stands to the price"
                  value={sheet.taxOnTop ? 'top' : 'in'}
                  onChange={(e) => void save({ tax_on_top: e.target.value === 'top' })}
                  className="border-b border-rule/40 bg-transparent"
                >
                  <option value="in">stands inside the price</option>
                  <option value="top">is put on top of the price</option>
                </select>
              ) : l.key === 'flat_delivery' ? (
                <>
                  at home, as{' '}
                  <Link href={route('delivery', handle)} className="underline decoration-line underline-offset-4">
                    where it goes
                  </Link>{' '}
                  has it, which says it for every other place, too
                </>
              ) : (
                l.says
              )}
            </td>
            <td
              className="text-right text-[13px] text-mute max-md:order-last max-md:max-w-[18ch] max-md:pt-0!"
              data-effect
            >
              {field(l.key)?.effect}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
