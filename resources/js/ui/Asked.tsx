import { TrendDownIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { MoneyView } from '@/types/support';

/** The sign of a loss; its colour never stands without it. */
function Loss() {
  return <TrendDownIcon size={14} weight="bold" aria-hidden className="mr-0.5 inline align-[-2px]" />;
}

/** What a sale loses: its own colour, a sign and the word. */
export function Loses({ amount }: { amount: string }) {
  return (
    <span className="font-semibold whitespace-nowrap text-loss" data-loses>
      <Loss />
      loses {amount}
    </span>
  );
}

/** A price as shoppers are asked it; one that loses has another colour, a sign and the word. */
export function Asked({ price, loses }: { price: MoneyView | null; loses: boolean }) {
  if (!price) return <>–</>;
  return loses ? (
    <span className="font-semibold whitespace-nowrap text-loss" data-loses>
      <Loss />
      {price.text} <span className="text-[12px] font-medium">at a loss</span>
    </span>
  ) : (
    <span className="font-semibold whitespace-nowrap text-you">{price.text}</span>
  );
}

interface KeptProps {
  keep: MoneyView | null;
  quiet?: boolean;
  /** Without the sign of the currency. */
  digits?: boolean;
}

/** What a sale keeps, or loses. */
export function Kept({ keep, quiet = false, digits = false }: KeptProps) {
  if (!keep) return <>–</>;
  if (keep.sign < 0) return <Loses amount={digits ? keep.digits.replace('-', '') : keep.absolute} />;
  return (
    <span className={clsx('whitespace-nowrap', !quiet && 'font-semibold')}>{digits ? keep.digits : keep.text}</span>
  );
}
