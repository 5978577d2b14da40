import { Kept } from '@/ui/Asked';
import { XIcon } from '@phosphor-icons/react';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { send, words } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { LadderView, TypedRungView } from '@/types/pricing';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

const KINDS = [
  { value: 'percent', name: '% off each' },
  { value: 'amount', name: 'off each' },
  { value: 'total', name: 'for all together' },
];

/**
 * A listing's multi-buy ladder: each rung with what it comes to, what it keeps, and how many must climb for it to pay.
 */
export function LadderSheet({
  listing,
  title,
  onClose,
}: {
  listing: number | null;
  title: string;
  onClose: () => void;
}) {
  const handle = useHandle();
  const [ladder, setLadder] = useState<LadderView | null>(null);
  const [rungs, setRungs] = useState<TypedRungView[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const asked = useRef<AbortController | null>(null);
  useEffect(() => {
    setLadder(null);
    if (listing === null) return;
    send<LadderView>('POST', route('pricing.ladder.try', [handle, listing]))
      .then((said) => {
        setLadder(said);
        setRungs(said.typed);
      })
      .catch(sayTrouble);
  }, [listing, handle]);
  const next = ladder?.next;
  const attempt = (next: TypedRungView[]) => {
    setRungs(next);
    asked.current?.abort();
    if (listing === null || next.some((r) => r.value.trim() === '')) return;
    const ask = new AbortController();
    asked.current = ask;
    send<LadderView>('POST', route('pricing.ladder.try', [handle, listing]), { rungs: next }, ask.signal)
      .then((said) => {
        setLadder(said);
        setTrouble(null);
      })
      .catch((e: unknown) => {
        if (!ask.signal.aborted) setTrouble(words(e));
      });
  };
  const change = (n: number, other: Partial<TypedRungView>) =>
    attempt(rungs.map((r, i) => (i === n ? { ...r, ...other } : r)));
  const line = 'border-b-[1.5px] border-rule bg-transparent py-0.5 font-medium focus:border-you';
  return (
    <Sheet
      wide
      open={listing !== null}
      onClose={onClose}
      title={`Multi-buy ladder of ${title}`}
      foot={
        <Button
          kind="do"
          disabled={trouble !== null || rungs.some((r) => r.value.trim() === '')}
          onClick={() => {
            if (listing === null) return;
            send<LadderView>('PUT', route('pricing.ladder', [handle, listing]), { rungs })
              .then(() => {
                toast.success(rungs.length === 0 ? 'The ladder is taken away.' : 'Shoppers see the ladder.');
                onClose();
              })
              .catch((e: unknown) => setTrouble(words(e)));
          }}
        >
          {rungs.length === 0 ? 'Sell without a ladder' : 'Sell with this ladder'}
        </Button>
      }
    >
      <p className="mb-3 text-mute">Prices that fall with quantity. {ladder?.about}</p>
      {rungs.map((r, n) => (
        <div key={n} className="mb-2 flex items-baseline gap-2" data-rung={n}>
          from
          <input
            aria-label={`Pieces of rung ${String(n + 1)}`}
            type="number"
            min={2}
            max={99}
            value={r.pieces}
            onChange={(e) => change(n, { pieces: Number(e.target.value) })}
            className={`${line} w-14 text-center`}
          />
          pieces,
          <input
            aria-label={`What rung ${String(n + 1)} gives`}
            value={r.value}
            inputMode="decimal"
            onChange={(e) => change(n, { value: e.target.value })}
            className={`${line} w-20 text-center`}
          />
          <select
            aria-label={`How rung ${String(n + 1)} is said`}
            value={r.kind}
            onChange={(e) => change(n, { kind: e.target.value })}
            className={line}
          >
            {KINDS.map((k) => (
              <option key={k.value} value={k.value}>
                {k.name}
              </option>
            ))}
          </select>
          <input
            aria-label={`What stands on rung ${String(n + 1)}`}
            value={r.words}
            maxLength={40}
            placeholder="your words, or none"
            onChange={(e) => change(n, { words: e.target.value })}
            className={`${line} w-44 min-w-0 flex-1`}
          />
          <button
            type="button"
            aria-label={`Take rung ${String(n + 1)} out`}
            className="self-center text-mute hover:text-ink"
            onClick={() => attempt(rungs.filter((_, i) => i !== n))}
          >
            <XIcon size={14} />
          </button>
        </div>
      ))}
      {next && (
        <Button small onClick={() => attempt([...rungs, next])}>
          Add a rung
        </Button>
      )}
      {trouble && (
        <p role="alert" className="mt-3 font-medium text-you">
          {trouble}
        </p>
      )}
      {ladder && ladder.rungs.length > 0 && (
        <table className="mt-5 w-full border-y border-line text-right" data-rungs>
          <thead>
            <tr className="text-[12.5px] text-mute [&>th]:px-3 [&>th]:py-1.5 [&>th]:font-normal">
              <th scope="col" className="pl-0! text-left">
                pieces
              </th>
              <th scope="col">together</th>
              <th scope="col">each</th>
              <th scope="col" className="whitespace-nowrap">
                you keep
              </th>
              <th scope="col">margin</th>
              <th scope="col" className="pl-5 text-left">
                does it pay?
              </th>
            </tr>
          </thead>
          <tbody>
            {ladder.rungs.map((r) => (
              <tr key={r.pieces} className="border-t border-line [&>td]:px-3 [&>td]:py-2">
                <td className="pl-0! text-left font-medium">{r.pieces}</td>
                <td>{r.total.text}</td>
                <td>{r.perPiece.text}</td>
                <td className="text-see">
                  <Kept keep={r.keep} />
                </td>
                <td>{r.margin}</td>
                <td className="pl-5 text-left text-[13px]">
                  {r.warning && <span className="font-medium text-loss">{r.warning} </span>}
                  <span className="text-mute">{r.climb}</span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Sheet>
  );
}
