import { useState } from 'react';
import type { CostFieldView, CostSheetView } from '@/types/pricing';
import { Button } from '@/ui/Button';
import { CellField } from '@/ui/CellField';

interface Props {
  ask: (method: 'PATCH' | 'POST', url: string, body?: unknown) => Promise<boolean>;
  handle: string;
  save: (body: unknown) => Promise<boolean>;
  sheet: CostSheetView;
  field: (key: string) => CostFieldView | undefined;
}

/** What other currencies cost, how far that may move, and the cushion for it. */
export function ExchangeRates({ ask, handle, save, sheet, field }: Props) {
  const [others, setOthers] = useState(false);
  const shown = sheet.rates.filter((r) => r.used || others);
  return (
    <>
      <div className="flex items-baseline">
        <h2 className="name text-[19px]">Exchange rates</h2>
        <Button small className="ml-auto" onClick={() => void ask('POST', route('pricing.rates', handle))}>
          Take today’s over
        </Button>
      </div>
      <table className="mt-2 w-full border-t border-line" data-rates>
        <tbody>
          {shown.map((r) => (
            <tr key={r.from} className="border-b border-line [&>td]:py-1.5">
              <td>
                one <b className="font-semibold">{r.from}</b> costs
              </td>
              <td className="whitespace-nowrap">
                <CellField
                  label={`One ${r.from} costs`}
                  value={r.rate}
                  onSay={(value) => save({ rates: { [r.from]: value } })}
                  className="w-24 py-0.5 text-right font-semibold"
                />{' '}
                <span className="text-mute">{sheet.currency}</span>
              </td>
              <td className="text-right text-[13px] text-mute">
                {r.typed ? 'typed on' : 'of'} {r.day}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sheet.rates.some((r) => !r.used) && (
        <button
          type="button"
          onClick={() => setOthers(!others)}
          className="mt-1.5 text-[13px] text-mute underline decoration-line underline-offset-4"
        >
          {others ? 'only those in use' : `${String(sheet.rates.filter((r) => !r.used).length)} more`}
        </button>
      )}
      <div className="mt-4 space-y-2">
        <p>
          <CellField
            label="Cushion"
            value={sheet.cushion}
            onSay={(cushion) => save({ cushion })}
            className="w-12 py-0.5 text-center font-semibold"
          />{' '}
          % cushion on suppliers’ amounts, for rates that move{' '}
          <span className="text-[13px] text-mute">{sheet.cushionEffect && `· ${sheet.cushionEffect}`}</span>
        </p>
        <p>
          Prices stay while a rate moves less than{' '}
          <CellField
            label="Tolerance"
            value={field('rate_tolerance')?.value ?? ''}
            onSay={(value) => save({ fields: { rate_tolerance: value } })}
            className="w-12 py-0.5 text-center font-semibold"
          />{' '}
          %<span className="block text-[13px] text-mute">{field('rate_tolerance')?.effect}</span>
        </p>
      </div>
    </>
  );
}
