import type { PlacingView } from '@/types/print';
import { ChosenWord } from './ChosenWord';

/** In which scenes its pictures are made, and which comes first. */
export function Scenes({ view, onSay }: { view: PlacingView; onSay: (own: { scenes: string[] }) => Promise<unknown> }) {
  const chosen = view.scenes.filter((s) => s.chosen).map((s) => s.code);
  const turn = (code: string) => {
    const next = chosen.includes(code) ? chosen.filter((c) => c !== code) : [...chosen, code];
    if (next.length > 0) void onSay({ scenes: next });
  };
  return (
    <div className="mt-5 text-[15.5px]" data-scenes>
      Its pictures show it{' '}
      <ChosenWord
        label="The first picture"
        value={chosen[0] ?? ''}
        choices={view.scenes.map((s) => ({ value: s.code, label: s.name.toLowerCase() }))}
        onPick={(first) => void onSay({ scenes: [first, ...chosen.filter((c) => c !== first)] })}
      />{' '}
      first
      <span className="ml-4 inline-flex flex-wrap gap-x-4 text-[13.5px]">
        {view.scenes.map((s) => (
          <label key={s.code} data-scene={s.code} className="inline-flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={s.chosen}
              onChange={() => turn(s.code)}
              className="size-3.5 accent-[#a8431f]"
            />
            {s.name.toLowerCase()}
          </label>
        ))}
      </span>
    </div>
  );
}
