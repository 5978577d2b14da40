import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { ArtworkShelf } from '@/print/artwork/ArtworkShelf';
import { LayMany } from '@/print/artwork/LayMany';
import { useArtworks } from '@/print/artwork/useArtworks';
import type { ArtworkView, BlankChoiceView, PlacingRowView } from '@/types/print';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';
import { Thumb } from '@/ui/Thumb';

interface Props {
  artworks: ArtworkView[];
  blanks: BlankChoiceView[];
  placings: PlacingRowView[];
  run: RunView | null;
  faces: Record<string, string>;
}

/** Artwork, the blanks it can lie on, and what was laid out: choose one of each and lay it. */
export default function PrintPage({ artworks: given, blanks, placings, run, faces }: Props) {
  const handle = useHandle();
  const { artworks, upload, add, sending } = useArtworks(given);
  const [chosen, setChosen] = useState<number | null>(null);
  const artwork = artworks.find((a) => a.id === chosen);
  return (
    <div className="min-h-0 flex-1 overflow-auto px-6 pt-5 pb-12 max-md:px-4">
      <Head title="Print" />
      <h1 className="name text-[24px]">Print</h1>
      <p className="max-w-[68ch] text-mute">
        {blanks.length === 0
          ? 'No print house is connected yet. Connect one, and its blanks lie here.'
          : 'Choose an artwork, then what it is printed on. Nothing is sold before you have looked at it.'}
      </p>
      {blanks.length === 0 && (
        <Link
          href={route('source.connect', handle)}
          className="mt-2 inline-block text-you underline underline-offset-4"
        >
          Connect a print house
        </Link>
      )}
      <ArtworkShelf
        artworks={artworks}
        chosen={chosen}
        onChoose={setChosen}
        onSend={upload}
        sending={sending}
        faces={faces}
        onWritten={add}
        onRun={() => {
          router.reload({ only: ['run'] });
        }}
      />
      {artwork && (
        <section aria-label="What it is printed on" className="mt-5 border-l-[3px] border-you pl-4" data-blanks>
          <h2 className="name text-[18px]">Lay “{artwork.name}” on</h2>
          <ul className="mt-2 flex flex-wrap gap-x-4 gap-y-3">
            {blanks.map((blank) => (
              <li key={blank.id} className="w-[118px]">
                <button
                  type="button"
                  className="block w-full text-left hover:text-you"
                  onClick={() => {
                    router.post(route('print.lay', handle), { blank: blank.id, artwork: artwork.id });
                  }}
                >
                  <img src={blank.picture} alt="" className="aspect-square w-full object-cover" />
                  <span className="mt-1 block leading-tight font-medium">{blank.name}</span>
                  <span className="block text-[12.5px] text-mute">{blank.about}</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Laid out" className="mt-8" data-placings>
        <h2 className="name text-[18px]">Laid out</h2>
        {placings.length === 0 ? (
          <p className="text-mute">Nothing yet. What you lay on a blank stands here, made into goods or not.</p>
        ) : (
          <ul>
            {placings.map((one) => (
              <li key={one.id} className="flex items-center gap-4 border-b border-line py-2">
                <Thumb src={one.picture} size={40} />
                <Link href={route('print.placing', [handle, one.id])} className="font-medium hover:text-you">
                  {one.name}
                </Link>
                <span className="flex-1 text-mute">{one.stands}</span>
                {one.stands === 'not made yet' && (
                  <Button
                    kind="quiet"
                    small
                    onClick={() => {
                      router.delete(route('print.placing.remove', [handle, one.id]), { preserveScroll: true });
                    }}
                  >
                    throw away
                  </Button>
                )}
              </li>
            ))}
          </ul>
        )}
      </section>
      <LayMany kept={placings.filter((p) => p.keptAs !== null)} artworks={artworks} blanks={blanks} run={run} />
    </div>
  );
}
