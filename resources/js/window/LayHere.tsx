import { clsx } from 'clsx';
import { DropdownMenu } from 'radix-ui';
import type { SectionKindView } from '@/types/window';

interface Props {
  kinds: SectionKindView[];
  top: number;
  /** Seen without being pointed at. */
  always: boolean;
  onLay: (kind: SectionKindView) => void;
}

/** The thin line between two notes that offers to lay something there. */
export function LayHere({ kinds, top, always, onLay }: Props) {
  return (
    <div className="absolute inset-x-0 z-10 pr-6 pl-[58px]" style={{ top }}>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <button
            type="button"
            data-lay
            className={clsx(
              'flex h-[15px] w-full items-center gap-2 text-[11.5px] text-mute hover:opacity-100',
              'focus-visible:opacity-100 data-[state=open]:opacity-100',
              always ? 'opacity-100' : 'opacity-0',
            )}
          >
            lay something here
            <span className="flex-1 border-t border-dashed border-rule/60" aria-hidden />
          </button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            sideOffset={4}
            collisionPadding={12}
            className={clsx(
              'z-40 grid max-h-[70vh] grid-cols-2 overflow-auto rounded-lg border border-line bg-sheet',
              'p-1.5 shadow-lg shadow-black/10',
            )}
          >
            {kinds.map((kind) => (
              <DropdownMenu.Item
                key={kind.key}
                onSelect={() => {
                  onLay(kind);
                }}
                className="cursor-pointer rounded px-3 py-1.5 text-[13.5px]  data-highlighted:bg-shade"
              >
                {kind.label}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </div>
  );
}
