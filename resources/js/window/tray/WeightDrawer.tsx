import type { WeightView } from '@/types/window';

/** What the page weighs on a phone, and what causes it. */
export function WeightDrawer({ weights }: { weights: WeightView[] }) {
  return (
    <>
      <h2 className="name mb-3 text-[19px]">What it weighs</h2>
      <dl className="max-w-[560px] space-y-1.5">
        {weights.map(({ words, weighs, share }) => (
          <div key={words} className="grid grid-cols-[130px_1fr_70px] items-center gap-3">
            <dt className="text-mute">{words}</dt>
            <dd className="h-3 min-w-0.5 bg-see/70" style={{ width: `${String(share)}%` }} aria-hidden />
            <dd className="text-right tabular-nums">{weighs}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-[12.5px] text-mute">
        As it came over the wire just now. Pictures further down are fetched when a shopper comes near them.
      </p>
    </>
  );
}
