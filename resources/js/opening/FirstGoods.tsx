import { Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import type { FirstGoodsView } from '@/types/opening';
import { Tick } from '@/ui/Tick';

interface Props {
  goods: FirstGoodsView[];
  /** What couldn't be done for some of them. */
  notes: string[];
  fixed: boolean;
  onLeaveOut: (listings: number[]) => void;
}

/** The goods that were chosen, each with why and with what its page will say. */
export function FirstGoods({ goods, notes, fixed, onLeaveOut }: Props) {
  const handle = useHandle();
  const toggle = (id: number) => {
    const left = goods.filter((one) => one.leftOut !== (one.id === id)).map((one) => one.id);
    onLeaveOut(left);
  };
  return (
    <section aria-label="The goods in it" className="mt-10 max-w-[1180px]">
      <h2 className="name text-[19px]">The goods in it</h2>
      <p className="mb-3 max-w-[680px] text-mute">
        Each answers to your sentence, keeps enough, comes in time and has nothing a careful buyer would stumble over.
        Take the tick away from what you don’t want; read the words, they are drafts until you agree.
      </p>
      {notes.map((note) => (
        <p key={note} className="mb-1 border-l-4 border-ochre px-3 py-1">
          {note}
        </p>
      ))}
      <ul className="border-t border-line">
        {goods.map((one) => (
          <li
            key={one.id}
            className={`grid grid-cols-[20px_56px_1fr_auto] items-start gap-x-4 border-b border-line py-3 ${one.leftOut ? 'opacity-55' : ''}`}
          >
            <span className="pt-1">
              {!fixed && <Tick label={one.title} checked={!one.leftOut} onToggle={() => toggle(one.id)} />}
            </span>
            {one.picture === null ? (
              <span className="size-14 bg-paper" />
            ) : (
              <img src={one.picture} alt="" className="size-14 object-cover" />
            )}
            <div className="max-w-[640px]">
              <Link
                href={route('bench.listing', [handle, one.id])}
                className="font-semibold underline-offset-4 hover:underline"
              >
                {one.title}
              </Link>
              <p className="whitespace-pre-line text-mute">{one.words === '' ? 'No words yet.' : one.words}</p>
              {!one.leftOut && one.lacks.length > 0 && (
                <p className="mt-1 text-ochre">{`It would stay on the bench. ${one.lacks.join(' ')}`}</p>
              )}
            </div>
            <dl className="tnum grid grid-cols-[auto_auto] gap-x-3 text-right text-[13.5px]">
              <dt className="text-mute">sells at</dt>
              <dd className="font-semibold text-see">{one.price?.text ?? 'no price'}</dd>
              <dt className="text-mute">you keep</dt>
              <dd className="font-semibold">{one.keep?.text}</dd>
              <dt className="text-mute">there in</dt>
              <dd>{one.days}</dd>
              {one.rating !== null && (
                <>
                  <dt className="text-mute">rated</dt>
                  <dd>{`${one.rating} of 5`}</dd>
                </>
              )}
              <dt className="text-mute">from</dt>
              <dd className="text-sup">{one.supplier}</dd>
            </dl>
          </li>
        ))}
      </ul>
    </section>
  );
}
