import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import { CellField } from '@/ui/CellField';
import type { CostSheetView, FreeDeliveryView } from '@/types/pricing';
import { Button } from '@/ui/Button';

interface Props {
  over: string;
  currency: string;
  version: CostSheetView;
  onSay: (over: string) => Promise<boolean>;
  onBuildIn: (yes: boolean) => Promise<boolean>;
}

/** Free delivery: from a basket value the program proposes, or built into every price, with what each takes. */
export function FreeDelivery({ over, currency, version, onSay, onBuildIn }: Props) {
  const handle = useHandle();
  const [free, setFree] = useState<FreeDeliveryView | null>(null);
  const [built, setBuilt] = useState(false);
  useEffect(() => {
    send<FreeDeliveryView>('GET', route('pricing.free-delivery', handle))
      .then(setFree)
      .catch(() => undefined);
  }, [handle, version]);
  return (
    <section className="mt-7 border-t border-line pt-5" data-free>
      <h2 className="name text-[19px]">Free delivery</h2>
      <p className="mt-1">
        over{' '}
        <CellField
          label="Free over"
          value={over}
          placeholder="never"
          onSay={onSay}
          className="w-20 py-0.5 text-center font-semibold"
        />{' '}
        {currency} a basket
      </p>
      {free && (
        <>
          {free.over && free.over.digits !== over && (
            <p className="mt-2 flex items-center gap-3">
              <Button small kind="do" onClick={() => void onSay(free.over?.digits ?? '')}>
                Send free over {free.over.text}
              </Button>
            </p>
          )}
          <ul className="mt-2 space-y-1 text-[13px] text-mute">
            {free.figures.map((f) => (
              <li key={f}>{f}</li>
            ))}
          </ul>
          <p className="mt-3 text-[13px]">
            <b className="font-semibold">Or built into the price.</b> {free.builtInWords}{' '}
            {free.builtIn.length > 0 && (
              <button
                type="button"
                onClick={() => setBuilt(!built)}
                className="text-mute underline decoration-line underline-offset-4"
              >
                {built ? 'less' : 'variant by variant'}
              </button>
            )}
          </p>
          {(free.carried !== null || free.builtIn.length > 0) && (
            <Button small className="mt-2" onClick={() => void onBuildIn(free.carried === null)}>
              {free.carried === null
                ? `Build ${free.charged} into the recipes’ prices`
                : `Charge ${free.carried.text} for delivery again`}
            </Button>
          )}
          {built && (
            <ul className="mt-1 text-[13px]">
              {free.builtIn.map((b) => (
                <li key={b.name} className="flex gap-3 border-b border-line py-1">
                  <span className="min-w-0 flex-1 truncate">{b.name}</span>
                  <span>
                    {b.now.text} → {b.then.text}
                  </span>
                  <span className="w-14 text-right text-mute">{b.more}</span>
                </li>
              ))}
            </ul>
          )}
        </>
      )}
    </section>
  );
}
