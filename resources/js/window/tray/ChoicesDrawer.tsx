import { Pills } from '@/ui/Pills';
import type { DrawerProps } from '@/window/tray/props';

interface Props extends DrawerProps {
  title: string;
  parts: { name: string; words: string }[];
}

/** Decisions made by choosing, as one sentence. Each shows in the page at once. */
export function ChoicesDrawer({ title, parts, draft, choices, onDecide }: Props) {
  return (
    <>
      <h2 className="name mb-3 text-[19px]">{title}</h2>
      <div className="space-y-3">
        {parts.map(({ name, words }) => (
          <div key={name} className="grid grid-cols-[190px_1fr] items-baseline gap-4">
            <span className="text-right text-mute">{words}</span>
            <Pills
              label={words}
              value={String(draft[name])}
              choices={choices.choices[name] ?? []}
              onChoose={(value) => {
                onDecide({ [name]: value }, name);
              }}
            />
          </div>
        ))}
      </div>
    </>
  );
}
