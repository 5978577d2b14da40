import type { Measures } from '@/window/useSheets';

/**
 * What a phone shows at once below its own bars, in CSS pixels; the audit's rules use the same (PhoneAudit::SCREEN).
 */
export const SCREEN = 700;

const NAMES = ['first screen', 'one swipe', 'two swipes', 'three swipes', 'four swipes', 'five swipes'];

/** Down the sheet's edge: how many swipes down one is, and where goods begin. */
export function Ruler({ measures, scale }: { measures: Measures | null; scale: number }) {
  const height = measures?.height ?? 0;
  const screens = Math.max(1, Math.ceil(height / SCREEN));
  const goods = measures?.goods[0];
  return (
    <div
      className="relative w-[92px] flex-none text-[11.5px] leading-[1.25] text-mute"
      style={{ height: height * scale }}
      data-ruler
    >
      <div
        className="absolute top-0 right-[6px] w-[2px] bg-see/70"
        style={{ height: Math.min(height, SCREEN) * scale }}
        aria-hidden
      />
      {Array.from({ length: screens }, (_, n) => (
        <div
          key={n}
          className={`absolute right-3 w-[76px] text-right ${n === 0 ? 'pt-1 font-semibold text-see' : 'pt-1'}`}
          style={{ top: n * SCREEN * scale }}
        >
          {n > 0 && <span className="absolute top-0 -right-3 w-9 border-t border-dashed border-you/60" aria-hidden />}
          {NAMES[n] ?? `${String(n)} swipes`}
        </div>
      ))}
      {goods && (
        <div
          className="absolute right-3 w-[76px] text-right font-medium text-ink"
          style={{ top: goods.top * scale + 20 }}
          data-goods-begin
        >
          goods from here
        </div>
      )}
    </div>
  );
}
