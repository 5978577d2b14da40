import { useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { OwnPictureView, SentLogoView } from '@/types/window';
import { made, sendPicture } from '@/window/sendPicture';

/** The stall's own pictures: fetched, sent one after the other, cut and said in words. */
export function usePictures(given: OwnPictureView[], onMade: (id: number) => void) {
  const handle = useHandle();
  const [all, setAll] = useState(given);
  const [going, setGoing] = useState<{ done: number; of: number } | null>(null);
  const [trouble, setTrouble] = useState<string[]>([]);
  const fail = (e: unknown) => {
    setTrouble([words(e)]);
  };
  const load = () => send<OwnPictureView[]>('GET', route('window.pictures', handle)).then(setAll);

  /** One that is refused is named; the others are taken. */
  async function each<T>(
    things: T[],
    name: (thing: T) => string,
    one: (thing: T) => Promise<SentLogoView>,
  ): Promise<void> {
    const refused: string[] = [];
    setTrouble([]);
    for (const [n, thing] of things.entries()) {
      setGoing({ done: n, of: things.length });
      try {
        const { id } = await one(thing);
        await load();
        if (n === 0) onMade(id);
      } catch (e) {
        refused.push(`${name(thing)}: ${words(e)}`);
      }
    }
    setTrouble(refused);
    setGoing(null);
  }

  return {
    all,
    going,
    trouble,
    load: () => void load().catch(fail),
    take: (files: File[]) =>
      each(
        files,
        (file) => file.name,
        (file) => sendPicture(handle, file),
      ),
    draw: (ground: string) =>
      each(
        [ground],
        () => 'The drawing',
        async (key) =>
          made(handle, await send<SentLogoView>('POST', route('window.grounds.store', handle), { ground: key })),
      ),
    say: (id: number, own: Record<string, unknown>) =>
      send<OwnPictureView>('PATCH', route('window.pictures.update', [handle, id]), own)
        .then((said) => {
          setAll((before) => before.map((p) => (p.id === said.id ? said : p)));
        })
        .catch(fail),
  };
}
