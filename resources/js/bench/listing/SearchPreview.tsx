import { useMemo } from 'react';
import { useTyped } from '@/lib/useTyped';
import type { ListingView } from '@/types/bench';

/** What search engines show of a title and a description: pixels, in their face, cut at a word. */
const TITLE = { face: '400 20px Arial, "Liberation Sans", Helvetica, sans-serif', width: 580 };
const WORDS = { face: '400 14px Arial, "Liberation Sans", Helvetica, sans-serif', width: 2 * 600 };

/** Drawn smaller so that the whole width fits; lines break where they truly do. */
const SMALLER = 0.68;

let pen: CanvasRenderingContext2D | null = null;
function measure(text: string, face: string): number {
  pen ??= document.createElement('canvas').getContext('2d');
  if (!pen) return 0;
  pen.font = face;
  return pen.measureText(text).width;
}

/** Cut as a search engine cuts it. */
function cut(text: string, { face, width }: { face: string; width: number }): string {
  if (measure(text, face) <= width) return text;
  let shown = text;
  while (shown && measure(`${shown} …`, face) > width) shown = shown.replace(/\s*\S+$/, '');
  return `${shown} …`;
}

/** What search engines will show of the page, at its true width, and the two lines behind it. */
export function SearchPreview({
  listing,
  onSay,
}: {
  listing: ListingView;
  onSay: (own: Record<string, unknown>) => Promise<boolean>;
}) {
  const titleField = useTyped(listing.details.search.title, (typed) => onSay({ search_title: typed }));
  const wordsField = useTyped(listing.details.search.words, (typed) => onSay({ search_words: typed }));
  const title = titleField.value;
  const words = wordsField.value;
  const shown = useMemo(() => ({ title: cut(title, TITLE), words: cut(words, WORDS) }), [title, words]);
  const line = 'w-full border-b border-line bg-transparent py-1 focus:border-you';
  return (
    <div>
      <div
        className="mb-2 overflow-hidden rounded-md border border-line bg-white px-4 py-3"
        data-search-preview
        style={{ zoom: SMALLER, fontFamily: 'Arial, "Liberation Sans", Helvetica, sans-serif' }}
      >
        <p className="text-[12px] text-[#4d5156]">
          {listing.stands.shopUrl?.replace(/^https?:\/\//, '') ?? 'your shop › goods'}
        </p>
        <p className="text-[20px] leading-[26px] whitespace-nowrap text-[#1a0dab]" style={{ width: TITLE.width }}>
          {shown.title}
        </p>
        <p className="text-[14px] leading-[22px] text-[#4d5156]" style={{ width: 600 }}>
          {shown.words}
        </p>
      </div>
      <label className="block text-[12.5px] text-mute">
        Search title {shown.title !== title && <span className="font-medium text-ochre">is cut off</span>}
        <input
          data-field="search-title"
          maxLength={120}
          {...titleField.field}
          className={`${line} text-[14px] text-ink`}
        />
      </label>
      <label className="mt-2 block text-[12.5px] text-mute">
        Search description {shown.words !== words && <span className="font-medium text-ochre">is cut off</span>}
        <textarea
          data-field="search-words"
          rows={2}
          maxLength={320}
          {...wordsField.field}
          className={`${line} resize-none text-[14px] text-ink`}
        />
      </label>
    </div>
  );
}
