import { useCallback, useRef, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { SaleView } from '@/types/bench';

/** What a price that is being typed comes to, or why it comes to nothing. */
interface Tried {
  sale: SaleView | null;
  trouble: string | null;
}

/** Asks what a price comes to while it is being typed; only the latest answer counts. */
export function useTriedPrice(listing: number, stands: SaleView | null) {
  const handle = useHandle();
  const [tried, setTried] = useState<Tried | null>(null);
  const asked = useRef<AbortController | null>(null);

  const stop = useCallback(() => {
    asked.current?.abort();
    setTried(null);
  }, []);
  const tryPrice = (variant: number, price: string) => {
    asked.current?.abort();
    const ask = new AbortController();
    asked.current = ask;
    send<SaleView>('GET', route('bench.till', [handle, listing, { variant, price }]), undefined, ask.signal)
      .then((sale) => {
        if (!ask.signal.aborted) setTried({ sale, trouble: null });
      })
      .catch((error: unknown) => {
        if (!ask.signal.aborted) setTried((t) => ({ sale: t?.sale ?? stands, trouble: words(error) }));
      });
  };
  /** What was typed is over once it is answered; the answer to something said before it doesn't end it. */
  const settle = async (saying: Promise<boolean>): Promise<boolean> => {
    const typed = asked.current;
    const said = await saying;
    if (said && asked.current === typed) stop();
    return said;
  };

  return { sale: tried?.sale ?? stands, trouble: tried?.trouble ?? null, tryPrice, settle, stop };
}
