import { Head, router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import { ClothLine } from '@/print/placing/ClothLine';
import { Found } from '@/print/placing/Found';
import { KeepIt } from '@/print/placing/KeepIt';
import { MatSide } from '@/print/placing/MatSide';
import { PlacingHead } from '@/print/placing/PlacingHead';
import { PlacingSentence } from '@/print/placing/PlacingSentence';
import { PriceSentence } from '@/print/placing/PriceSentence';
import { Scenes } from '@/print/placing/Scenes';
import { SizeStrip } from '@/print/placing/SizeStrip';
import { chosenOf } from '@/print/placing/units';
import { usePlacing } from '@/print/placing/usePlacing';
import type { PlacingView } from '@/types/print';

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
        <PlacingHead view={view} handle={handle} back={back} saving={saving} make={make} />
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
          <MatSide
            view={view}
            draft={draft}
            area={area}
            at={at}
            shown={shown}
            setAt={setAt}
            change={change}
            onArea={onArea}
          />
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
