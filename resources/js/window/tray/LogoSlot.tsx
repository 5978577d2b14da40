import { useRef, useState } from 'react';
import { words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { LogoView } from '@/types/window';
import { Button } from '@/ui/Button';
import { sendPicture } from '@/window/sendPicture';

interface Props {
  name: string;
  logo: LogoView | null;
  /** What it stands on here, to be seen as in the shop. */
  ground: string | undefined;
  send: string;
  onLogo: (logo: LogoView | null) => void;
  onTrouble: (words: string | null) => void;
}

/** A logo, on the ground it is drawn for. */
export function LogoSlot({ name, logo, ground, send, onLogo, onTrouble }: Props) {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const upload = (given: File | undefined) => {
    if (!given) return;
    setBusy(true);
    sendPicture(handle, given, 'logo')
      .then((made) => {
        onTrouble(null);
        onLogo(made.logo);
      })
      .catch((e: unknown) => {
        onTrouble(words(e));
      })
      .finally(() => {
        setBusy(false);
      });
  };
  return (
    <div className="flex items-center gap-3">
      {logo && (
        <span className="rounded border border-line px-2 py-1" style={{ background: ground }}>
          <img src={logo.url} alt="" className="h-7 w-auto max-w-[110px] object-contain" />
        </span>
      )}
      <Button small disabled={busy} onClick={() => file.current?.click()}>
        {busy ? 'Making it…' : logo ? 'Another' : send}
      </Button>
      {logo && (
        <Button
          small
          kind="quiet"
          onClick={() => {
            onLogo(null);
          }}
        >
          Without it
        </Button>
      )}
      <input
        ref={file}
        type="file"
        accept="image/jpeg,image/png,image/webp,image/svg+xml"
        className="sr-only"
        tabIndex={-1}
        aria-label={`Logo file, ${name}`}
        data-upload={name}
        onChange={(e) => {
          upload(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
    </div>
  );
}
