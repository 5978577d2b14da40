import { useRef, useState } from 'react';
import { words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Popup } from '@/ui/Popup';
import type { BlankProps } from '@/window/blanks/Blank';
import { BLANK } from '@/window/blanks/look';
import { sendPicture } from '@/window/sendPicture';

/** One of the stall's own pictures, or a new one. */
export function PictureBlank({ value, reach, onSay }: BlankProps) {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [sent, setSent] = useState<{ id: number; url: string }[]>([]);
  const all = [...sent, ...reach.pictures.filter((p) => !sent.some((s) => s.id === p.id))];
  const chosen = all.find((p) => p.id === value);
  const upload = (given: File | undefined) => {
    if (!given) return;
    setBusy(true);
    sendPicture(handle, given)
      .then((made) => {
        setSent((before) => [{ id: made.id, url: made.logo?.url ?? '' }, ...before]);
        setTrouble(null);
        onSay(made.id);
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
      width={360}
      align="start"
      trigger={
        <button type="button" className={`${BLANK} inline-flex items-baseline gap-1`}>
          {chosen ? (
            <>
              <img src={chosen.url} alt="" className="inline-block size-6 self-center rounded-sm object-cover" /> your own picture
            </>
          ) : typeof value === 'number' ? (
            'a picture that is gone'
          ) : (
            'a picture of your own'
          )}
        </button>
      }
    >
      <div className="grid max-h-56 grid-cols-4 gap-2 overflow-auto">
        {all.map((p) => (
          <button
            key={p.id}
            type="button"
            aria-label={`Picture ${String(p.id)}`}
            aria-pressed={p.id === value}
            onClick={() => {
              onSay(p.id);
            }}
            className={`overflow-hidden rounded border-2 ${p.id === value ? 'border-you' : 'border-transparent'}`}
          >
            <img src={p.url} alt="" className="aspect-square w-full object-cover" />
          </button>
        ))}
      </div>
      {trouble && <p className="mt-2 bg-you-soft px-2 py-1">{trouble}</p>}
      <div className="mt-3 flex gap-3">
        <Button small disabled={busy} onClick={() => file.current?.click()}>
          {busy ? 'Making it…' : 'Send a picture'}
        </Button>
        {typeof value === 'number' && (
          <Button
            small
            kind="quiet"
            onClick={() => {
              onSay(null);
            }}
          >
            Without it
          </Button>
        )}
      </div>
      <input
        ref={file}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        className="sr-only"
        tabIndex={-1}
        aria-label="Picture file"
        data-upload-picture
        onChange={(e) => {
          upload(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
    </Popup>
  );
}
