import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { send } from '@/lib/http';
import { useSubject } from '@/lib/subject';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { FirstGoods } from '@/opening/FirstGoods';
import { SayOfShop, type Said } from '@/opening/SayOfShop';
import { WaysToLay } from '@/opening/WaysToLay';
import type { AgreedView, FirstShopView } from '@/types/opening';

/** A whole first shop from one sentence: goods chosen from the suppliers, laid out in three ways to choose from. */
export default function FirstShopPage({ first: given }: { first: FirstShopView }) {
  const handle = useHandle();
  const [first, put] = useSubject<FirstShopView>({
    at: route('opening.first.now', handle),
    given,
    moving: (now) => now.run?.open === true,
  });
  const [agreed, setAgreed] = useState<AgreedView | null>(null);
  const { trouble, busy, during } = useSend('here');
  const begin = (said: Said) => {
    setAgreed(null);
    void during(send<FirstShopView>('POST', route('opening.first.begin', handle), said).then(put));
  };
  const leaveOut = (listings: number[]) => {
    void during(send<FirstShopView>('PUT', route('opening.first.leave-out', handle), { listings }).then(put));
  };
  const agree = (way: number) => {
    void during(
      send<AgreedView>('POST', route('opening.first.agree', handle), { way }).then((answer) => {
        put(answer.first);
        setAgreed(answer);
      }),
    );
  };

  return (
    <div className="px-6 pt-5 pb-12">
      <Head title="A first shop" />
      <h1 className="name text-[26px]">A first shop</h1>
      <p className="mt-1 mb-6 max-w-[680px] text-mute">
        Say in a sentence what the shop sells. Goods are chosen from your suppliers, named, priced by your recipe, put
        on shelves, and laid out in three ways. Shoppers see nothing of it before you agree to one.
      </p>
      {first.supplied ? (
        <SayOfShop first={first} busy={busy} onBegin={begin} />
      ) : (
        <p className="border-l-4 border-ochre px-4 py-3">
          {'The goods come from your suppliers, and none is connected yet. '}
          <Link href={route('source.connect', handle)} className="font-semibold underline underline-offset-4">
            Connect a supplier
          </Link>
        </p>
      )}
      {(trouble !== '' || first.run?.trouble) && (
        <p role="alert" className="mt-5 max-w-[760px] border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble || first.run?.trouble}
        </p>
      )}
      {first.ways.length > 0 && (
        <>
          <WaysToLay ways={first.ways} agreed={agreed} shown={first.shown} busy={busy} onAgree={agree} />
          <FirstGoods
            goods={first.goods}
            notes={first.run?.notes ?? []}
            fixed={first.shown || busy}
            onLeaveOut={leaveOut}
          />
        </>
      )}
    </div>
  );
}
