import { clsx } from 'clsx';
import type { SaleView } from '@/types/bench';

/** A colour for each part of a sale. */
export const TONES: Record<string, string> = {
  goods: 'bg-[#7f9bc9] text-[#16233b]',
  delivery: 'bg-[#a6bbdd] text-[#16233b]',
  duty: 'bg-[#c3cfe6] text-[#16233b]',
  handling: 'bg-[#d5dcec] text-[#16233b]',
  fee: 'bg-[#dccfb5] text-[#3b2d10]',
  platform: 'bg-[#cdbd9c] text-[#3b2d10]',
  returns: 'bg-[#bfae8b] text-[#2d220b]',
  advertising: 'bg-[#e6c9b0] text-[#45210a]',
  tax: 'bg-[#71675a] text-white',
  keep: 'bg-[#f0b45a] text-[#3a2400]',
};

/** What one sale of the thing in hand comes to. The figures arrive computed; this lays them out. */
export function TillStrip({ sale, trouble }: { sale: SaleView | null; trouble?: string | null }) {
  return (
    <section
      aria-label="Till strip"
      className={clsx(
        'grid flex-none items-center gap-x-6 bg-till px-6 text-[#f6efe0] max-md:grid-cols-2 max-md:gap-y-1 max-md:px-4',
        'max-md:py-2 md:h-[70px] md:grid-cols-[auto_1fr_auto]',
      )}
    >
      {sale ? (
        <>
          <div className="md:min-w-40">
            <div className="text-[12px] text-[#cfc5b4]">{sale.about}</div>
            <div className="name text-[22px]" data-till="price">
              {sale.price.text}
            </div>
          </div>
          <div className="min-w-0 max-md:order-last max-md:col-span-2">
            <div className="flex h-6 overflow-hidden rounded-[4px] text-[11.5px] font-semibold">
              {sale.segments.map((part) => (
                <span
                  key={part.key}
                  data-till={part.key}
                  title={`${part.label} ${part.money.text}`}
                  className={clsx(
                    'flex items-center overflow-hidden pl-1.5 whitespace-nowrap transition-[width] duration-150',
                    TONES[part.key],
                  )}
                  style={{ width: `${String(part.share / 100)}%` }}
                >
                  {part.share > 700 && `${part.label} ${part.money.digits}`}
                </span>
              ))}
            </div>
            <p
              className={clsx(
                'mt-1 text-[12px]',
                sale.loses || trouble ? 'font-semibold text-[#ffb59a]' : 'text-[#cfc5b4]',
              )}
              role={trouble ? 'alert' : undefined}
            >
              {trouble ?? sale.note}
              {!trouble &&
                sale.segments
                  .filter((p) => p.share <= 700 && p.key !== 'keep')
                  .map((p) => (
                    <span key={p.key}>
                      {' '}
                      · {p.label} {p.money.digits}
                    </span>
                  ))}
            </p>
          </div>
          <div className="flex justify-end gap-6 text-right">
            <div>
              <div className="text-[12px] text-[#cfc5b4]">{sale.loses ? 'you lose' : 'you keep'}</div>
              <div className={clsx('name text-[22px]', sale.loses && 'text-[#ffb59a]')} data-till="kept">
                {sale.keep.text}
              </div>
            </div>
            <div>
              <div className="text-[12px] text-[#cfc5b4]">margin</div>
              <div className="name text-[22px]" data-till="margin">
                {sale.margin}
              </div>
            </div>
          </div>
        </>
      ) : (
        <p className="col-span-full text-[#cfc5b4]">
          {trouble ?? 'This can’t be delivered to your home market, so there is nothing to add up.'}
        </p>
      )}
    </section>
  );
}
