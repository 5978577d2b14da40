import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { flushSync } from 'react-dom';
import { Clash } from '@/bench/listing/Clash';
import { LastStep } from '@/bench/listing/LastStep';
import { ListingHead } from '@/bench/listing/ListingHead';
import { Neighbours } from '@/bench/listing/Neighbours';
import { OwnColumn } from '@/bench/listing/OwnColumn';
import { OwnPanel } from '@/bench/own/OwnPanel';
import { goTo } from '@/bench/listing/places';
import { SplitSheet } from '@/bench/listing/SplitSheet';
import { SupplierColumn } from '@/bench/listing/SupplierColumn';
import { ThreeVoices } from '@/bench/listing/ThreeVoices';
import { TillStrip } from '@/bench/listing/TillStrip';
import { useListing } from '@/bench/listing/useListing';
import { useSay, type Own } from '@/bench/listing/useSay';
import { send } from '@/lib/http';
import { useSingleKeys } from '@/lib/keys';
import { isNarrow } from '@/lib/narrow';
import { useHandle } from '@/lib/useStall';
import type { ListingView } from '@/types/bench';
import { PhoneFrame } from '@/ui/PhoneFrame';
import { VoiceHead, type Voice } from '@/ui/Voices';

interface Props {
  listing: ListingView;
  earlier: number | null;
  later: number | null;
}

/** A listing in its three voices, side by side, with the till strip under them. */
export default function ListingPage({ listing: given, earlier, later }: Props) {
  const handle = useHandle();
  const [splitting, setSplitting] = useState(false);
  const [voice, setVoice] = useState<Voice>(() => (isNarrow() ? 'you' : 'sup'));
  // Counts how often what was typed was let go.
  const [fresh, setFresh] = useState(0);
  const { listing, stamp, at, onAt, till, take, edit } = useListing(given);
  const { settle, stop } = till;
  const { say, clash, overrule, giveWay } = useSay(listing, take);
  const patch = (own: Own) => settle(say(route('bench.listing.update', [handle, listing.id]), own));
  const variants = (ids: number[], own: Record<string, unknown>) =>
    settle(say(route('bench.variants.update', [handle, listing.id]), { variants: ids, ...own }));

  const reload = () => {
    void settle(edit(send<ListingView>('GET', route('bench.listing.view', [handle, listing.id]))));
  };

  /** To where something is mended: that is among one’s own words, which may have to be shown first. */
  const go = (place: string) => {
    flushSync(() => {
      if (voice === 'see' || isNarrow()) setVoice('you');
    });
    goTo(place);
  };

  const step = (to: string) => document.querySelector<HTMLAnchorElement>(`[data-step="${to}"]`)?.click();
  useSingleKeys({ earlierListing: () => step('earlier'), laterListing: () => step('later') });

  return (
    <>
      <Head title={listing.title.shown} />
      <ListingHead listing={listing} earlier={earlier} later={later} onChanged={take} onReload={reload} onGo={go} />
      {listing.choices.products > 1 && listing.choices.variants.length > 1 && (
        <div className="flex flex-none items-baseline gap-3 border-t border-line bg-ochre-soft px-5 py-2" data-products>
          <b className="font-semibold text-ochre">
            Its variants look like {listing.choices.products} different products.
          </b>
          <button
            type="button"
            onClick={() => setSplitting(true)}
            className="font-medium text-you underline decoration-you/40 underline-offset-3"
          >
            Split it
          </button>
        </div>
      )}
      {clash && <Clash clash={clash} overrule={overrule} stop={stop} giveWay={giveWay} setFresh={setFresh} />}
      <SplitSheet listing={listing.id} open={splitting} onClose={() => setSplitting(false)} />
      <ThreeVoices
        read={voice}
        onRead={setVoice}
        says={{
          sup: (
            <>
              <VoiceHead voice="sup" as={listing.supplier.own ? 'Shoppers get' : undefined}>
                {listing.supplier.pulled ? `pulled ${listing.supplier.pulled}` : ''}
              </VoiceHead>
              {listing.supplier.own ? (
                <OwnPanel listing={listing.id} own={listing.supplier.own} onSay={(call) => settle(edit(call))} />
              ) : (
                <SupplierColumn listing={listing} />
              )}
            </>
          ),
          you: (
            <>
              <VoiceHead voice="you">
                <LastStep last={listing.last} listing={listing.id} onTaken={reload} />
                {listing.pending.held === 0 ? 'all of it follows' : `${String(listing.pending.held)} held`}
              </VoiceHead>
              <OwnColumn
                key={fresh}
                listing={listing}
                at={at}
                onAt={onAt}
                patch={patch}
                variants={variants}
                onTryPrice={till.tryPrice}
                onStopTyping={stop}
                onListing={take}
                onReload={reload}
                picture={(picture, own) =>
                  edit(send<ListingView>('PATCH', route('bench.picture.update', [handle, listing.id, picture]), own))
                }
                onUpload={(form) =>
                  edit(send<ListingView>('POST', route('bench.pictures.store', [handle, listing.id]), form))
                }
              />
            </>
          ),
          see: (
            <>
              <VoiceHead voice="see">
                {listing.stands.shopUrl ? (
                  <a href={listing.stands.shopUrl} target="_blank" rel="noreferrer" className="underline">
                    in the shop
                  </a>
                ) : (
                  'the page itself'
                )}
              </VoiceHead>
              <div className="flex min-h-0 flex-1 flex-col px-3 pt-3">
                <PhoneFrame
                  src={listing.stands.previewUrl}
                  stamp={stamp}
                  title="The page as the shopper’s phone shows it"
                  width={266}
                />
              </div>
            </>
          ),
        }}
      />
      <TillStrip sale={till.sale} trouble={till.trouble} />
      <Neighbours earlier={earlier} handle={handle} later={later} />
    </>
  );
}
