import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { MarketView } from '@/types/source';

interface Props {
  market: string;
  markets: MarketView[];
  onTurn: (market: string) => void;
  className?: string;
  /** Further choices, after the markets. */
  children?: ReactNode;
}

/** Chooses the country sold to. */
export function MarketSelect({ market, markets, onTurn, className, children }: Props) {
  return (
    <select
      value={market}
      data-market
      aria-label="Country sold to"
      onChange={(e) => onTurn(e.target.value)}
      className={clsx('bg-transparent font-semibold text-ink', className)}
    >
      {markets.map((m) => (
        <option key={m.code} value={m.code}>
          {m.name}
        </option>
      ))}
      {children}
    </select>
  );
}
