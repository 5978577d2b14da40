import type { Edits } from '@/bench/listing/edits';
import { useState, type ReactNode } from 'react';
import { DraftMark } from '@/bench/listing/DraftMark';
import { DropSheet } from '@/bench/listing/DropSheet';
import { JunkNotes } from '@/bench/listing/JunkNotes';
import { MeantSo } from '@/bench/listing/MeantSo';
import { NamesEditor } from '@/bench/listing/NamesEditor';
import { Notes } from '@/bench/listing/Notes';
import { OrderFields } from '@/bench/listing/OrderFields';
import { OwnPage } from '@/bench/listing/OwnPage';
import { PictureSheet } from '@/bench/listing/PictureSheet';
import { PictureTray } from '@/bench/listing/PictureTray';
import { RecipeLine } from '@/bench/listing/RecipeLine';
import { SearchPreview } from '@/bench/listing/SearchPreview';
import { SourcesSheet } from '@/bench/listing/SourcesSheet';
import { useUndo } from '@/bench/useUndo';
import { TitleField } from '@/bench/listing/TitleField';
import { VariantGrid } from '@/bench/listing/VariantGrid';
import { withoutSentences } from '@/bench/listing/withoutSentences';
import { WordsEditor } from '@/bench/listing/WordsEditor';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ListingAnswerView, ListingView } from '@/types/bench';
import { Explained } from '@/ui/Explained';
import { Held } from '@/ui/Voices';

interface Props extends Edits {
  listing: ListingView;
  at: number;
  onAt: (variant: number) => void;
  onListing: (next: ListingView) => void;
  onReload: () => void;
}

/** What the seller says: each field is held from the moment they say something, and can follow again. */
export function OwnColumn({ listing, at, onAt, onListing, onReload, ...edits }: Props) {
  const handle = useHandle();
  const undo = useUndo(onReload);
  const [dropping, setDropping] = useState<string | null>(null);
  const [looking, setLooking] = useState<number | null>(null);
  const [sourcing, setSourcing] = useState<number | null>(null);
  const draft = (field: string) => (
    <DraftMark
      draft={listing.pending.drafts.includes(field)}
      what={field}
      onAccept={() =>
        void send<ListingView>('POST', route('bench.accept', [handle, listing.id]), { fields: [field] })
          .then(onListing)
          .catch(sayTrouble)
      }
    />
  );
  const step = (next: ListingView, change: number, said: string) => {
    onListing(next);
    undo(change, said);
  };
  const takeUp = (option: string) => {
    send<ListingAnswerView>('POST', route('bench.take-up', [handle, listing.id]), { option })
      .then((answer) => step(answer.listing, answer.change, `“${option}” is taken up again.`))
      .catch(sayTrouble);
  };
  // From the words as they are when its turn comes: what was just typed is said before.
  const cut = (sentences: string[]) =>
    void edits.patch((now: ListingView) => ({ words: withoutSentences(now.words.shown, sentences) }));
  const meantSo = (place: string) => (
    <MeantSo
      lack={listing.stands.lacks.find((l) => l.place === place && l.meant.length > 0)}
      onSay={(meant) => void edits.patch({ meant })}
    />
  );
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 pb-10">
      <Explained term="held" className="-mx-5 px-5!" />
      <Part
        place="title"
        label="Title"
        mark={
          <>
            <Held
              held={listing.title.held}
              what="the title"
              onFollow={() => void edits.patch({ title: null, follow: true })}
            />
            {draft('title')}
          </>
        }
        after={`${String(listing.title.shown.length)} letters`}
      >
        <TitleField title={listing.title.shown} onSay={(title) => edits.patch({ title })} />
        <Notes
          notes={listing.title.notes}
          label="About the title"
          fix="better it"
          onFix={(n) => void edits.patch({ title: n.instead })}
        />
        {meantSo('title')}
      </Part>
      <Part
        place="pictures"
        label="Pictures"
        mark={
          <>
            <Held
              held={listing.pictures.held}
              what="the pictures"
              onFollow={() => void edits.patch({ pictures: null, follow: true })}
            />
            {draft('alt')}
          </>
        }
        after="drag to order; the first one leads"
      >
        <PictureTray
          listing={listing}
          onOrder={(pictures) => edits.patch({ pictures })}
          onUpload={edits.onUpload}
          onLook={(p) => setLooking(p.id)}
        />
      </Part>
      {listing.choices.options.length > 0 && (
        <Part place="names" label="Options, as shoppers read them">
          <NamesEditor
            options={listing.choices.options}
            onSay={(names) => edits.patch({ names })}
            onOrder={(order) => edits.patch({ option_order: order })}
            onValues={(option, values) => edits.patch({ value_order: { option, values } })}
            onDrop={setDropping}
            onTakeUp={takeUp}
          />
          {meantSo('names')}
        </Part>
      )}
      <Part place="variants" label="Variants and prices">
        <RecipeLine
          listing={listing}
          onSay={(recipe) => edits.patch({ recipe })}
          onAcross={(across) => edits.patch({ across })}
        />
        <VariantGrid
          rows={listing.choices.variants}
          at={at}
          onAt={onAt}
          onSources={(row) => setSourcing(row.id)}
          edits={edits}
        />
      </Part>
      <Part
        place="words"
        label="Words"
        mark={
          <>
            <Held
              held={listing.words.held}
              what="the words"
              onFollow={() => void edits.patch({ words: null, follow: true })}
            />
            {draft('words')}
          </>
        }
      >
        <JunkNotes junk={listing.words.notes} onCut={cut} />
        {meantSo('words')}
        <WordsEditor
          key={listing.id}
          html={listing.words.shown}
          pictures={listing.pictures.shown}
          onSay={(html) => edits.patch({ words: html })}
        />
      </Part>
      <Part
        place="search"
        label="As search engines show it"
        mark={draft('search')}
        after={listing.details.search.held ? undefined : 'follows the title and the words'}
      >
        <SearchPreview listing={listing} onSay={edits.patch} />
        <OwnPage listing={listing.id} />
      </Part>
      <Part place="order" label="Your own order">
        <OrderFields
          listing={listing}
          onSay={(order) => edits.patch({ order })}
          onGrownUp={(only) => void edits.patch({ grown_up: only })}
        />
      </Part>
      <DropSheet listing={listing.id} option={dropping} onClose={() => setDropping(null)} onDropped={step} />
      <PictureSheet
        picture={listing.pictures.shown.find((p) => p.id === looking) ?? null}
        options={listing.choices.options.filter((o) => !o.dropped)}
        onClose={() => setLooking(null)}
        onSay={(picture, own) => edits.picture(picture, own)}
      />
      <SourcesSheet
        listing={listing.id}
        variant={listing.choices.variants.find((v) => v.id === sourcing) ?? null}
        onClose={() => setSourcing(null)}
        onChanged={step}
      />
    </div>
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
  after?: string | undefined;
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
