import { useEffect, useRef, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { LooksView, OfferedLookView, SaidLookView } from '@/types/window';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';
import type { DrawerProps } from '@/window/tray/props';
import { LookCard, LookShelf } from '@/window/tray/LookCard';
import type { Galley } from '@/window/useGalley';

/**
 * Looks to choose from, each with the seller's own page in it: ready ones, those kept, and those said in a sentence.
 */
export function LooksDrawer({ draft, onDecide, galley }: DrawerProps & { galley: Galley }) {
  const handle = useHandle();
  const [looks, setLooks] = useState<LooksView | null>(null);
  const [said, setSaid] = useState<SaidLookView | null>(null);
  const [offered, setOffered] = useState<OfferedLookView | null>(null);
  const [sentence, setSentence] = useState('');
  const [wide, setWide] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);

  const ask = <T,>(wanted: Promise<T>, then: (got: T) => void) => {
    wanted
      .then((got) => {
        setTrouble(null);
        then(got);
      })
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  };
  useEffect(() => {
    ask(send<LooksView>('GET', route('window.looks', handle)), setLooks);
  }, [handle]);

  const putOn = (look: OfferedLookView) => {
    onDecide({ ...look.look, name: look.name }, `put on ${look.name}`);
  };
  const shown = [
    ...(offered ? [offered] : []),
    ...(said?.looks ?? []),
    ...(looks?.kept ?? []),
    ...(looks?.starters ?? []),
  ];

  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <h2 className="name text-[19px]">Looks</h2>
        <div className="w-44">
          <TextField
            label="This one is called"
            value={draft.name}
            maxLength={40}
            onChange={(e) => {
              if (e.target.value.trim() !== '') onDecide({ name: e.target.value }, 'name');
            }}
          />
        </div>
        <form
          className="flex min-w-[360px] flex-1 items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            ask(send<SaidLookView>('POST', route('window.looks.said', handle), { words: sentence }), setSaid);
          }}
        >
          <div className="flex-1">
            <TextField
              label="Say it in a sentence"
              value={sentence}
              maxLength={300}
              placeholder="calm, neutral, beige and soft grey, a lot of white space, simple type"
              onChange={(e) => {
                setSentence(e.target.value);
              }}
            />
          </div>
          <Button type="submit" disabled={sentence.trim() === ''}>
            Lay out three
          </Button>
        </form>
        <Button
          kind="quiet"
          onClick={() => {
            setWide(!wide);
          }}
        >
          {wide ? 'As on a phone' : 'As on a desk'}
        </Button>
        <Button
          kind="quiet"
          onClick={() => {
            ask(
              send<LooksView>('POST', route('window.looks.store', handle), { name: galley.copy.look.name }),
              setLooks,
            );
          }}
        >
          Keep this look
        </Button>
        <a
          className="py-2 text-mute underline decoration-line underline-offset-3 hover:text-ink"
          href={route('window.looks.export', handle)}
          download
        >
          As a file
        </a>
        <Button kind="quiet" onClick={() => file.current?.click()}>
          From a file
        </Button>
        <input
          ref={file}
          type="file"
          accept="application/json,.json"
          className="sr-only"
          tabIndex={-1}
          aria-label="Look file"
          data-look-file
          onChange={(e) => {
            const given = e.target.files?.[0];
            e.target.value = '';
            if (given)
              void given.text().then((text) => {
                ask(send<OfferedLookView>('POST', route('window.looks.read', handle), { file: text }), setOffered);
              });
          }}
        />
      </div>
      {trouble && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      {said && (
        <p className="mb-3 text-mute" data-understood>
          {said.understood.length === 0 ? 'Nothing of that was understood.' : 'Understood: '}
          {said.understood.map((u) => `“${u.value}” as ${u.label}`).join('; ')}
          {said.understood.length > 0 && '. '}
          {said.missed.length > 0 && `Not understood: ${said.missed.join(', ')}.`}
        </p>
      )}
      <LookShelf
        worn={String(shown.findIndex((look) => look.name === draft.name))}
        onPutOn={(n) => {
          const look = shown[Number(n)];
          if (look) putOn(look);
        }}
      >
        {shown.map((look, n) => (
          <LookCard
            key={`${look.name} ${String(look.id ?? n)}`}
            look={look}
            wide={wide}
            value={String(n)}
            worn={look.name === draft.name}
            onLetGo={
              look.id === null
                ? undefined
                : () => {
                    ask(send<LooksView>('DELETE', route('window.looks.destroy', [handle, look.id ?? 0])), setLooks);
                  }
            }
          />
        ))}
      </LookShelf>
    </>
  );
}
