import { useEffect, useState, type ReactNode } from 'react';
import { NamesEditor } from '@/bench/NamesEditor';
import { PictureTray } from '@/bench/PictureTray';
import { RecipeLine } from '@/bench/RecipeLine';
import { VariantGrid } from '@/bench/VariantGrid';
import { WordsEditor } from '@/bench/WordsEditor';
import type { ListingView } from '@/types';
import { Held } from '@/ui/Voices';

export interface Edits {
  patch: (own: Record<string, unknown>) => Promise<boolean>;
  variants: (ids: number[], own: Record<string, unknown>) => Promise<boolean>;
  onTryPrice: (variant: number, price: string) => void;
  onStopTyping: () => void;
  onUpload: (form: FormData) => Promise<boolean>;
}

interface Props extends Edits {
  listing: ListingView;
  at: number;
  onAt: (variant: number) => void;
}

/** What the seller says: each field is held from the moment they say something, and can follow again. */
export function OwnColumn({ listing, at, onAt, ...edits }: Props) {
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 pb-10">
      <Part
        place="title"
        label="Title"
        mark={<Held held={listing.titleHeld} what="the title" onFollow={() => void edits.patch({ title: null, follow: true })} />}
        after={`${String(listing.title.length)} letters`}
      >
        <TitleField title={listing.title} onSay={(title) => edits.patch({ title })} />
      </Part>
      <Part
        place="pictures"
        label="Pictures"
        mark={<Held held={listing.picturesHeld} what="the pictures" onFollow={() => void edits.patch({ pictures: null, follow: true })} />}
        after="drag to order; the first one leads"
      >
        <PictureTray listing={listing} onOrder={(pictures) => edits.patch({ pictures })} onUpload={edits.onUpload} />
      </Part>
      {listing.options.length > 0 && (
        <Part place="names" label="Options, as shoppers read them">
          <NamesEditor options={listing.options} onSay={(names) => edits.patch({ names })} />
        </Part>
      )}
      <Part place="variants" label="Variants and prices">
        <RecipeLine listing={listing} onSay={(recipe) => edits.patch({ recipe })} />
        <VariantGrid rows={listing.variants} at={at} onAt={onAt} edits={edits} />
      </Part>
      <Part
        place="words"
        label="Words"
        mark={<Held held={listing.wordsHeld} what="the words" onFollow={() => void edits.patch({ words: null, follow: true })} />}
      >
        <WordsEditor
          key={`${String(listing.id)}-${String(listing.wordsHeld)}`}
          html={listing.words}
          onSay={(html) => edits.patch({ words: html })}
        />
      </Part>
    </div>
  );
}

function TitleField({ title, onSay }: { title: string; onSay: (title: string) => Promise<boolean> }) {
  const [typed, setTyped] = useState(title);
  useEffect(() => {
    setTyped(title);
  }, [title]);
  return (
    <input
      aria-label="Title"
      data-field="title"
      value={typed}
      onChange={(e) => {
        setTyped(e.target.value);
      }}
      onBlur={() => {
        if (typed !== title)
          void onSay(typed).then((ok) => {
            if (!ok) setTyped(title);
          });
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setTyped(title);
      }}
      className="underlined w-full bg-transparent py-0.5 text-[17px] font-semibold outline-none focus:bg-you-soft/50"
    />
  );
}

function Part({
  place,
  label,
  mark,
  after,
  children,
}: {
  place: string;
  label: string;
  mark?: ReactNode;
  after?: string;
  children: ReactNode;
}) {
  return (
    <div id={`place-${place}`} className="border-b border-line py-3 last:border-0">
      <h3 className="mb-1.5 flex items-center gap-2 text-[12px] text-mute">
        {label} {mark}
        {after && <span className="ml-auto">{after}</span>}
      </h3>
      {children}
    </div>
  );
}
