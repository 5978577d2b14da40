import { Link } from '@inertiajs/react';
import { useTakeBack } from '@/bench/useUndo';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { ImportedView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

interface Props {
  imported: ImportedView | null;
  onClose: () => void;
  onTaken: (run: number) => Promise<void>;
}

/** What a file brought in: what was left out and why, and each listing with a way to take it back. */
export function ImportedSheet({ imported, onClose, onTaken }: Props) {
  const handle = useHandle();
  const takeBack = useTakeBack();
  const { busy, during } = useSend();
  if (!imported) return null;
  const { change } = imported;
  const take = (listings?: number[]) => {
    if (change === null) return;
    void during(takeBack(change, listings).then(() => onTaken(imported.run)));
  };
  return (
    <Sheet
      open
      title="Brought in"
      onClose={onClose}
      foot={
        change !== null && (
          <Button disabled={busy} onClick={() => take()}>
            Take all of it back
          </Button>
        )
      }
    >
      <p role="status" data-imported>
        {imported.trouble ?? imported.words}
      </p>
      {imported.left > 0 && (
        <section aria-label="Left out" className="mt-5">
          <h3 className="mb-1 text-[12.5px] text-mute">
            Left out; all of it{' '}
            <a href={route('source.run.rejects', [handle, imported.run])} className="underline">
              as a table
            </a>
          </h3>
          {imported.rejects.slice(0, 30).map((r) => (
            <p key={`${String(r.row)}${r.column}`} className="border-t border-line py-1 text-[13.5px]">
              <span className="text-mute">
                Row {r.row}, {r.column} {r.value && `“${r.value}”`}:
              </span>{' '}
              <span className="text-ochre">{r.reason}</span>
            </p>
          ))}
        </section>
      )}
      {imported.listings.length > 0 && (
        <section aria-label="Listings" className="mt-5">
          <h3 className="mb-1 text-[12.5px] text-mute">Written into</h3>
          <ul>
            {imported.listings.map((l) => (
              <li key={l.id} className="flex items-center gap-3 border-t border-line py-1.5" data-brought={l.id}>
                {l.made && l.undone ? (
                  <span className="min-w-0 flex-1 truncate text-mute">{l.title}</span>
                ) : (
                  <Link
                    href={route('bench.listing', [handle, l.id])}
                    className="min-w-0 flex-1 truncate hover:underline"
                  >
                    {l.title}
                  </Link>
                )}
                {l.made && <span className="text-[12.5px] text-mute">newly taken</span>}
                {l.undone ? (
                  <span className="text-[12.5px] text-mute">taken back</span>
                ) : (
                  <Button small kind="quiet" disabled={busy || change === null} onClick={() => take([l.id])}>
                    Take back
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  );
}
