import { useRef, useState, type DragEvent } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { OwnPictureView } from '@/types';
import { Button } from '@/ui/Button';
import { Popup } from '@/ui/Popup';
import { TextField } from '@/ui/TextField';
import type { BlankProps } from '@/window/blanks/Blank';
import { BLANK } from '@/window/blanks/look';
import { sendPicture } from '@/window/sendPicture';

/** One of the stall's own pictures, or new ones: several at once, chosen or dropped here. */
export function PictureBlank({ value, reach, onSay }: BlankProps) {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [left, setLeft] = useState(0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [all, setAll] = useState<OwnPictureView[]>(reach.pictures);
  const [find, setFind] = useState('');
  const chosen = all.find((p) => p.id === value);
  const shown = all.filter((p) => p.alt.toLowerCase().includes(find.trim().toLowerCase()));

  const load = () => send<OwnPictureView[]>('GET', route('window.pictures', handle)).then(setAll);
  const fail = (e: unknown) => {
    setTrouble(words(e));
  };
  async function take(files: File[]): Promise<void> {
    setTrouble(null);
    setLeft(files.length);
    for (const given of files) {
      try {
        const made = await sendPicture(handle, given);
        await load();
        if (given === files[0]) onSay(made.id);
      } catch (e) {
        setTrouble(`${given.name}: ${words(e)}`);
      }
      setLeft((n) => n - 1);
    }
  }
  const drop = (e: DragEvent) => {
    e.preventDefault();
    void take([...e.dataTransfer.files]);
  };

  return (
    <Popup
      width={380}
      align="start"
      onOpen={(open) => {
        if (open) void load().catch(fail);
      }}
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
      <div
        onDragOver={(e) => {
          e.preventDefault();
        }}
        onDrop={drop}
      >
        {all.length > 8 && (
          <input
            aria-label="Find a picture by its words"
            value={find}
            placeholder="Find by what it says"
            onChange={(e) => {
              setFind(e.target.value);
            }}
            className="mb-2 w-full border-b-[1.5px] border-rule bg-transparent py-1 outline-none focus:border-you"
          />
        )}
        <div className="grid max-h-56 grid-cols-4 gap-2 overflow-auto">
          {shown.map((p) => (
            <button
              key={p.id}
              type="button"
              aria-label={p.alt === '' ? `Picture ${String(p.id)}` : p.alt}
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
        {all.length === 0 && <p className="text-mute">None yet. Drop some here, several at once.</p>}
        {chosen && (
          <div className="mt-3" key={chosen.id}>
            <TextField
              label="What it says to whoever can’t see it"
              defaultValue={chosen.alt}
              maxLength={200}
              onBlur={(e) => {
                send<OwnPictureView>('PATCH', route('window.pictures.update', [handle, chosen.id]), { alt: e.target.value })
                  .then((said) => {
                    setAll((before) => before.map((p) => (p.id === said.id ? said : p)));
                  })
                  .catch(fail);
              }}
            />
          </div>
        )}
        {trouble && <p className="mt-2 bg-you-soft px-2 py-1">{trouble}</p>}
        <div className="mt-3 flex items-center gap-3">
          <Button small disabled={left > 0} onClick={() => file.current?.click()}>
            {left > 0 ? `Making ${String(left)}…` : 'Send pictures'}
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
      </div>
      <input
        ref={file}
        type="file"
        multiple
        accept="image/jpeg,image/png,image/webp"
        className="sr-only"
        tabIndex={-1}
        aria-label="Picture files"
        data-upload-picture
        onChange={(e) => {
          void take([...(e.target.files ?? [])]);
          e.target.value = '';
        }}
      />
    </Popup>
  );
}
