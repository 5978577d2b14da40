import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { ClothLine } from '@/print/placing/ClothLine';
import { Found } from '@/print/placing/Found';
import { KeepIt } from '@/print/placing/KeepIt';
import { Mat } from '@/print/placing/Mat';
import { PlacingSentence } from '@/print/placing/PlacingSentence';
import { PriceSentence } from '@/print/placing/PriceSentence';
import { Scenes } from '@/print/placing/Scenes';
import { SizeStrip } from '@/print/placing/SizeStrip';
import { chosenOf } from '@/print/placing/units';
import { usePlacing } from '@/print/placing/usePlacing';
import type { PlacingView } from '@/types/print';
import { Button } from '@/ui/Button';

/** An artwork on a blank: to scale on the mat, as a sentence, with what was found, each cloth, and what each size keeps. */
export default function PlacingPage({ placing }: { placing: PlacingView }) {
  const handle = useHandle();
  const { view, draft, saving, change, flush, say, mend, fit, back } = usePlacing(placing);
  const [areaCode, setArea] = useState(view.laid.find((l) => l.pieces.length > 0)?.area ?? view.areas[0]?.code ?? '');
  const [at, setAt] = useState(0);
  const [shown, setShown] = useState(draft.colours[0] ?? '');
  const area = view.areas.find((a) => a.code === areaCode) ?? view.areas[0];
  if (!area) return null;
  const onArea = (code: string) => {
    setArea(code);
    setAt(0);
  };
  const make = async () => {
    await flush();
    router.post(route('print.placing.make', [handle, view.id]), {}, { preserveScroll: true });
  };
  return (
    <>
      <Head title={view.name} />
      <div className="min-h-0 flex-1 overflow-auto px-6 pt-4 pb-6 max-md:px-4">
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <h1 className="name text-[24px]">{view.name}</h1>
          <p className="min-w-60 flex-1 text-mute">
            <span className="text-sup">{view.supplier}</span> ·{' '}
            <Link href={route('print', handle)} className="underline decoration-line underline-offset-4">
              all artwork and blanks
            </Link>
            {back && (
              <>
                {' · '}
                <button type="button" className="underline decoration-line underline-offset-4" onClick={back}>
                  take the last step back
                </button>
              </>
            )}
          </p>
          {view.listing !== null && (
            <Link
              href={route('bench.listing', [handle, view.listing])}
              className="text-you underline underline-offset-4"
            >
              Its listing
            </Link>
          )}
          <Button
            kind="do"
            data-make
            disabled={saving || view.stops || (view.listing !== null && view.stands)}
            onClick={() => void make()}
          >
            {view.listing === null ? 'Make its pictures and listing' : view.stands ? 'Made as it lies' : 'Make it anew'}
          </Button>
        </div>
        {view.refusal !== '' && (
          <p role="alert" className="mt-3 border-l-4 border-you bg-you-soft px-3 py-2">
            The print house refused it: {view.refusal}
          </p>
        )}
        {view.were.map((was) => (
          <p key={was.code} className="mt-3 border-l-4 border-ochre bg-ochre-soft px-3 py-2" data-was>
            {was.says} What it was is dotted on the mat; look whether it lies well.
          </p>
        ))}
        <div className="mt-3 grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,440px)_minmax(0,1fr)]">
          <div className="self-start border border-line">
            <Mat view={view} draft={draft} area={area} at={at} cloth={shown} onAt={setAt} onChange={change} />
            <p className="flex flex-wrap items-baseline gap-x-3 bg-sheet px-3 py-2 text-[13px] text-mute">
              <span>drag it, or arrows 1 mm, Shift 10 mm ·</span>
              {view.areas.map((a) => (
                <button
                  key={a.code}
                  type="button"
                  aria-pressed={a.code === area.code}
                  onClick={() => onArea(a.code)}
                  className={
                    a.code === area.code ? 'font-semibold text-ink' : 'underline decoration-line underline-offset-4'
                  }
                >
                  {a.name.toLowerCase()}
                </button>
              ))}
            </p>
          </div>
          <div className="min-w-0">
            <PlacingSentence
              view={view}
              draft={draft}
              area={area}
              at={at}
              onAt={setAt}
              onArea={onArea}
              onChange={change}
              onFit={(piece, as) => void fit(area.code, piece, as)}
            />
            <Found view={view} onMend={(n) => void mend(n)} />
            <p className="mt-4 text-[15.5px]" data-saved>
              It comes in <b className="font-semibold">{chosenOf(view.cloths, draft.colours)}</b>
              {draft.sizes.length > 0 && (
                <>
                  {' '}
                  and{' '}
                  <b className="font-semibold">
                    {draft.sizes[0]}
                    {draft.sizes.length > 1 && ` to ${draft.sizes[draft.sizes.length - 1] ?? ''}`}
                  </b>
                </>
              )}
              .
            </p>
            <ClothLine view={view} draft={draft} area={area} shown={shown} onShow={setShown} onChange={change} />
            <PriceSentence view={view} onSay={say} />
            <Scenes view={view} onSay={say} />
            <KeepIt view={view} />
          </div>
        </div>
      </div>
      <SizeStrip view={view} draft={draft} onChange={change} />
    </>
  );
}
