import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import type { WrittenNoteView } from '@/types/window';
import { Button } from '@/ui/Button';

/** The notes a seller wrote, the latest first. */
export function NotesList({ notes, onWrite }: { notes: WrittenNoteView[]; onWrite: () => void }) {
  const handle = useHandle();
  return (
    <section aria-labelledby="notes" className="pt-9">
      <h2 id="notes" className="name px-6 text-[21px]">
        Notes
      </h2>
      <p className="mb-3 max-w-[84ch] px-6 text-mute">
        What there is to tell, each of a day: goods that came in, how they are used, where you were. Shoppers find them
        in a list, and can follow them in a feed reader.
      </p>
      {notes.length > 0 && (
        <ul aria-label="Notes" className="border-t border-line">
          {notes.map((note) => (
            <li
              key={note.id}
              className="flex flex-wrap items-baseline gap-x-5 border-b border-line bg-sheet px-6 py-2.5"
              data-note
            >
              <Link
                href={route('window.page', [handle, note.id])}
                className="name truncate text-[17px] hover:underline max-md:basis-full md:w-64"
              >
                {note.title}
              </Link>
              <span className={clsx(note.shown ? 'text-mute' : 'text-ochre')}>{note.stands}</span>
              <span className="ml-auto text-mute">{note.day}</span>
            </li>
          ))}
        </ul>
      )}
      <div className="px-6 pt-3">
        <Button small onClick={onWrite}>
          Write a note
        </Button>
      </div>
    </section>
  );
}
