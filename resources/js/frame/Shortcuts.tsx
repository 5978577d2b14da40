import { Dialog } from 'radix-ui';

const KEYS = [
  ['Ctrl K', 'Find anything'],
  ['p', 'Peek at the shop on a phone; again puts it away'],
  ['/', 'Search, in Source'],
  ['j  k', 'The next row in hand, the one before'],
  ['Enter  x  t  c', 'Look at it, choose it, take it, compare what is chosen'],
  ['Ctrl D', 'Fill a column down, in the grid'],
  ['Shift and a click', 'Choose a range in a list'],
  ['[  ]', 'The listing before, the listing after'],
  ['Enter', 'Say it: a title, a price'],
  ['Escape', 'Take back what is being typed'],
  ['Alt ↑  Alt ↓', 'Move a section of the front page'],
  ['?', 'This sheet'],
];

/** The keys that work, on a sheet beside the work. */
export function Shortcuts({ open, onOpen }: { open: boolean; onOpen: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/15" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-y-0 right-0 z-50 w-[380px] border-l border-line bg-sheet px-7 py-8"
        >
          <Dialog.Title className="name mb-5 text-[22px]">Keys</Dialog.Title>
          <dl>
            {KEYS.map(([keys, what]) => (
              <div key={keys} className="flex items-baseline gap-4 border-t border-line py-2.5">
                <dt className="w-36 flex-none font-semibold">{keys}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="mt-6 underline decoration-line underline-offset-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
