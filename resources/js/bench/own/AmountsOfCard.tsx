import type { OwnGoodView } from '@/types/bench';
import { CellField } from '@/ui/CellField';

interface Props {
  own: OwnGoodView;
  onSay: (what: object) => Promise<boolean>;
}

/** The amounts a gift card is sold for. */
export function AmountsOfCard({ own, onSay }: Props) {
  return (
    <div className="grid gap-4 py-4" data-own="gift_card">
      <div>
        <h3 className="mb-1 text-[12px] text-mute">Sold for, parted by commas</h3>
        <CellField
          label="Amounts"
          value={own.amounts}
          onSay={(amounts) => onSay({ amounts })}
          className="w-full font-semibold"
        />
      </div>
      <p className="max-w-[44ch] text-[13px] text-mute">
        Whoever buys one reads its code on the page of their order, and whoever has the code types it at the checkout,
        where codes go. It pays until nothing is left on it; what a refund gives back of it lies on it again. You keep
        nothing of the card itself: what it buys is your sale, and is taxed then.
      </p>
    </div>
  );
}
