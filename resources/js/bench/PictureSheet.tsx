import { useState } from 'react';
import type { OptionView, PictureView } from '@/types';
import { Button } from '@/ui/Button';
import { FocalPoint } from '@/ui/FocalPoint';
import { Sheet } from '@/ui/Sheet';

interface Props {
  picture: PictureView | null;
  options: OptionView[];
  onClose: () => void;
  onSay: (picture: number, own: Record<string, unknown>) => Promise<boolean>;
}

/** One picture looked at closely: what of it is seen, what it shows, and how it is told to those who can't see it. */
export function PictureSheet({ picture, ...rest }: Props) {
  // By its number: pictures are asked after while they are fetched, and that mustn't wipe what is being said here.
  return picture ? <Looked key={picture.id} picture={picture} {...rest} /> : null;
}

function Looked({ picture, options, onClose, onSay }: Props & { picture: PictureView }) {
  const [at, setAt] = useState({ x: picture.x, y: picture.y, zoom: picture.zoom });
  const [alt, setAlt] = useState(picture.alt);
  const [shows, setShows] = useState(picture.shows ?? '');
  const [busy, setBusy] = useState(false);
  const save = () => {
    setBusy(true);
    const crop = at.x !== picture.x || at.y !== picture.y || at.zoom !== picture.zoom ? at : {};
    void onSay(picture.id, { alt, shows: shows || null, ...crop })
      .then((ok) => ok && onClose())
      .finally(() => setBusy(false));
  };
  return (
    <Sheet
      open
      title="The picture"
      onClose={onClose}
      foot={
        <Button kind="do" disabled={busy} onClick={save}>
          {busy ? 'Making it…' : 'Save'}
        </Button>
      }
    >
      <div className="grid grid-cols-[1fr_200px] gap-6">
        <div>
          <p className="mb-1 text-[12.5px] text-mute">Press on what has to stay in view</p>
          <FocalPoint
            src={picture.whole ?? ''}
            x={at.x}
            y={at.y}
            onPoint={(point) => setAt((a) => ({ ...a, ...point }))}
          />
          <label className="mt-3 block text-[12.5px] text-mute">
            How near
            <input
              type="range"
              min={100}
              max={300}
              step={5}
              value={at.zoom}
              onChange={(e) => setAt((a) => ({ ...a, zoom: Number(e.target.value) }))}
              className="block w-full accent-[#a8431f]"
            />
          </label>
        </div>
        <div>
          <p className="mb-1 text-[12.5px] text-mute">As the shop shows it</p>
          <Seen src={picture.whole ?? ''} {...at} />
          {picture.notes.map((n) => (
            <p key={n} className="mt-2 text-[13px] font-medium text-ochre">
              {n}
            </p>
          ))}
        </div>
        <label className="col-span-2 block text-[12.5px] text-mute">
          In words, for those who can’t see it
          <input
            value={alt}
            data-alt
            maxLength={200}
            placeholder="Hand trowel with a copper blade, on a bench"
            onChange={(e) => setAlt(e.target.value)}
            className="w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] text-ink outline-none focus:border-you"
          />
        </label>
        {options.some((o) => o.values.length > 1) && (
          <label className="col-span-2 block text-[12.5px] text-mute">
            It stands for
            <select
              value={shows}
              data-shows
              onChange={(e) => setShows(e.target.value)}
              className="block w-full border-b-[1.5px] border-rule bg-transparent py-1.5 text-[15px] font-medium text-ink"
            >
              <option value="">the listing as a whole</option>
              {options.map((o) => (
                <optgroup key={o.name} label={o.own || o.name}>
                  {o.values.map((v) => (
                    <option key={v.value} value={v.value}>
                      {v.own || v.value}
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
          </label>
        )}
      </div>
    </Sheet>
  );
}

/** The square that will be cut out, drawn from the original; the server cuts the same. */
function Seen({ src, x, y, zoom }: { src: string; x: number; y: number; zoom: number }) {
  const [ratio, setRatio] = useState(1);
  const side = 200;
  const width = (ratio >= 1 ? side * ratio : side) * (zoom / 100);
  const height = (ratio >= 1 ? side : side / ratio) * (zoom / 100);
  const place = (length: number, percent: number) =>
    Math.max(0, Math.min(length - side, (length * percent) / 100 - side / 2));
  return (
    <div className="relative size-[200px] overflow-hidden rounded-md border border-line bg-shade">
      <img
        src={src}
        alt=""
        onLoad={(e) => setRatio(e.currentTarget.naturalWidth / Math.max(1, e.currentTarget.naturalHeight))}
        className="absolute max-w-none"
        style={{ width, height, left: -place(width, x), top: -place(height, y) }}
      />
    </div>
  );
}
