import { CellField } from '@/ui/CellField';
import type { PackingView } from '@/types/delivery';

interface Props {
  packing: PackingView[];
  closed: string;
  /** Null for the seller's own days. */
  onSay: (connection: number | null, typed: Record<string, string | number>) => Promise<boolean>;
}

/** When goods are packed: each supplier's hour and days, and when nobody is there. Dates of arrival go by it. */
export function Packing({ packing, closed, onSay }: Props) {
  const figure = 'text-center font-semibold text-ink';
  return (
    <section className="mb-8" aria-label="When it is packed">
      <h2 className="name mb-1 text-[18px]">When it is packed</h2>
      <ul>
        {packing.map((p) => (
          <li
            key={p.id}
            data-packs={p.name}
            className="flex flex-wrap items-baseline gap-x-1.5 gap-y-1 border-t border-line py-2 text-mute"
          >
            <b className="font-semibold text-ink">{p.name}</b> packs what is paid by
            <CellField
              label={`Hour up to which ${p.name} packs on the day`}
              value={p.cutOff}
              placeholder="any hour"
              inputMode="text"
              onSay={(cut_off) => onSay(p.id, { cut_off })}
              className={`${figure} w-18`}
            />
            on the same day, in
            <CellField
              label={`Least working days of packing at ${p.name}`}
              value={String(p.packsFrom)}
              inputMode="numeric"
              onSay={(typed) => onSay(p.id, { packs_from: typed === '' ? 0 : typed })}
              className={`${figure} w-8`}
            />
            to
            <CellField
              label={`Most working days of packing at ${p.name}`}
              value={String(p.packsTo)}
              inputMode="numeric"
              onSay={(typed) => onSay(p.id, { packs_to: typed === '' ? 0 : typed })}
              className={`${figure} w-8`}
            />
            working days more than it says itself; closed
            <CellField
              label={`Days on which ${p.name} is closed`}
              value={p.closed}
              placeholder="on holidays only"
              inputMode="text"
              onSay={(typed) => onSay(p.id, { closed: typed })}
              className="min-w-32 flex-1 text-ink"
            />
          </li>
        ))}
        <li className="flex flex-wrap items-baseline gap-x-1.5 border-y border-line py-2 text-mute">
          You are away
          <CellField
            label="Days on which you are away"
            value={closed}
            placeholder="never: orders go on by themselves"
            inputMode="text"
            onSay={(typed) => onSay(null, { closed: typed })}
            className="min-w-56 flex-1 text-ink"
          />
        </li>
      </ul>
    </section>
  );
}
