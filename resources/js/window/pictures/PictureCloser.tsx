import { useState } from 'react';
import type { OwnPictureView } from '@/types/window';
import { FocalPoint } from '@/ui/FocalPoint';
import { Pills } from '@/ui/Pills';
import { TextField } from '@/ui/TextField';

interface Props {
  picture: OwnPictureView;
  onSay: (own: Record<string, unknown>) => Promise<void>;
}

const CUTS = [
  { value: 'whole', label: 'as it is' },
  { value: 'square', label: 'square' },
  { value: 'upright', label: '4 to 5' },
  { value: 'wide', label: '16 to 9' },
];

/** One picture looked at closely: what of it is seen, what it says, and where it stands. */
export function PictureCloser({ picture, onSay }: Props) {
  const [zoom, setZoom] = useState(picture.zoom);
  return (
    <div>
      {picture.whole !== null && (
        <>
          <p className="mb-1 text-[12.5px] text-mute">Press on what has to stay in view</p>
          <FocalPoint src={picture.whole} x={picture.x} y={picture.y} onPoint={(at) => void onSay(at)} />
          <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
            <Pills label="Cut" value={picture.cut} choices={CUTS} onChoose={(cut) => void onSay({ cut })} />
            <label className="block min-w-[130px] flex-1 text-[12.5px] text-mute">
              How near
              <input
                type="range"
                min={100}
                max={300}
                step={10}
                value={zoom}
                onChange={(e) => {
                  setZoom(Number(e.target.value));
                }}
                onPointerUp={() => void onSay({ zoom })}
                onKeyUp={() => void onSay({ zoom })}
                className="block w-full accent-you"
              />
            </label>
          </div>
        </>
      )}
      <div className="mt-4">
        <TextField
          label="What it says to whoever can’t see it"
          defaultValue={picture.alt}
          maxLength={200}
          placeholder="Our shed in the evening, its door open"
          onBlur={(e) => {
            if (e.target.value.trim() !== picture.alt) void onSay({ alt: e.target.value });
          }}
        />
      </div>
      <p className="mt-3 text-[12.5px] text-mute" data-used>
        {picture.used.length === 0 ? 'It stands here.' : `It stands in: ${picture.used.join(', ')}.`}
      </p>
    </div>
  );
}
