import { useEffect, useRef, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { OwnFilmView } from '@/types/window';
import { Button } from '@/ui/Button';
import { Popup } from '@/ui/Popup';
import type { BlankProps } from '@/window/blanks/props';
import { BLANK } from '@/ui/blank';

/** One of the stall's own films, or a new one. */
export function FilmBlank({ value, onSay }: BlankProps) {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [films, setFilms] = useState<OwnFilmView[]>([]);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    send<OwnFilmView[]>('GET', route('window.films', handle))
      .then(setFilms)
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  }, [handle]);
  const take = (given: File | undefined) => {
    if (!given) return;
    const form = new FormData();
    form.append('film', given);
    setBusy(true);
    send<OwnFilmView>('POST', route('window.films.store', handle), form)
      .then((film) => {
        setTrouble(null);
        setFilms((before) => [film, ...before]);
        onSay(film.id);
      })
      .catch((e: unknown) => {
        setTrouble(words(e));
      })
      .finally(() => {
        setBusy(false);
      });
  };
  return (
    <Popup
      width={340}
      align="start"
      trigger={
        <button type="button" className={BLANK}>
          {films.find((f) => f.id === value)?.name ??
            (typeof value === 'number' ? 'a film that is gone' : 'a film of your own')}
        </button>
      }
    >
      <ul className="max-h-48 overflow-auto">
        {films.map((film) => (
          <li key={film.id}>
            <button
              type="button"
              aria-pressed={film.id === value}
              className={`block w-full truncate rounded px-2 py-1 text-left hover:bg-shade ${film.id === value ? 'font-semibold text-you' : ''}`}
              onClick={() => {
                onSay(film.id);
              }}
            >
              {film.name}
            </button>
          </li>
        ))}
      </ul>
      {trouble && <p className="mt-2 bg-you-soft px-2 py-1">{trouble}</p>}
      <Button small className="mt-2" disabled={busy} onClick={() => file.current?.click()}>
        {busy ? 'Sending it…' : 'Send a film'}
      </Button>
      <p className="mt-1 text-[12.5px] text-mute">MP4 or WebM, up to 60 MB. It begins when a shopper begins it.</p>
      <input
        ref={file}
        type="file"
        accept="video/mp4,video/webm"
        className="sr-only"
        tabIndex={-1}
        aria-label="Film file"
        data-upload-film
        onChange={(e) => {
          take(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
    </Popup>
  );
}
