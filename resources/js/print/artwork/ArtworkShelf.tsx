import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Fragment, useId, useState, type DragEvent } from 'react';
import { count } from '@/lib/plural';
import { useHandle } from '@/lib/useStall';
import { useTyped } from '@/lib/useTyped';
import type { ArtworkView } from '@/types/print';
import { BLANK } from '@/ui/blank';
import { Button } from '@/ui/Button';
import { Behind } from './Behind';
import { WriteWords } from './WriteWords';

interface Props {
  artworks: ArtworkView[];
  chosen: number | null;
  onChoose: (id: number | null) => void;
  onSend: (files: File[], newer?: number) => Promise<void>;
  sending: number;
  onRun: () => void;
  faces: Record<string, string>;
  onWritten: (artwork: ArtworkView, newer?: number) => void;
}

/** Blanks that are named where it lies on many. */
const NAMED = 4;

const KINDS = 'image/png,image/jpeg,image/webp,image/svg+xml,application/pdf';

/** The stall's artworks; files are dropped on it. */
export function ArtworkShelf({ artworks, chosen, onChoose, onSend, sending, onRun, faces, onWritten }: Props) {
  const field = useId();
  const [over, setOver] = useState(false);
  const [writing, setWriting] = useState<'new' | 'newer' | null>(null);
  const drop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    void onSend([...e.dataTransfer.files]);
  };
  const one = artworks.find((a) => a.id === chosen);
  return (
    <section
      aria-label="Your artwork"
      className={clsx('mt-5 border-y border-line py-4', over && 'bg-you-soft')}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      data-artworks
    >
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h2 className="name text-[18px]">Your artwork</h2>
        <label htmlFor={field} className="cursor-pointer text-you underline underline-offset-4">
          Send files up
        </label>
        <input
          id={field}
          type="file"
          multiple
          accept={KINDS}
          className="sr-only"
          onChange={(e) => {
            void onSend([...(e.target.files ?? [])]);
            e.target.value = '';
          }}
        />
        <button
          type="button"
          aria-expanded={writing === 'new'}
          className="text-you underline underline-offset-4"
          onClick={() => setWriting(writing === 'new' ? null : 'new')}
        >
          Write words
        </button>
        <span className="text-[13px] text-mute" aria-live="polite">
          {sending > 0
            ? `${String(sending)} on the way …`
            : 'PNG, JPEG, WebP, SVG or the first page of a PDF; up to 100 MB and 200 megapixels. Drop them here.'}
        </span>
      </div>
      {writing && (writing === 'new' || one?.lettering) && (
        <WriteWords
          key={writing === 'new' ? 0 : one?.id}
          faces={faces}
          from={writing === 'new' ? null : (one ?? null)}
          onWritten={(made, newer) => {
            setWriting(null);
            onChoose(null);
            onWritten(made, newer);
          }}
        />
      )}
      <ul className="mt-3 flex flex-wrap gap-3">
        {artworks.map((a) => (
          <li key={a.id} className="w-[104px]" data-artwork={a.name}>
            <button
              type="button"
              aria-pressed={a.id === chosen}
              disabled={a.state !== 'ready'}
              onClick={() => onChoose(a.id === chosen ? null : a.id)}
              className={clsx(
                'block w-full border-2 bg-[#d9ceb4] p-1.5',
                a.id === chosen ? 'border-you' : 'border-transparent hover:border-rule/50',
              )}
            >
              {a.picture ? (
                <img src={a.picture} alt={a.name} className="h-[88px] w-full object-contain" />
              ) : (
                <span className="flex h-[88px] items-center justify-center text-[12.5px] text-mute">
                  {a.state === 'waiting' ? 'being read …' : 'not taken'}
                </span>
              )}
            </button>
            <p className="mt-1 truncate text-[13px] font-medium" title={a.name}>
              {a.name}
            </p>
            {a.trouble && <p className="text-[12.5px] text-you">{a.trouble}</p>}
            {a.state === 'refused' && <PutAway artwork={a} />}
          </li>
        ))}
      </ul>
      {one && (
        <About
          key={one.id}
          artwork={one}
          onSend={onSend}
          onRun={onRun}
          onRewrite={one.lettering ? () => setWriting('newer') : null}
        />
      )}
    </section>
  );
}

function PutAway({ artwork }: { artwork: ArtworkView }) {
  const handle = useHandle();
  return (
    <Button
      kind="quiet"
      small
      onClick={() => {
        router.delete(route('print.artwork.remove', [handle, artwork.id]), { preserveScroll: true });
      }}
    >
      put away
    </Button>
  );
}

interface AboutProps extends Pick<Props, 'onSend' | 'onRun'> {
  artwork: ArtworkView;
  onRewrite: (() => void) | null;
}

/** What is known of the chosen one, and what can be said of it. */
function About({ artwork, onSend, onRun, onRewrite }: AboutProps) {
  const handle = useHandle();
  const field = useId();
  const say = (own: { name?: string; rights?: string }) => {
    router.put(
      route('print.artwork.say', [handle, artwork.id]),
      { name: artwork.plain, rights: artwork.rights, ...own },
      { preserveScroll: true },
    );
    return Promise.resolve(true);
  };
  const name = useTyped(artwork.plain, (typed) => say({ name: typed }), { trimmed: true });
  const rights = useTyped(artwork.rights, (typed) => say({ rights: typed }), { trimmed: true });
  return (
    <div className="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[14px]" data-about>
      <input aria-label="Its name" className={clsx(BLANK, 'w-[16em]')} {...name.field} />
      <span className="text-mute">{[artwork.facts, ...artwork.notes].join(' · ')}</span>
      <input
        aria-label="Whose it is"
        placeholder="whose it is, and where from"
        className={clsx(BLANK, 'w-[18em]')}
        {...rights.field}
      />
      <span className="text-mute" data-lies-on>
        {artwork.liesOn.length === 0 ? 'lies nowhere yet' : 'lies on '}
        {artwork.liesOn.slice(0, NAMED).map((one, n) => (
          <Fragment key={one.id}>
            {n > 0 && ' · '}
            <Link
              href={route('print.placing', [handle, one.id])}
              className="underline underline-offset-4 hover:text-ink"
            >
              {one.name}
            </Link>
          </Fragment>
        ))}
        {artwork.liesOn.length > NAMED && ` and ${count(artwork.liesOn.length - NAMED, 'more blank')}`}
      </span>
      {onRewrite && (
        <button type="button" className="text-you underline underline-offset-4" onClick={onRewrite}>
          Change the words
        </button>
      )}
      <label htmlFor={field} className="cursor-pointer text-you underline underline-offset-4">
        Send a newer version
      </label>
      <input
        id={field}
        type="file"
        accept={KINDS}
        className="sr-only"
        onChange={(e) => {
          void onSend([...(e.target.files ?? [])], artwork.id);
          e.target.value = '';
        }}
      />
      <PutAway artwork={artwork} />
      {artwork.behind.length > 0 && <Behind artwork={artwork} onRun={onRun} />}
    </div>
  );
}
