import { useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ShelfView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { CellField } from '@/ui/CellField';
import { Popup } from '@/ui/Popup';
import { SearchShows } from '@/ui/SearchShows';

/** What stands on the shelf's page besides goods, where it stands, and what search engines read. */
export function OnItsPage({
  shelf,
  onSay,
}: {
  shelf: ShelfView;
  onSay: (body: Record<string, unknown>) => Promise<boolean>;
}) {
  const word = 'field-sizing-content min-w-[4ch] leading-tight border-rule/40 font-medium text-ink';
  const [shows, setShows] = useState(false);
  return (
    <>
      <p className="mt-1 max-w-[110ch] leading-[1.9] text-mute">
        On its page stands above them <Above shelf={shelf} onSay={onSay} />; it is found at /shelves/
        <CellField
          label="Address"
          value={shelf.slug}
          inputMode="text"
          onSay={(slug) => onSay({ slug })}
          className={word}
        />
        , and search engines read{' '}
        <CellField
          label="Title for search engines"
          value={shelf.searchTitle}
          placeholder={shelf.name}
          inputMode="text"
          onSay={(search_title) => onSay({ search_title })}
          className={word}
        />{' '}
        and{' '}
        <CellField
          label="Description for search engines"
          value={shelf.searchWords}
          placeholder={shelf.words === '' ? 'nothing yet' : 'those words'}
          inputMode="text"
          onSay={(search_words) => onSay({ search_words })}
          className={word}
        />
        .{' '}
        <button
          type="button"
          aria-expanded={shows}
          onClick={() => setShows(!shows)}
          className="text-[13.5px] underline decoration-line underline-offset-4"
        >
          How they show it
        </button>
      </p>
      {shows && <SearchShows cut={shelf.cut} />}
    </>
  );
}

function Above({ shelf, onSay }: { shelf: ShelfView; onSay: (body: Record<string, unknown>) => Promise<boolean> }) {
  const handle = useHandle();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState(shelf.words);
  const draft = () =>
    void send<{ words: string }>('POST', route('shelves.draft', [handle, shelf.id]))
      .then((drafted) => setWords(drafted.words))
      .catch(sayTrouble);
  return (
    <Popup
      width={460}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) setWords(shelf.words);
        setOpen(next);
      }}
      trigger={
        <button
          type="button"
          className="border-b border-rule/40 text-left leading-tight font-medium text-ink hover:bg-you-soft"
        >
          {shelf.words === '' ? 'nothing yet' : shelf.words}
        </button>
      }
    >
      <label className="block text-[12.5px] text-mute" htmlFor="shelf-words">
        Above its goods
      </label>
      <textarea
        id="shelf-words"
        rows={4}
        maxLength={2000}
        value={words}
        onChange={(e) => setWords(e.target.value)}
        className="w-full border-b-[1.5px] border-rule bg-transparent py-1 leading-normal focus:border-you"
      />
      <div className="mt-3 flex items-center">
        <Button kind="quiet" onClick={draft}>
          Draft it from the goods
        </Button>
        <Button
          kind="do"
          small
          className="ml-auto"
          onClick={() => void onSay({ words }).then((ok) => ok && setOpen(false))}
        >
          Say it
        </Button>
      </div>
    </Popup>
  );
}
