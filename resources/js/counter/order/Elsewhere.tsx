import { useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { NeedWayView } from '@/types/counter';
import { Way } from '@/counter/desk/Need';
import { Button } from '@/ui/Button';

interface Move {
  supplierOrder: number;
  goods: string;
  ways: NeedWayView[];
}

/** From where else what waits to be sent could come, worked out when somebody asks. */
export function Elsewhere({ orderId, supplierOrder }: { orderId: number; supplierOrder: number }) {
  const handle = useHandle();
  const [moves, setMoves] = useState<Move[] | null>(null);
  const [trouble, setTrouble] = useState('');
  const ask = () => {
    send<{ moves: Move[] }>('GET', route('counter.sources', [handle, orderId]))
      .then((said) => {
        setMoves(said.moves.filter((one) => one.supplierOrder === supplierOrder));
        setTrouble('');
      })
      .catch((error: unknown) => {
        setTrouble(words(error));
      });
  };
  return (
    <div className="mt-1">
      {moves === null && (
        <Button kind="quiet" small onClick={ask}>
          From elsewhere?
        </Button>
      )}
      {moves?.length === 0 && <p className="text-[13px] text-mute">Nobody else has it now.</p>}
      <ul>
        {moves?.map((move) => (
          <li key={move.goods} className="border-l-[3px] border-line py-1 pl-3" data-move={move.goods}>
            <p className="font-medium">{move.goods}</p>
            {move.ways.map((way) => (
              <p key={way.button} className="flex flex-wrap items-baseline gap-x-3">
                <b className="name">{way.keeps}</b>
                <span className="flex-1 text-[13.5px] text-mute">{way.about}</span>
                <Way way={way} />
              </p>
            ))}
          </li>
        ))}
      </ul>
      {trouble !== '' && <p className="text-[13px] font-medium text-you">{trouble}</p>}
    </div>
  );
}
