import type { LeftBasketView } from '@/types/counter';
import { Thumb } from '@/ui/Thumb';

export function LeftRow({ basket }: { basket: LeftBasketView }) {
  return (
    <li className="flex items-center gap-4 border-b border-line bg-sheet px-4 py-2.5" data-left={basket.id}>
      <Thumb src={basket.picture} size={40} />
      <div className="min-w-0 flex-1">
        <p className="truncate">{basket.goods}</p>
        <p className="text-[13px] text-mute">
          {basket.shopper}, {basket.when}.{' '}
          {basket.reminded !== ''
            ? `Reminded ${basket.reminded}.`
            : basket.agreed
              ? 'May be written to.'
              : 'Didn’t agree to mail.'}
        </p>
      </div>
      <p className="text-right">
        {basket.total.text}
        <span className="block text-[13px] text-mute">would have kept {basket.keep.text}</span>
      </p>
    </li>
  );
}
