import { useState } from 'react';
import type { ReachView } from '@/types/window';
import { Popup } from '@/ui/Popup';
import type { BlankProps } from '@/window/blanks/props';
import { BLANK } from '@/ui/blank';

/** Where something leads, chosen from what the shop has, or another address. */
export function WayBlank({ field, value, reach, places, onSay, only }: BlankProps & { only?: string }) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState('');
  const said = typeof value === 'string' ? value : '';
  const nowhere = field.choices.find((c) => c.value === '')?.label ?? 'nowhere';
  const words = said === '' ? nowhere : wayWords(said, reach);
  const ways = [
    { value: '', label: nowhere },
    { value: 'all', label: 'everything on the stall' },
    { value: 'shelves', label: 'all shelves' },
    { value: 'notes', label: 'your notes' },
    ...reach.shelves.map((s) => ({ value: `shelf:${s.value}`, label: `the shelf ${s.label}` })),
    ...reach.pages.map((p) => ({ value: p.value, label: `the page ${p.label}` })),
    ...reach.tags.map((t) => ({ value: `tag:${t.value}`, label: `what is tagged ${t.label}` })),
    ...reach.goods.map((g) => ({ value: `goods:${String(g.id)}`, label: g.title })),
    ...places.map((p) => ({ value: `at:${p.value}`, label: `further down, ${p.label}` })),
  ];
  const looks = find.trim().toLowerCase();
  const shown = ways
    .filter((w) => (only === undefined || w.value.startsWith(only)) && w.label.toLowerCase().includes(looks))
    .slice(0, 60);
  const choose = (way: string) => {
    onSay(way);
    setOpen(false);
    setFind('');
  };
  return (
    <Popup
      open={open}
      onOpen={setOpen}
      width={340}
      align="start"
      trigger={
        <button type="button" aria-label={`${field.label}: ${words}`} className={BLANK}>
          {words}
        </button>
      }
    >
      <input
        aria-label="Find, or an address"
        value={find}
        placeholder="Find, or type https://…"
        onChange={(e) => {
          setFind(e.target.value);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && /^(https?:\/\/|mailto:|tel:)/.test(find)) choose(find);
        }}
        className="mb-2 w-full border-b-[1.5px] border-rule bg-transparent py-1 focus:border-you"
      />
      <ul className="max-h-64 overflow-auto">
        {/^(https?:\/\/|mailto:|tel:)/.test(find) && (
          <li>
            <Way
              label={find}
              on={false}
              onChoose={() => {
                choose(find);
              }}
            />
          </li>
        )}
        {shown.map((w) => (
          <li key={w.value}>
            <Way
              label={w.label}
              on={w.value === said}
              onChoose={() => {
                choose(w.value);
              }}
            />
          </li>
        ))}
      </ul>
    </Popup>
  );
}

function Way({ label, on, onChoose }: { label: string; on: boolean; onChoose: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onChoose}
      className={`block w-full truncate rounded px-2 py-1 text-left hover:bg-shade ${on ? 'font-semibold text-you' : ''}`}
    >
      {label}
    </button>
  );
}

/** What a way leads to, in words. */
export function wayWords(said: string, reach: ReachView): string {
  if (said === 'all') return 'everything on the stall';
  if (said === 'shelves') return 'all shelves';
  if (said === 'notes') return 'your notes';
  if (said.startsWith('shelf:')) {
    const shelf = reach.shelves.find((s) => `shelf:${s.value}` === said);
    return shelf ? `the shelf ${shelf.label}` : 'a shelf that is gone or empty';
  }
  if (/^(page|policy):/.test(said)) {
    const page = reach.pages.find((p) => p.value === said);
    return page ? `the page ${page.label}` : 'a page shoppers don’t see';
  }
  if (said.startsWith('tag:')) return `what is tagged ${said.slice(4)}`;
  if (said.startsWith('goods:'))
    return reach.goods.find((g) => `goods:${String(g.id)}` === said)?.title ?? 'something that is gone';
  if (said.startsWith('at:')) return 'further down the page';
  return said.replace(/^(https?:\/\/|mailto:|tel:)/, '').slice(0, 40);
}
