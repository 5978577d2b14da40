import { clsx } from 'clsx';
import type { PayMethodView } from '@/types/counter';

export function PaymentRow({ method, children }: { method: PayMethodView; children: React.ReactNode }) {
  return (
    <li
      className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line bg-sheet px-4 py-3 text-[16px]"
      data-method={method.method}
    >
      <span className={clsx('min-w-0 flex-1', !method.on && 'text-mute')}>
        <b className="font-semibold">{method.words}</b>, {children}
        {!method.on && '.'}
        {method.on && `. The service takes ${method.fee}${method.ownFee ? '' : ', as the cost sheet has it'}.`}
      </span>
    </li>
  );
}
