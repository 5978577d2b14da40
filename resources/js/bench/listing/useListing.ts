import { useEffect, useRef, useState } from 'react';
import { useTriedPrice } from '@/bench/listing/useTriedPrice';
import { useSubject } from '@/lib/subject';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ListingView } from '@/types/bench';

/** A listing as it was answered last, the variant in hand with its price as it is tried, and when the page changed. */
export function useListing(given: ListingView) {
  const handle = useHandle();
  const [listing, setListing] = useState(given);
  const [stamp, setStamp] = useState(0);
  const firstOn = Math.max(
    0,
    given.choices.variants.findIndex((v) => v.on),
  );
  const [at, setAt] = useState(firstOn);
  const till = useTriedPrice(given.id, listing.choices.sales[at] ?? null);
  const { stop } = till;

  useEffect(() => {
    setListing(given);
    setAt(firstOn);
    stop();
  }, [given, firstOn, stop]);

  const take = (next: ListingView) => {
    // An answer that was overtaken by a later one says nothing new.
    setListing((now) => (next.id === now.id && next.version < now.version ? now : next));
    setStamp((n) => n + 1);
  };
  const edit = async (call: Promise<ListingView>): Promise<boolean> => {
    try {
      take(await call);
      return true;
    } catch (error) {
      sayTrouble(error);
      return false;
    }
  };

  // Pictures are fetched in the background; they appear as they come.
  const [looked] = useSubject({
    at: listing.pictures.waiting > 0 ? route('bench.listing.view', [handle, listing.id]) : null,
    given: listing,
    moving: (next) => next.pictures.waiting > 0,
    every: 1200,
  });
  const seen = useRef(given);
  useEffect(() => {
    if (looked === seen.current) return;
    seen.current = looked;
    // Only the pictures: what somebody else said meanwhile isn't taken for seen by who is typing here.
    const { id, version, pictures, supplier } = looked;
    setListing((now) => {
      if (now.id !== id) return now;
      return now.version === version ? looked : { ...now, pictures, supplier };
    });
    if (pictures.waiting === 0) setStamp((n) => n + 1);
  }, [looked]);
  useEffect(() => {
    seen.current = listing;
  }, [listing]);

  const onAt = (variant: number) => {
    setAt(variant);
    stop();
  };
  return { listing, stamp, at, onAt, till, take, edit };
}
