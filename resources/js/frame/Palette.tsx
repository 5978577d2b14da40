import { clsx } from 'clsx';
import { router } from '@inertiajs/react';
import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import type { FoundView, FrameView } from '@/types/frame';
import { useFocusBack } from '@/ui/focusBack';

const areasOf = (frame: FrameView) =>
  ['Source', 'Bench', 'Print', 'Drift', 'Pricing', 'Shelves', 'Window', 'Counter', 'Settings'].filter(
    (name) => name !== 'Print' || frame.prints,
  );

/** Several things are found at one address. */
const value = (f: FoundView): string => `${f.label} ${f.url}`;

const ITEM = 'flex cursor-pointer items-baseline gap-3 rounded px-3 py-2 data-[selected=true]:bg-shade';

/** Finds areas, stalls, goods and orders, and goes there: Ctrl or ⌘ and K, from anywhere. */
export function Palette({ frame, open, onOpen }: { frame: FrameView; open: boolean; onOpen: (open: boolean) => void }) {
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState('');
  const handle = frame.handle;

  const asks = open && handle !== null && typed.trim() !== '';
  const found = useAsked<FoundView[]>(asks ? { url: route('find', [handle, { q: typed }]) } : null, 120).answer ?? [];

  const go = (url: string) => {
    onOpen(false);
    setTyped('');
    router.visit(url);
  };
  const places = [
    ...(handle === null
      ? []
      : areasOf(frame).map((name) => ({
          name,
          url: route(name.toLowerCase(), handle),
        }))),
    ...frame.stalls
      .filter((s) => s.handle !== handle)
      .map((s) => ({ name: `Step over to ${s.name}`, url: route('source', s.handle) })),
    { name: 'Make another stall', url: route('stalls.new') },
  ].filter((p) => p.name.toLowerCase().includes(typed.trim().toLowerCase()) && found.every((f) => f.url !== p.url));

  // The first answer is in hand at once, whatever was before: a find, or else a place.
  const first = found[0] ? value(found[0]) : (places[0]?.url ?? '');
  useEffect(() => {
    setAt(first);
  }, [first, typed]);
  const focus = useFocusBack();
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/25" />
        <Dialog.Content
          {...focus}
          aria-describedby={undefined}
          className={clsx(
            'fixed top-[14vh] left-1/2 z-50 w-[560px] -translate-x-1/2 overflow-hidden rounded-xl',
            'border border-line bg-sheet shadow-2xl shadow-black/20',
          )}
        >
          <Dialog.Title className="sr-only">Find anything</Dialog.Title>
          <Command shouldFilter={false} label="Find anything" value={at} onValueChange={setAt}>
            <Command.Input
              value={typed}
              onValueChange={setTyped}
              placeholder="Goods, orders, and anything by its everyday name: tax, delivery, logo …"
              className="w-full border-b border-line bg-transparent px-5 py-4 text-[17px] "
            />
            <Command.List className="max-h-[52vh] overflow-auto p-2">
              <Command.Empty className="px-3 py-4 text-mute">Nothing is called that.</Command.Empty>
              {found.map((f) => (
                <Command.Item
                  key={value(f)}
                  value={value(f)}
                  onSelect={() => f.url !== '' && go(f.url)}
                  className={clsx(ITEM, f.kind === 'place' && f.detail !== '' && 'flex-wrap')}
                >
                  <span className="min-w-0 flex-1 truncate font-medium">{f.label}</span>
                  <span
                    className={clsx('text-[13px] text-mute', f.kind === 'place' ? 'w-full' : 'whitespace-nowrap')}
                    hidden={f.detail === ''}
                  >
                    {f.detail}
                  </span>
                </Command.Item>
              ))}
              {places.map((p) => (
                <Command.Item key={p.url} value={p.url} onSelect={() => go(p.url)} className={ITEM}>
                  {p.name}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
