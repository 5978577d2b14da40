import { Head, Link } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { KeepSheet } from '@/delivery/KeepSheet';
import { NewPlace } from '@/delivery/NewPlace';
import { Packing } from '@/delivery/Packing';
import { PlaceSentence } from '@/delivery/PlaceSentence';
import { TryBasket } from '@/delivery/TryBasket';
import type { WrittenPlace } from '@/delivery/written';
import type { Parts } from '@/lib/parts';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { useSend } from '@/lib/useSend';
import { useSubject } from '@/lib/subject';
import { useHandle } from '@/lib/useStall';
import { usePricingUndo } from '@/pricing/usePricingUndo';
import type { PlacesDoneView, PlacesView } from '@/types/delivery';

interface Props {
  where: PlacesView;
  countries: { code: string; name: string }[];
  parts: Parts;
}

/** Where the stall sends, what that costs, and a basket tried against it. */
export default function WherePage({ where: first, countries, parts }: Props) {
  const handle = useHandle();
  const at = route('delivery.places', handle);
  const [where, setWhere] = useSubject({ at, given: first, moving: (now) => now.working !== '', every: 2_000 });
  // What is tried and what is kept by place is asked again after each change.
  const [turn, setTurn] = useState(0);
  const { during } = useSend();
  const again = () => during(send<PlacesView>('GET', at).then(setWhere));
  // While costs are being worked out, the screen looks again by itself.
  useEffect(() => {
    setTurn((t) => t + 1);
  }, [where]);
  const offerUndo = usePricingUndo(() => void again());
  const say = (call: Promise<PlacesDoneView>) =>
    during(
      call.then((done) => {
        setWhere(done.where);
        if (done.change !== null) offerUndo(done.change, done.words);
      }),
    );
  const put = (id: number, place: WrittenPlace) =>
    say(send<PlacesDoneView>('PATCH', route('delivery.places.update', [handle, id]), place));
  const sent = where.places.filter((place) => place.ways.length > 0).length;
  return (
    <div className="lg:grid lg:min-h-[calc(100vh-68px)] lg:grid-cols-[minmax(0,1fr)_minmax(400px,40%)]">
      <Head title="Where it goes" />
      <div className="px-6 pt-5 pb-16">
        <div className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
          <h1 className="name text-[26px]">Where it goes, and what that costs</h1>
          <p className="text-mute">
            {count(sent, 'place')}, from {count(where.packing.length, 'supplier')}
          </p>
        </div>
        <ul aria-label="Places">
          {where.places.map((place) => (
            <PlaceSentence
              key={place.id}
              place={place}
              countries={countries}
              parts={parts}
              packing={where.packing}
              currency={where.currency}
              onSay={(next) => put(place.id, next)}
              onRemove={() => say(send<PlacesDoneView>('DELETE', route('delivery.places.destroy', [handle, place.id])))}
            />
          ))}
        </ul>
        {where.working !== '' && (
          <p role="status" className="border-t border-line py-2 text-ochre">
            What everything costs in {where.working} is being worked out. It goes on when you leave.
          </p>
        )}
        <p className="border-t border-line py-4 text-[16px] text-mute">
          Nothing goes anywhere else.{' '}
          <NewPlace
            countries={countries}
            parts={parts}
            onSay={(place) => say(send<PlacesDoneView>('POST', route('delivery.places.store', handle), place))}
          />
        </p>
        <p className="mb-6 text-[13.5px] text-mute">
          Prices at home are made as if {where.pricedWith} were charged for delivery.{' '}
          <Link href={route('pricing.costs', handle)} className="underline decoration-line underline-offset-4">
            The cost sheet
          </Link>
        </p>
        <Packing
          packing={where.packing}
          closed={where.closed}
          onSay={(connection, typed) =>
            say(
              connection === null
                ? send<PlacesDoneView>('PATCH', route('delivery.closed', handle), typed)
                : send<PlacesDoneView>('PATCH', route('delivery.supplier', [handle, connection]), typed),
            )
          }
        />
        <KeepSheet turn={turn} />
      </div>
      <TryBasket turn={turn} countries={countries} parts={parts} home={where.home} />
    </div>
  );
}
