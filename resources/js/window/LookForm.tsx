import { clsx } from 'clsx';
import { useRef, useState } from 'react';
import { HexColorPicker } from 'react-colorful';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { LogoView, SentLogoView, StarterView, WindowView } from '@/types';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';
import type { LookDraft } from '@/window/useWorkingCopy';

interface Props {
  look: LookDraft;
  view: WindowView;
  starters: StarterView[];
  onChange: (look: LookDraft) => void;
  onTrouble: (trouble: string | null) => void;
}

const FACES: Record<string, string> = {
  'bricolage-grotesque': 'var(--font-display)',
  literata: 'Georgia, serif',
  archivo: 'var(--font-sans)',
};

/** The brand decisions that reach everything: a starter look, one colour, a wordmark or a logo. */
export function LookForm({ look, view, starters, onChange, onTrouble }: Props) {
  const [hex, setHex] = useState(look.brand);
  const shown = /^#[0-9a-f]{6}$/i.test(hex) && hex.toLowerCase() !== look.brand.toLowerCase() ? hex : look.brand;
  const colour = (value: string) => {
    setHex(value);
    if (/^#?[0-9a-f]{6}$/i.test(value)) onChange({ ...look, brand: value.startsWith('#') ? value : `#${value}` });
  };
  return (
    <div className="space-y-6 pt-1">
      <div>
        <h3 className="mb-1.5 text-[12.5px] text-mute">Begin with</h3>
        <div role="radiogroup" aria-label="Starter look" className="space-y-2">
          {starters.map((s) => (
            <button
              key={s.key}
              type="button"
              role="radio"
              aria-checked={s.key === look.starter}
              onClick={() => {
                setHex(s.brand);
                onChange({ ...look, starter: s.key, brand: s.brand });
              }}
              className={clsx(
                'block w-full overflow-hidden border-2 text-left',
                s.key === look.starter ? 'border-you' : 'border-line hover:border-rule',
              )}
              style={{ borderRadius: 6 }}
            >
              <span className="flex items-center gap-3 px-3 py-2.5" style={{ background: s.tones.ground, color: s.tones.ink }}>
                <span className="flex-1">
                  <span className="block text-[17px] font-semibold" style={{ fontFamily: FACES[s.face], color: s.tones.brand }}>
                    {s.name}
                  </span>
                  <span className="text-[12.5px]" style={{ color: s.tones.mute }}>
                    {s.about}
                  </span>
                </span>
                <span
                  className="px-3 py-1.5 text-[12.5px] font-semibold"
                  style={{ background: s.tones.fill, color: s.tones['on-fill'], borderRadius: s.radius }}
                >
                  Buy
                </span>
              </span>
            </button>
          ))}
        </div>
      </div>
      <div>
        <h3 className="mb-1.5 text-[12.5px] text-mute">Brand colour; every other tone follows it</h3>
        <div className="flex gap-4">
          <div className="w-[150px] [&_.react-colorful]:h-[130px]! [&_.react-colorful]:w-full!">
            <HexColorPicker color={shown} onChange={colour} aria-label="Brand colour" />
          </div>
          <div className="flex-1">
            <TextField
              label="As a code"
              name="brand"
              value={hex}
              onChange={(e) => {
                colour(e.target.value);
              }}
              spellCheck={false}
              maxLength={7}
            />
            <p
              className="mt-2 px-3 py-2 text-center text-[13px] font-semibold"
              style={{ background: view.tones.fill, color: view.tones['on-fill'] }}
            >
              Put in basket
            </p>
            <p className="mt-1 text-[12.5px] text-mute">reads at {view.contrast} to 1</p>
          </div>
        </div>
        <div className="mt-3 flex overflow-hidden rounded-md border border-line" aria-hidden>
          {Object.entries(view.tones).map(([name, tone]) => (
            <span key={name} title={name} className="h-6 flex-1" style={{ background: tone }} />
          ))}
        </div>
      </div>
      <TextField
        label="Wordmark"
        name="wordmark"
        value={look.wordmark}
        maxLength={40}
        onChange={(e) => {
          onChange({ ...look, wordmark: e.target.value });
        }}
      />
      <Logo
        logo={look.logo}
        onLogo={(logo) => {
          onChange({ ...look, logo });
        }}
        onTrouble={onTrouble}
      />
    </div>
  );
}

function Logo({
  logo,
  onLogo,
  onTrouble,
}: {
  logo: LogoView | null;
  onLogo: (logo: LogoView | null) => void;
  onTrouble: (t: string | null) => void;
}) {
  const handle = useHandle();
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  /** Asks until the logo is made. */
  const made = async (sent: SentLogoView): Promise<LogoView> => {
    if (sent.logo) return sent.logo;
    if (!sent.waits) throw new Error(sent.trouble ?? 'This picture can’t be used.');
    await new Promise((later) => setTimeout(later, 500));
    return made(await send<SentLogoView>('GET', route('window.logo.sent', [handle, sent.id])));
  };
  const upload = (chosen: File | undefined) => {
    if (!chosen) return;
    const form = new FormData();
    form.append('picture', chosen);
    setBusy(true);
    send<SentLogoView>('POST', route('window.logo', handle), form)
      .then(made)
      .then((logo) => {
        onTrouble(null);
        onLogo(logo);
      })
      .catch((e: unknown) => {
        onTrouble(words(e));
      })
      .finally(() => {
        setBusy(false);
        if (file.current) file.current.value = '';
      });
  };
  return (
    <div>
      <h3 className="mb-1.5 text-[12.5px] text-mute">Or a logo of your own</h3>
      <div className="flex items-center gap-3">
        <Button small disabled={busy} onClick={() => file.current?.click()}>
          {busy ? 'Making it…' : logo ? 'Another picture' : 'Choose a picture'}
        </Button>
        {logo && (
          <Button
            small
            kind="quiet"
            onClick={() => {
              onLogo(null);
            }}
          >
            Use the wordmark
          </Button>
        )}
        <input
          ref={file}
          type="file"
          accept="image/jpeg,image/png,image/webp"
          className="sr-only"
          tabIndex={-1}
          aria-label="Logo file"
          data-upload
          onChange={(e) => {
            upload(e.target.files?.[0]);
          }}
        />
      </div>
      <p className="mt-1 text-[12.5px] text-mute">JPEG, PNG or WebP, up to 12 MB</p>
    </div>
  );
}
