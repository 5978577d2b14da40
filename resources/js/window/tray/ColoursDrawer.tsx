import { useState } from 'react';
import { HexColorPicker } from 'react-colorful';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { Pills } from '@/ui/Pills';
import { TextField } from '@/ui/TextField';
import type { DrawerProps } from '@/window/tray/props';
import { LogoSlot } from '@/window/tray/LogoSlot';
import type { ColoursView } from '@/types/window';

const ORDER = ['the brand’s own', 'a second', 'a third'];

/** Up to three brand colours, the ground they stand on, and the wordmark or a logo to take them from. */
export function ColoursDrawer({ draft, look, choices, onDecide }: DrawerProps) {
  const handle = useHandle();
  const [at, setAt] = useState(0);
  const [typed, setTyped] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const colour = draft.colours[at] ?? '#000000';
  const put = (value: string) => {
    setTyped(value);
    const hex = value.startsWith('#') ? value : `#${value}`;
    if (/^#[0-9a-f]{6}$/i.test(hex))
      onDecide({ colours: draft.colours.map((c, n) => (n === at ? hex.toLowerCase() : c)) }, `colour ${String(at)}`);
  };
  const fromLogo = () => {
    send<ColoursView>('GET', route('window.looks.logo-colours', handle))
      .then(({ colours }) => {
        if (colours.length === 0) setTrouble('This logo has no colour of its own.');
        else onDecide({ colours }, 'colours from the logo');
      })
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  };
  return (
    <div className="grid grid-cols-[auto_230px_1fr_1fr] gap-8">
      <div>
        <h2 className="name mb-3 text-[19px]">Colours</h2>
        <div className="flex items-center gap-2">
          {draft.colours.map((c, n) => (
            <button
              key={n}
              type="button"
              aria-label={`Colour ${String(n + 1)}, ${ORDER[n] ?? ''}: ${c}`}
              aria-pressed={n === at}
              onClick={() => {
                setAt(n);
                setTyped(null);
              }}
              className={`size-11 rounded-full border-[3px] ${n === at ? 'border-you' : 'border-line'}`}
              style={{ background: c }}
            />
          ))}
        </div>
        <div className="mt-3 flex flex-col items-start gap-1">
          {draft.colours.length < 3 && (
            <Button
              kind="quiet"
              small
              onClick={() => {
                onDecide(
                  {
                    colours: [
                      ...draft.colours,
                      look.tones[draft.colours.length === 1 ? 'second' : 'third'] ?? '#888888',
                    ],
                  },
                  'one colour more',
                );
                setAt(draft.colours.length);
              }}
            >
              One more
            </Button>
          )}
          {draft.colours.length > 1 && (
            <Button
              kind="quiet"
              small
              onClick={() => {
                onDecide({ colours: draft.colours.filter((_, n) => n !== at) }, 'one colour less');
                setAt(0);
              }}
            >
              Without this one
            </Button>
          )}
        </div>
      </div>
      <div className="[&_.react-colorful]:h-[150px]! [&_.react-colorful]:w-full!">
        <HexColorPicker color={colour} onChange={put} />
        <TextField
          label={`${ORDER[at] ?? ''}, as a code`}
          name="colour"
          value={typed ?? colour}
          spellCheck={false}
          maxLength={7}
          onChange={(e) => {
            put(e.target.value);
          }}
        />
      </div>
      <div>
        <h3 className="mb-1.5 text-[12.5px] text-mute">They stand on</h3>
        <Pills
          label="Ground"
          value={String(draft.mood)}
          choices={choices.choices.mood ?? []}
          onChoose={(mood) => {
            onDecide({ mood }, 'mood');
          }}
        />
        {look.moved.map((sentence) => (
          <p key={sentence} className="mt-3 border-l-4 border-ochre bg-ochre-soft px-3 py-2 text-[13px]" data-moved>
            {sentence}
          </p>
        ))}
      </div>
      <div>
        <TextField
          label="Wordmark"
          name="wordmark"
          value={draft.wordmark}
          maxLength={40}
          onChange={(e) => {
            if (e.target.value.trim() !== '') onDecide({ wordmark: e.target.value }, 'wordmark');
          }}
        />
        <div className="mt-4 space-y-2">
          <LogoSlot
            name="logo"
            logo={draft.logo}
            ground={look.tones.ground}
            send="A logo of your own"
            onTrouble={setTrouble}
            onLogo={(logo) => {
              onDecide({ logo }, 'logo');
            }}
          />
          {draft.logo && (
            <>
              <LogoSlot
                name="logo for a dark ground"
                logo={draft.logoOnDark}
                ground={look.tones.deep}
                send="One for dark grounds"
                onTrouble={setTrouble}
                onLogo={(logoOnDark) => {
                  onDecide({ logoOnDark }, 'logo for a dark ground');
                }}
              />
              <Button small onClick={fromLogo}>
                Take its colours
              </Button>
            </>
          )}
        </div>
        <p className="mt-1 text-[12.5px] text-mute">
          PNG, JPEG, WebP or SVG, up to 12 MB; what is empty around it is cut off
        </p>
        {look.sign !== '' && (
          <p className="mt-2 border-l-4 border-ochre bg-ochre-soft px-3 py-2 text-[13px]" data-sign>
            {look.sign}
          </p>
        )}
        {trouble && (
          <p role="alert" className="mt-2 border-l-4 border-you bg-you-soft px-3 py-2">
            {trouble}
          </p>
        )}
      </div>
    </div>
  );
}
