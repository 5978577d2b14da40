import { useRef } from 'react';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { sendPicture } from '@/window/sendPicture';

export interface Shown {
  id: number;
  name: string;
}

interface Props {
  picture: Shown | null;
  onPicture: (picture: Shown | null) => void;
}

const LINK = 'underline decoration-you/60 decoration-2 underline-offset-4';

/** A picture of one's own for the first screen, or none: then the goods' own lead. */
export function ShopPicture({ picture, onPicture }: Props) {
  const handle = useHandle();
  const field = useRef<HTMLInputElement>(null);
  const { busy, during } = useSend();
  return (
    <>
      <button type="button" className={LINK} disabled={busy} onClick={() => field.current?.click()}>
        {busy ? 'a picture on its way' : picture === null ? 'no picture of its own' : picture.name}
      </button>
      {picture !== null && (
        <button
          type="button"
          className="ml-2 text-[15px] text-mute underline underline-offset-4"
          onClick={() => {
            onPicture(null);
          }}
        >
          take it away
        </button>
      )}
      <input
        ref={field}
        type="file"
        aria-label="A picture of its own"
        accept="image/*"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file)
            void during(
              sendPicture(handle, file).then((sent) => {
                onPicture({ id: sent.id, name: file.name });
              }),
            );
        }}
      />
    </>
  );
}
