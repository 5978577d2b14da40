import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { MethodEditor } from '@/counter/MethodEditor';
import { AdditionSentence } from '@/counter/payment/AdditionSentence';
import { PaymentKey } from '@/counter/payment/PaymentKey';
import { PaymentRow } from '@/counter/payment/PaymentRow';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { PaymentView } from '@/types/counter';
import { Pills } from '@/ui/Pills';

interface Props {
  payment: PaymentView;
  countries: { code: string; name: string }[];
}

/** How shoppers pay: tried out or for real, and by which methods, each a sentence. */
export default function PaymentPage({ payment: first, countries }: Props) {
  const handle = useHandle();
  const [payment, setPayment] = useState(first);
  const { during } = useSend();
  const say = (to: string, what: object) => during(send<PaymentView>('PUT', to, what).then(setPayment));
  return (
    <div className="pb-16">
      <Head title="How shoppers pay" />
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2 px-6 pt-5 pb-3">
        <h1 className="name text-[26px]">How shoppers pay</h1>
        <Link
          href={route('counter', handle)}
          className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
        >
          Counter
        </Link>
      </div>
      <div className="grid items-start gap-x-10 gap-y-6 px-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        <div>
          <ul aria-label="Ways to pay" className="border-t border-line">
            {payment.methods.map((method) => (
              <PaymentRow key={method.method} method={method}>
                <MethodEditor
                  method={method}
                  countries={countries}
                  currency={payment.currency}
                  onSay={(said) => say(route('counter.payment.method', [handle, method.method]), said)}
                />
              </PaymentRow>
            ))}
          </ul>
          <label className="mt-4 flex items-baseline gap-2">
            <input
              type="checkbox"
              checked={payment.straight}
              onChange={(e) => void say(route('counter.payment.straight', handle), { straight: e.target.checked })}
              className="accent-you"
            />
            Shoppers may go from the page of one of your goods straight to the checkout
          </label>
          <AdditionSentence
            payment={payment}
            onSay={(minutes) => say(route('counter.payment.addition', handle), { minutes })}
          />
        </div>
        <section aria-label="The payment service" className="grid gap-4">
          <h2 className="text-[17px] font-semibold">{payment.live ? 'Real payments' : 'Tried out only'}</h2>
          <Pills
            label="What shoppers’ payments are"
            value={payment.live ? 'live' : 'test'}
            onChoose={(next) => void say(route('counter.payment.live', handle), { live: next === 'live' })}
            choices={[
              { value: 'test', label: 'tried out' },
              { value: 'live', label: 'real' },
            ]}
          />
          <p className="text-mute">
            {payment.live
              ? 'Money moves. Orders that were begun as a trial stay one.'
              : 'No money moves, and the checkout says so. Suppliers get such orders all the same.'}
          </p>
          <PaymentKey payment={payment} onSay={(key) => say(route('counter.payment.key', handle), { key })} />
          <p className="text-[13px] text-mute">
            News of payments comes to <span className="break-all">{payment.newsTo}</span>.{' '}
            {payment.heard === '' ? 'None has come yet.' : `The last came ${payment.heard}.`}
          </p>
        </section>
      </div>
    </div>
  );
}
