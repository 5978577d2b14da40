import { clsx } from 'clsx';
import type { TrialView } from '@/types/pricing';
import type { RecipeFormView } from '@/types/stall';
import { CellField } from '@/ui/CellField';

const FIELDS: { key: string; name: string; percent: boolean }[] = [
  { key: 'payment_fee', name: 'Payment fee', percent: true },
  { key: 'payment_fee_fixed', name: 'each payment', percent: false },
  { key: 'platform_fee', name: 'Platform fee', percent: true },
  { key: 'returns', name: 'Returns', percent: true },
  { key: 'advertising', name: 'Advertising an order', percent: false },
  { key: 'handling', name: 'Handling a parcel', percent: false },
  { key: 'flat_delivery', name: 'Delivery charged', percent: false },
  { key: 'vat', name: 'Sales tax', percent: true },
];

interface Props {
  trial: TrialView;
  attempt: (next: TrialView, recipe?: { id: number; recipe: RecipeFormView }) => Promise<boolean>;
  figure: (changed: boolean) => string;
}

/** Fees, rates and suppliers' costs as they are tried, what is otherwise struck through beside it. */
export function TrialCosts({ trial, attempt, figure }: Props) {
  return (
    <table className="w-full border-t border-line">
      <tbody>
        {FIELDS.map((f) => {
          const changed = trial.fields[f.key] !== trial.fieldsNow[f.key];
          return (
            <tr key={f.key} className="border-b border-line [&>td]:py-1.5">
              <td>{f.name}</td>
              <td className="whitespace-nowrap text-right">
                {changed && <s className="mr-2 text-[13px] text-mute">{trial.fieldsNow[f.key]}</s>}
                <CellField
                  label={f.name}
                  value={trial.fields[f.key] ?? ''}
                  onSay={(value) =>
                    attempt({ ...trial, fields: { ...trial.fields, [f.key]: value === '' ? '0' : value } })
                  }
                  className={figure(changed)}
                />
              </td>
              <td className="w-10 pl-1.5 text-mute">{f.percent ? '%' : trial.currency}</td>
            </tr>
          );
        })}
        {Object.entries(trial.rates).map(([code, rate]) => {
          const changed = rate !== trial.ratesNow[code];
          return (
            <tr key={code} className="border-b border-line [&>td]:py-1.5">
              <td>One {code} costs</td>
              <td className="whitespace-nowrap text-right">
                {changed && <s className="mr-2 text-[13px] text-mute">{trial.ratesNow[code]}</s>}
                <CellField
                  label={`One ${code} costs`}
                  value={rate}
                  onSay={(value) => attempt({ ...trial, rates: { ...trial.rates, [code]: value } })}
                  className={clsx(figure(changed), 'w-20!')}
                />
              </td>
              <td className="pl-1.5 text-mute">{trial.currency}</td>
            </tr>
          );
        })}
        {trial.suppliers.map((s) => (
          <tr key={s.id} className="border-b border-line [&>td]:py-1.5">
            <td>{s.name} dearer by</td>
            <td className="text-right">
              <CellField
                label={`${s.name} dearer by`}
                value={s.dearer}
                onSay={(value) =>
                  attempt({
                    ...trial,
                    suppliers: trial.suppliers.map((o) =>
                      o.id === s.id ? { ...o, dearer: value === '' ? '0' : value } : o,
                    ),
                  })
                }
                className={figure(s.dearer !== '0')}
              />
            </td>
            <td className="pl-1.5 text-mute">%</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
