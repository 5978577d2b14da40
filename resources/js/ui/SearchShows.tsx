import type { SearchCutView } from '@/types/support';

/** A page as search engines will show it, cut where they cut it. */
export function SearchShows({ cut }: { cut: SearchCutView }) {
  return (
    <figure className="mt-2 max-w-[600px] border-l-[3px] border-see pl-4" data-search-shows>
      <figcaption className="text-[12.5px] text-mute">
        As search engines show it
        {(cut.titleCut || cut.wordsCut) && (
          <span className="text-ochre">
            , the {cut.titleCut ? (cut.wordsCut ? 'title and the words' : 'title') : 'words'} cut
          </span>
        )}
      </figcaption>
      <p className="text-[12.5px] text-mute">{cut.address}</p>
      <p className="text-[16.5px] text-see">{cut.title}</p>
      <p className="text-[13.5px]">{cut.words === '' ? <span className="text-mute">no words yet</span> : cut.words}</p>
    </figure>
  );
}
