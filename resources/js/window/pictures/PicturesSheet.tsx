import { useEffect, useRef, useState, type DragEvent } from 'react';
import type { OwnPictureView } from '@/types/window';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { DrawnGrounds } from '@/window/pictures/DrawnGrounds';
import { PictureCloser } from '@/window/pictures/PictureCloser';
import type { usePictures } from '@/window/pictures/usePictures';

interface Props {
  open: boolean;
  pictures: ReturnType<typeof usePictures>;
  chosen: number | null;
  onChoose: (id: number | null) => void;
  onClose: () => void;
}

/** From so many pictures on one looks for them by their words. */
const MANY = 6;

/** The stall's own pictures: many sent at once, found by their words, one of them taken and looked at closely. */
export function PicturesSheet({ open, pictures, chosen, onChoose, onClose }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const [find, setFind] = useState('');
  const { all, going, trouble, load } = pictures;
  useEffect(() => {
    if (open) load();
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [open]);
  const picture = all.find((p) => p.id === chosen);
  const wanted = find.trim().toLowerCase();
  const shown = all.filter((p) => `${p.alt} ${p.used.join(' ')}`.toLowerCase().includes(wanted));
  const drop = (e: DragEvent) => {
    e.preventDefault();
    void pictures.take([...e.dataTransfer.files]);
  };
  return (
    <Sheet
      open={open}
      wide
      title="Your pictures"
      onClose={onClose}
      foot={
        <>
          <Button kind="do" onClick={onClose}>
            {picture ? 'Use this one' : 'Done'}
          </Button>
          {chosen !== null && (
            <Button
              kind="quiet"
              onClick={() => {
                onChoose(null);
              }}
            >
              Without a picture
            </Button>
          )}
        </>
      }
    >
      <div
        className="grid grid-cols-[1fr_380px] gap-8"
        onDragOver={(e) => {
          e.preventDefault();
        }}
        onDrop={drop}
        data-pictures
      >
        <div>
          <div className="mb-3 flex items-center gap-4">
            <Button small disabled={going !== null} onClick={() => file.current?.click()}>
              Send pictures
            </Button>
            <p role="status" className="text-[12.5px] text-mute">
              {going === null
                ? 'or drop them here, several at once'
                : `Making ${String(going.done + 1)} of ${String(going.of)}…`}
            </p>
          </div>
          {going !== null && (
            <progress
              className="mb-3 h-1.5 w-full text-you"
              aria-label="Pictures made"
              value={going.done}
              max={going.of}
            />
          )}
          {trouble.map((sentence) => (
            <p key={sentence} role="alert" className="mb-2 border-l-4 border-you bg-you-soft px-3 py-1.5">
              {sentence}
            </p>
          ))}
          {all.length > MANY && (
            <input
              aria-label="Find a picture"
              value={find}
              placeholder="Find by what it says, or where it stands"
              onChange={(e) => {
                setFind(e.target.value);
              }}
              className="mb-3 w-full border-b-[1.5px] border-rule bg-transparent py-1 focus:border-you"
            />
          )}
          {wanted !== '' && shown.length === 0 && <p className="text-mute">No picture says that.</p>}
          <Tiles pictures={shown} chosen={chosen} onChoose={onChoose} />
          <DrawnGrounds busy={going !== null} onDraw={(key) => void pictures.draw(key)} />
        </div>
        {picture ? (
          <PictureCloser key={picture.id} picture={picture} onSay={(own) => pictures.say(picture.id, own)} />
        ) : (
          <p className="text-mute">Take one to say what of it is seen, and what it shows.</p>
        )}
      </div>
      <input
        ref={file}
        type="file"
        multiple
        accept="image/jpeg,image/png,image/webp,image/svg+xml"
        className="sr-only"
        tabIndex={-1}
        aria-label="Picture files"
        data-upload-picture
        onChange={(e) => {
          void pictures.take([...(e.target.files ?? [])]);
          e.target.value = '';
        }}
      />
    </Sheet>
  );
}

interface TilesProps {
  pictures: OwnPictureView[];
  chosen: number | null;
  onChoose: (id: number) => void;
}

function Tiles({ pictures, chosen, onChoose }: TilesProps) {
  return (
    <ul className="grid grid-cols-4 gap-2" aria-label="Pictures">
      {pictures.map((p) => (
        <li key={p.id}>
          <button
            type="button"
            aria-label={p.alt === '' ? `Picture ${String(p.id)}, not said in words` : p.alt}
            aria-pressed={p.id === chosen}
            onClick={() => {
              onChoose(p.id);
            }}
            className={`block w-full overflow-hidden rounded border-2 ${p.id === chosen ? 'border-you' : 'border-transparent hover:border-rule'}`}
          >
            <img src={p.url} alt="" className="aspect-square w-full object-cover" />
          </button>
        </li>
      ))}
    </ul>
  );
}
