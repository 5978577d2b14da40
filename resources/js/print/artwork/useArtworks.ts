import { useState } from 'react';
import { send } from '@/lib/http';
import { useSubject } from '@/lib/subject';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ArtworkView } from '@/types/print';

/** Milliseconds between looks while some are being read. */
const LOOK = 1200;

/** The stall's artworks: sent one after the other, and looked at until all are read. */
export function useArtworks(given: ArtworkView[]) {
  const handle = useHandle();
  const [artworks, setArtworks] = useSubject({
    at: route('print.artworks', handle),
    given,
    moving: (all) => all.some((a) => a.state === 'waiting'),
    every: LOOK,
  });
  const [sending, setSending] = useState(0);

  const add = (one: ArtworkView, newer?: number) => {
    setArtworks((all) => [one, ...all.filter((a) => a.id !== newer)]);
  };
  const upload = async (files: File[], newer?: number) => {
    setSending((n) => n + files.length);
    for (const file of files) {
      const form = new FormData();
      form.append('file', file);
      if (newer !== undefined) form.append('newer', String(newer));
      try {
        add(await send<ArtworkView>('POST', route('print.artwork.send', handle), form), newer);
      } catch (error) {
        sayTrouble(error);
      }
      setSending((n) => n - 1);
    }
  };
  return { artworks, upload, add, sending };
}
