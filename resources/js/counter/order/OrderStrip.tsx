import { clsx } from 'clsx';
import type { OrderStripView } from '@/types/counter';

/** What was paid for an order, where it went, and what it keeps beside what it was expected to. */
export function OrderStrip({ strip }: { strip: OrderStripView }) {
  return (
    <section
      aria-label="What the order kept"
      className="flex flex-none flex-wrap items-center gap-x-9 gap-y-1 bg-till px-6 py-2.5 text-[#f6efe0] max-md:px-4"
    >
      <div>
        <div className="text-[12px] text-[#cfc5b4]">{strip.about}</div>
        <div className="name text-[20px]" data-strip="paid">
          {strip.paid.text} paid
        </div>
      </div>
      {strip.parts.map((part) => (
        <div key={part.name} data-strip={part.name}>
          <div className="text-[12px] text-[#cfc5b4]">{part.name}</div>
          <div className="text-[15px]">
            {part.money.digits} {part.more !== '' && <span className="text-[#cfc5b4]">{part.more}</span>}
          </div>
        </div>
      ))}
      <div className="ml-auto text-right">
        <div className="text-[12px] text-[#cfc5b4]">
          {strip.sure ? 'keeps' : 'keeps, as far as is known'}
          {strip.difference.sign !== 0 && `, expected ${strip.expected.text}`}
        </div>
        <div className={clsx('name text-[20px]', strip.keeps.sign < 0 && 'text-[#ffb59a]')} data-strip="keeps">
          {strip.keeps.text}
        </div>
        {strip.difference.sign !== 0 && strip.reasons.length > 0 && (
          <div className="text-[12px] text-[#cfc5b4]" data-strip="reasons">
            {strip.reasons.map((reason) => `${reason.name} ${reason.money.text}`).join(' · ')}
          </div>
        )}
      </div>
    </section>
  );
}
