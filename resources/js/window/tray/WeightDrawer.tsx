import type { Measures } from '@/window/useSheets';

const kb = (bytes: number): string => `${String(Math.ceil(bytes / 1024))} KB`;

/** What the page weighs on a phone, and what causes it. */
export function WeightDrawer({ measures }: { measures: Measures }) {
  const rows = [
    { words: 'Pictures', bytes: measures.bytes.pictures },
    { words: 'Typefaces', bytes: measures.bytes.typefaces },
    { words: 'Styles', bytes: measures.bytes.styles },
    { words: 'The page itself', bytes: measures.bytes.page },
  ];
  const most = Math.max(...rows.map((r) => r.bytes), 1);
  return (
    <>
      <h2 className="name mb-3 text-[19px]">What it weighs</h2>
      <dl className="max-w-[560px] space-y-1.5">
        {rows.map(({ words, bytes }) => (
          <div key={words} className="grid grid-cols-[130px_1fr_70px] items-center gap-3">
            <dt className="text-mute">{words}</dt>
            <dd className="h-3 bg-see/70" style={{ width: `${String(Math.max(1, (bytes / most) * 100))}%` }} aria-hidden />
            <dd className="text-right tabular-nums">{kb(bytes)}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-[12.5px] text-mute">
        As it came over the wire just now. Pictures further down are fetched when a shopper comes near them.
      </p>
    </>
  );
}
