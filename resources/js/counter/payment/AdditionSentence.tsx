import { listed, plural } from '@/lib/plural';
import type { PaymentView } from '@/types/counter';
import { CellField } from '@/ui/CellField';

interface Props {
  payment: PaymentView;
  onSay: (minutes: string) => Promise<boolean>;
}

/** For how long after paying something more is offered into the same parcel. */
export function AdditionSentence({ payment, onSay }: Props) {
  const by = payment.additionsBy;
  return (
    <p className="mt-4 max-w-[62ch]">
      For{' '}
      <CellField
        label="Minutes after paying"
        inputMode="numeric"
        value={String(payment.additionMinutes)}
        onSay={onSay}
        className="w-[4ch] text-center font-semibold"
      />{' '}
      {plural(payment.additionMinutes, 'minute')} after paying, shoppers are offered something more into the same
      parcel.{' '}
      <span className="text-mute">
        {by.length === 0
          ? 'None of your suppliers lays anything into a parcel that was ordered, so nothing is offered yet.'
          : `${listed(by)} ${by.length === 1 ? 'lays' : 'lay'} it in until they pack. With 0 minutes nothing is offered.`}
      </span>
    </p>
  );
}
