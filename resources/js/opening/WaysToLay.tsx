import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { AgreedView, LaidWayView } from '@/types/opening';
import { Button } from '@/ui/Button';
import { PhoneFrame } from '@/ui/PhoneFrame';
import { Link } from '@inertiajs/react';

interface Props {
  ways: LaidWayView[];
  agreed: AgreedView | null;
  shown: boolean;
  busy: boolean;
  onAgree: (way: number) => void;
}

/** The same goods laid out in three ways, each on a phone, to choose one. */
export function WaysToLay({ ways, agreed, shown, busy, onAgree }: Props) {
  const handle = useHandle();
  const [chosen, setChosen] = useState('0');
  const [sees, setSees] = useState<'front' | 'goods'>('front');
  return (
    <section aria-label="Three ways to lay it out" className="mt-8">
      <div className="mb-3 flex flex-wrap items-baseline gap-x-4">
        <h2 className="name text-[19px]">Three ways to lay it out</h2>
        <button
          type="button"
          className="text-mute underline decoration-line underline-offset-4"
          onClick={() => {
            setSees(sees === 'front' ? 'goods' : 'front');
          }}
        >
          {sees === 'front' ? 'See a page of goods in each' : 'See the front page in each'}
        </button>
      </div>
      <div className="mb-5 flex flex-wrap items-center gap-4">
        {agreed === null && !shown && (
          <>
            <Button
              kind="do"
              disabled={busy}
              onClick={() => {
                onAgree(Number(chosen));
              }}
            >
              Agree, and put it in the window
            </Button>
            <span className="text-mute">The goods go in the window with these words, and the pages are published.</span>
          </>
        )}
        {agreed !== null && (
          <div role="status">
            <p>{agreed.words}</p>
            {agreed.left.map((one) => (
              <p key={one} className="text-mute">
                {one}
              </p>
            ))}
          </div>
        )}
        {shown && (
          <Link href={route('window', handle)} className="font-semibold underline underline-offset-4">
            Go on dressing it in the galley
          </Link>
        )}
      </div>
      <RadioGroup.Root
        aria-label="Which way"
        value={chosen}
        onValueChange={setChosen}
        disabled={shown}
        className="grid max-w-[1180px] grid-cols-3 gap-6 max-lg:grid-cols-1"
      >
        {ways.map((way) => (
          <div key={way.way} className="flex flex-col">
            <RadioGroup.Item
              value={String(way.way)}
              className={`mb-3 flex items-baseline gap-3 border-b-2 pb-1.5 text-left ${
                chosen === String(way.way) ? 'border-you' : 'border-line hover:border-rule'
              }`}
            >
              <span
                aria-hidden
                className={`size-3 flex-none self-center rounded-full border-2 ${
                  chosen === String(way.way) ? 'border-you bg-you' : 'border-rule'
                }`}
              />
              <b className="font-semibold">{way.words}</b>
              <span className="text-mute">{way.look}</span>
            </RadioGroup.Item>
            <div className="flex h-[560px] flex-col">
              <PhoneFrame
                src={way[sees]}
                stamp={0}
                title={`${way.words}: ${sees === 'front' ? 'front page' : 'a page of goods'}`}
              />
            </div>
          </div>
        ))}
      </RadioGroup.Root>
    </section>
  );
}
