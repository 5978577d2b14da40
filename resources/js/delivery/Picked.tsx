import { useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { TrialGoodView } from '@/types/delivery';
import { CellField } from '@/ui/CellField';
import { Popup } from '@/ui/Popup';
import { TextField } from '@/ui/TextField';
import { Thumb } from '@/ui/Thumb';

interface Line extends TrialGoodView {
  pieces: number;
}

const MOST = 99;

/** What lies in the basket that is tried. */
export function Picked({ lines, onSay }: { lines: Line[]; onSay: (lines: Line[]) => void }) {
  const put = (variant: number, pieces: number) =>
    onSay(lines.flatMap((line) => (line.variant === variant ? (pieces < 1 ? [] : [{ ...line, pieces }]) : [line])));
  return (
    <ul className="grid gap-1.5">
      {lines.map((line) => (
        <li key={line.variant} className="flex items-center gap-3">
          <Thumb src={line.picture} size={36} />
          <CellField
            label={`How many of ${line.title}`}
            value={String(line.pieces)}
            inputMode="numeric"
            onSay={(typed) => {
              const pieces = /^\d{1,2}$/.test(typed) ? Math.min(MOST, Number(typed)) : line.pieces;
              put(line.variant, pieces);
              return Promise.resolve(true);
            }}
            className="w-8 text-center font-semibold text-you"
          />
          <span className="min-w-0 flex-1 truncate">{line.title}</span>
          <span className="text-mute">{line.price}</span>
          <button
            type="button"
            className="text-[13px] text-mute underline decoration-line underline-offset-4"
            onClick={() => put(line.variant, 0)}
          >
            out<span className="sr-only"> with {line.title}</span>
          </button>
        </li>
      ))}
      <li>
        <More
          onPick={(good) => {
            const there = lines.find((line) => line.variant === good.variant);
            if (there) put(good.variant, there.pieces + 1);
            else onSay([...lines, { ...good, pieces: 1 }]);
          }}
        />
      </li>
    </ul>
  );
}

function More({ onPick }: { onPick: (good: TrialGoodView) => void }) {
  const handle = useHandle();
  const [open, setOpen] = useState(false);
  const [found, setFound] = useState<TrialGoodView[]>([]);
  const [typed, setTyped] = useState('');
  const look = (q: string) => {
    setTyped(q);
    send<TrialGoodView[]>('GET', route('delivery.goods', { stall: handle, q }))
      .then(setFound)
      .catch(sayTrouble);
  };
  return (
    <Popup
      width={380}
      align="start"
      open={open}
      onOpen={(next) => {
        if (next) look('');
        setOpen(next);
      }}
      trigger={
        <button type="button" className="text-you underline underline-offset-4">
          put something in
        </button>
      }
    >
      <TextField label="Goods in the window" value={typed} onChange={(e) => look(e.target.value)} />
      <ul className="mt-2">
        {found.map((good) => (
          <li key={good.variant}>
            <button
              type="button"
              className="flex w-full items-center gap-3 rounded py-1 text-left hover:bg-shade"
              onClick={() => {
                onPick(good);
                setOpen(false);
              }}
            >
              <Thumb src={good.picture} size={28} />
              <span className="min-w-0 flex-1 truncate">{good.title}</span>
              <span className="text-mute">{good.price}</span>
            </button>
          </li>
        ))}
      </ul>
    </Popup>
  );
}
