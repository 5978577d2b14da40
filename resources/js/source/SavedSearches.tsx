import { clsx } from 'clsx';
import { Link, router } from '@inertiajs/react';
import { BookmarkSimpleIcon, XIcon } from '@phosphor-icons/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { Query } from '@/source/useSearch';
import type { SavedSearchView } from '@/types/source';
import { Button } from '@/ui/Button';
import { Popup, PopupLink } from '@/ui/Popup';

/** Searches worth keeping: one press repeats one. */
export function SavedSearches({ saved, query }: { saved: SavedSearchView[]; query: Query }) {
  const handle = useHandle();
  const [name, setName] = useState('');
  const here = { preserveScroll: true, preserveState: true };
  const asked = Object.keys(query).some((part) => part !== 'to' && part !== 'sort');
  return (
    <Popup
      width={330}
      trigger={
        <PopupLink mark={<BookmarkSimpleIcon size={15} aria-hidden />}>
          Kept searches{saved.length > 0 && ` ${String(saved.length)}`}
        </PopupLink>
      }
    >
      {saved.length === 0 && (
        <p className="text-mute">None yet. Narrow the list to what you look for again and again, and keep it.</p>
      )}
      <ul>
        {saved.map((s) => (
          <li key={s.id} className="flex items-center border-b border-shade last:border-0">
            <Link href={s.url} className="flex-1 py-1.5 font-medium hover:underline">
              {s.name}
            </Link>
            <button
              type="button"
              aria-label={`Forget ${s.name}`}
              onClick={() => {
                router.delete(route('source.searches.destroy', [handle, s.id]), here);
              }}
              className="p-1 text-mute hover:text-ink"
            >
              <XIcon size={13} />
            </button>
          </li>
        ))}
      </ul>
      {asked && (
        <form
          className="mt-3 flex items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            router.post(
              route('source.searches.store', handle),
              { name, query },
              { ...here, onSuccess: () => setName('') },
            );
          }}
        >
          <label className="flex-1 text-[12.5px] text-mute">
            Keep this search as
            <input
              value={name}
              onChange={(e) => {
                setName(e.target.value);
              }}
              className={clsx(
                'w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[14px] text-ink',
                ' focus:border-you',
              )}
            />
          </label>
          <Button small type="submit" disabled={name.trim() === ''}>
            Keep
          </Button>
        </form>
      )}
    </Popup>
  );
}
