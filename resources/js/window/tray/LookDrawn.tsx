import type { OfferedLookView } from '@/types/window';

/** A look's own colours laid out as a page, to look at until the page itself has come. */
export function LookDrawn({ look }: { look: OfferedLookView }) {
  const tone = (name: string) => look.tones[name];
  const bar = (name: string, width: string, height: number) => (
    <span style={{ background: tone(name), width, height, display: 'block' }} />
  );
  return (
    <div aria-hidden className="absolute inset-0" style={{ background: tone('ground') }} data-drawn>
      <div
        className="flex h-9 items-center justify-between border-b px-3"
        style={{ color: tone('brand'), borderColor: tone('line') }}
      >
        <span className="name text-[13px]">{look.name}</span>
        {bar('mute', '22px', 3)}
      </div>
      <div className="flex flex-col gap-2 px-3 py-5" style={{ background: tone('band') }}>
        {bar('ink', '72%', 9)}
        {bar('ink', '48%', 9)}
        {bar('mute', '60%', 4)}
        <span className="mt-1 px-2.5 py-1.5" style={{ background: tone('fill'), width: 'fit-content' }}>
          {bar('on-fill', '34px', 4)}
        </span>
      </div>
      <div className="grid grid-cols-2 gap-2 p-3">
        {['second', 'third'].map((name) => (
          <span key={name} style={{ background: tone(name), aspectRatio: '1' }} />
        ))}
      </div>
    </div>
  );
}
