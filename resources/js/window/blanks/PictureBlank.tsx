import { useState } from 'react';
import type { BlankProps } from '@/window/blanks/props';
import { BLANK } from '@/ui/blank';
import { PicturesSheet } from '@/window/pictures/PicturesSheet';
import { usePictures } from '@/window/pictures/usePictures';

/** One of the stall's own pictures, or new ones. */
export function PictureBlank({ field, value, reach, onSay }: BlankProps) {
  const [open, setOpen] = useState(false);
  const pictures = usePictures(reach.pictures, onSay);
  const chosen = pictures.all.find((p) => p.id === value);
  const words = chosen
    ? chosen.alt || 'your own picture'
    : typeof value === 'number'
      ? 'a picture that is gone'
      : 'a picture of your own';
  return (
    <>
      <button
        type="button"
        aria-label={`${field.label}: ${words}`}
        className={`${BLANK} inline-flex items-baseline gap-1`}
        onClick={() => {
          setOpen(true);
        }}
      >
        {chosen && <img src={chosen.url} alt="" className="inline-block size-6 self-center rounded-sm object-cover" />}
        {words.length > 40 ? `${words.slice(0, 40)}…` : words}
      </button>
      <PicturesSheet
        open={open}
        pictures={pictures}
        chosen={typeof value === 'number' ? value : null}
        onChoose={onSay}
        onClose={() => {
          setOpen(false);
        }}
      />
    </>
  );
}
