import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { OptionView, PictureView, PieceView } from '@/types/bench';
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
            className={clsx(
              'w-full border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] text-ink',
              ' focus:border-you',
            )}
          />
        </label>
        {options.some((o) => o.values.length > 1) && (
          <label className="col-span-2 block text-[12.5px] text-mute">
            It stands for
            <select
              value={shows}
              data-shows
              onChange={(e) => setShows(e.target.value)}
              className={clsx(
                'block w-full border-b-[1.5px] border-rule bg-transparent py-1.5 text-[15px]',
                'font-medium text-ink',
              )}
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

/** The square that will be cut out, as the server says it. */
function Seen({ src, x, y, zoom }: { src: string; x: number; y: number; zoom: number }) {
  const handle = useHandle();
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [piece, setPiece] = useState<PieceView | null>(null);
  useEffect(() => {
    if (!size) return;
    const ask = new AbortController();
    send<PieceView>('GET', route('bench.piece', [handle, { ...size, x, y, zoom }]), undefined, ask.signal)
      .then(setPiece)
      .catch(() => undefined);
    return () => ask.abort();
  }, [handle, size, x, y, zoom]);
  const hundredths = (n: number) => `${String(n)}%`;
  return (
    <div className="relative size-[200px] overflow-hidden rounded-md border border-line bg-shade" data-seen>
      <img
        src={src}
        alt=""
        onLoad={(e) => setSize({ width: e.currentTarget.naturalWidth, height: e.currentTarget.naturalHeight })}
        className="absolute max-w-none"
        style={
          piece
            ? {
                width: hundredths(piece.width),
                height: hundredths(piece.height),
                left: hundredths(piece.left),
                top: hundredths(piece.top),
              }
            : { width: '100%', height: '100%', objectFit: 'cover' }
        }
      />
    </div>
  );
}
