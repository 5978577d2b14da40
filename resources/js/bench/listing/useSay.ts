import { useRef, useState } from 'react';
import { Refused, send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ListingView } from '@/types/bench';

/** What is said: fields by name, or what makes them of the listing as it is once all that was said before is answered. */
export type Own = Record<string, unknown> | ((now: ListingView) => Record<string, unknown>);

interface Said {
  url: string;
  own: Own;
}

/**
 * Says something of a listing: one thing after the other, each with the version the person saw. Where somebody else changed the
 * listing meanwhile nothing is saved and nothing lost: the person saves over it or takes what stands.
 */
export function useSay(listing: ListingView, take: (next: ListingView) => void) {
  const handle = useHandle();
  const version = useRef(listing.version);
  version.current = Math.max(version.current, listing.version);
  const now = useRef(listing);
  if (listing.version >= now.current.version) now.current = listing;
  const line = useRef<Promise<unknown>>(Promise.resolve());
  const [held, setHeld] = useState<{ said: Said; why: string } | null>(null);

  const once = async ({ url, own }: Said): Promise<boolean> => {
    try {
      const said = typeof own === 'function' ? own(now.current) : own;
      const next = await send<ListingView>('PATCH', url, { ...said, version: version.current });
      version.current = next.version;
      now.current = next;
      setHeld(null);
      take(next);
      return true;
    } catch (error) {
      if (error instanceof Refused && error.status === 409) setHeld({ said: { url, own }, why: error.message });
      else sayTrouble(error);
      return false;
    }
  };
  const say = (url: string, own: Own): Promise<boolean> => {
    const turn = line.current.then(() => once({ url, own }));
    line.current = turn;
    return turn;
  };
  const stands = () => send<ListingView>('GET', route('bench.listing.view', [handle, listing.id]));

  return {
    say,
    clash: held?.why ?? null,
    overrule: async (): Promise<void> => {
      if (!held) return;
      version.current = (await stands()).version;
      await say(held.said.url, held.said.own);
    },
    giveWay: async (): Promise<void> => {
      const now = await stands();
      version.current = now.version;
      setHeld(null);
      take(now);
    },
  };
}
