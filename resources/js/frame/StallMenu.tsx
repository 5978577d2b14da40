import { Link, router } from '@inertiajs/react';
import { CaretDownIcon } from '@phosphor-icons/react';
import { DropdownMenu } from 'radix-ui';
import type { FrameView } from '@/types/frame';

const ITEM = 'block w-full cursor-pointer rounded px-3 py-1.5 text-left  data-highlighted:bg-shade';

/** Whose stall this is, and the way over to another. */
export function StallMenu({ frame, onKeys }: { frame: FrameView; onKeys: () => void }) {
  const others = frame.stalls.filter((s) => s.handle !== frame.handle);
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`${frame.name ?? 'Window Stall'}: stalls and settings`}
        className="name flex items-center gap-1.5 text-[18px] text-brand"
      >
        {frame.name ?? 'Window Stall'}
        <CaretDownIcon size={12} weight="bold" aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          className="z-30 min-w-56 rounded-lg border border-line bg-sheet p-1.5 shadow-lg shadow-black/10"
        >
          {others.length > 0 && (
            <DropdownMenu.Label className="px-3 py-1 text-[12px] text-mute">Step over to</DropdownMenu.Label>
          )}
          {others.map((s) => (
            <DropdownMenu.Item key={s.handle} asChild>
              <Link href={route('source', s.handle)} className={ITEM}>
                {s.name}
              </Link>
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Item asChild>
            <Link href={route('stalls.new')} className={ITEM}>
              Make another stall
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-1.5 border-t border-line" />
          {frame.handle !== null && (
            <DropdownMenu.Item asChild>
              <Link href={route('settings', frame.handle)} className={ITEM}>
                Settings of this stall
              </Link>
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item asChild>
            <Link href={route('you')} className={ITEM}>
              You: password, sign-ins, keys
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={onKeys}>
            Keys
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={ITEM}
            onSelect={() => {
              router.post(route('sign-out'));
            }}
          >
            Sign out {frame.person}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
