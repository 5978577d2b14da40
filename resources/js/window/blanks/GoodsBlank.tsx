import { useState } from 'react';
import { Popup } from '@/ui/Popup';
import type { BlankProps } from '@/window/blanks/props';
import { BLANK } from '@/ui/blank';

/** Goods picked by hand, in the order they were picked. */
export function GoodsBlank({ field, value, reach, onSay }: BlankProps) {
  const [find, setFind] = useState('');
  const chosen = Array.isArray(value) ? value.filter((v): v is number => typeof v === 'number') : [];
  const titles = chosen.map((id) => reach.goods.find((g) => g.id === id)?.title ?? 'something that is gone');
  const shown = reach.goods.filter((g) => g.title.toLowerCase().includes(find.trim().toLowerCase())).slice(0, 80);
  const words =
    titles.length === 0
      ? 'nothing yet'
      : titles.length <= 2
        ? titles.join(' and ')
        : `${titles[0] ?? ''} and ${String(titles.length - 1)} more`;
  return (
    <Popup
      width={360}
      align="start"
      trigger={
        <button type="button" aria-label={`${field.label}: ${words}`} className={BLANK}>
          {words}
        </button>
      }
    >
      <input
        aria-label="Find goods"
        value={find}
        placeholder="Find goods"
        onChange={(e) => {
          setFind(e.target.value);
        }}
        className="mb-2 w-full border-b-[1.5px] border-rule bg-transparent py-1 focus:border-you"
      />
      <ul className="max-h-64 overflow-auto">
        {shown.map((g) => (
          <li key={g.id}>
            <label className="flex items-center gap-2 py-1">
              <input
                type="checkbox"
                className="size-4 accent-[#a8431f]"
                checked={chosen.includes(g.id)}
                disabled={!chosen.includes(g.id) && chosen.length >= field.most}
                onChange={(e) => {
                  onSay(e.target.checked ? [...chosen, g.id] : chosen.filter((c) => c !== g.id));
                }}
              />
              <span className="min-w-0 flex-1 truncate">{g.title}</span>
              {chosen.includes(g.id) && <span className="text-[12px] text-mute">{chosen.indexOf(g.id) + 1}</span>}
            </label>
          </li>
        ))}
        {reach.goods.length === 0 && <li className="text-mute">Nothing is in the window yet.</li>}
      </ul>
    </Popup>
  );
}
