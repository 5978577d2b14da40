import { useEffect, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { PreviewAddressView, VersionView, VersionsView } from '@/types/window';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { TextField } from '@/ui/TextField';
import type { Galley } from '@/window/useGalley';

interface Props {
  open: boolean;
  galley: Galley;
  onClose: () => void;
}

const PHONE = 390;
const SHOWN = 250;

/** States of the page that were kept: two looked at side by side, one gone back to; and addresses for others. */
export function VersionsSheet({ open, galley, onClose }: Props) {
  const handle = useHandle();
  const [view, setView] = useState<VersionsView | null>(null);
  const [beside, setBeside] = useState<VersionView[]>([]);
  const [name, setName] = useState('');
  const [person, setPerson] = useState('');
  const [address, setAddress] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);

  const ask = (wanted: Promise<VersionsView>) =>
    wanted.then(setView).catch((e: unknown) => {
      setTrouble(words(e));
    });
  useEffect(() => {
    if (open) void ask(send<VersionsView>('GET', route('window.versions', handle)));
  }, [open, handle]);

  const look = (version: VersionView) => {
    setBeside((now) =>
      now.some((v) => v.id === version.id) ? now.filter((v) => v.id !== version.id) : [...now.slice(-1), version],
    );
  };

  return (
    <Sheet open={open} title="Versions of the front page" onClose={onClose} wide>
      {trouble && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      <form
        className="mb-5 flex items-end gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void ask(send<VersionsView>('POST', route('window.versions.store', handle), { name })).then(() => {
            setName('');
          });
        }}
      >
        <div className="w-64">
          <TextField
            label="Keep it as it is now, under a name"
            value={name}
            maxLength={60}
            onChange={(e) => {
              setName(e.target.value);
            }}
          />
        </div>
        <Button type="submit" disabled={name.trim() === ''}>
          Keep it
        </Button>
      </form>
      <div className="flex items-start gap-8">
        <ol className="min-w-0 flex-1">
          {view?.versions.map((version) => (
            <li key={version.id} className="flex items-baseline gap-3 border-t border-line py-2">
              <span className="min-w-0 flex-1 truncate font-medium">{version.words}</span>
              <span className="text-[12.5px] text-mute">{version.when}</span>
              <Button
                kind="quiet"
                small
                aria-pressed={beside.some((v) => v.id === version.id)}
                onClick={() => {
                  look(version);
                }}
              >
                Look at it
              </Button>
              <Button
                kind="quiet"
                small
                onClick={() => {
                  void galley.back(version.id).then((ok) => {
                    if (ok) onClose();
                  });
                }}
              >
                Go back to it
              </Button>
            </li>
          ))}
        </ol>
        {beside.length > 0 && (
          <div className="flex flex-none gap-3" data-beside>
            {beside.map((version) => (
              <figure key={version.id} style={{ width: SHOWN }}>
                <figcaption className="mb-1 truncate text-[12.5px] text-mute">{`${version.words}, ${version.when}`}</figcaption>
                <div className="overflow-hidden border border-line" style={{ height: 520 }}>
                  <iframe
                    title={`${version.words}, ${version.when}`}
                    src={version.url}
                    style={{
                      width: PHONE,
                      height: 520 / (SHOWN / PHONE),
                      border: 0,
                      transform: `scale(${String(SHOWN / PHONE)})`,
                      transformOrigin: '0 0',
                    }}
                  />
                </div>
              </figure>
            ))}
          </div>
        )}
      </div>
      <h3 className="name mt-8 mb-1 text-[17px]">For somebody else to look at</h3>
      <p className="mb-2 text-mute">An address that shows the page as it is being dressed, until you take it back.</p>
      <form
        className="flex items-end gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void send<PreviewAddressView>('POST', route('window.previews.store', handle), { for: person })
            .then((opened) => {
              setAddress(opened.address);
              setPerson('');
              return ask(send<VersionsView>('GET', route('window.versions', handle)));
            })
            .catch((e2: unknown) => {
              setTrouble(words(e2));
            });
        }}
      >
        <div className="w-64">
          <TextField
            label="Whom it is for"
            value={person}
            maxLength={60}
            onChange={(e) => {
              setPerson(e.target.value);
            }}
          />
        </div>
        <Button type="submit" disabled={person.trim() === ''}>
          Make an address
        </Button>
      </form>
      {address !== '' && (
        <p className="mt-3 rounded-md bg-see-soft px-3 py-2 break-all">
          <span className="text-mute">Copy it now; it is shown once. </span>
          <span data-address>{address}</span>
        </p>
      )}
      <ul className="mt-3">
        {view?.previews.map((open_) => (
          <li key={open_.id} className="flex items-baseline gap-3 border-t border-line py-2">
            <span className="flex-1">{open_.for}</span>
            <span className="text-[12.5px] text-mute">{open_.since}</span>
            <Button
              kind="quiet"
              small
              onClick={() => void ask(send<VersionsView>('DELETE', route('window.previews.end', [handle, open_.id])))}
            >
              Take it back
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
