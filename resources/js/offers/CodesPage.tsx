import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { CodeEditor } from '@/offers/CodeEditor';
import { CodeRow } from '@/offers/codes/CodeRow';
import { SingleCodes } from '@/offers/SingleCodes';
import { fresh, sent, written, type WrittenCode } from '@/offers/written';
import { PLACES as PRICING } from '@/pricing/PricingHead';
import type { CodesView } from '@/types/offers';
import { Empty } from '@/ui/Empty';
import { Places } from '@/ui/Places';

interface Props {
  codes: CodesView;
  countries: { code: string; name: string }[];
}

/** Codes and offers at the till, each a sentence; whether one runs follows from its dates and limits. */
export default function CodesPage({ codes: first, countries }: Props) {
  const handle = useHandle();
  const [codes, setCodes] = useState(first);
  const { during } = useSend();
  const say = (call: Promise<CodesView>) => during(call.then(setCodes));
  const editor = (code: WrittenCode, trigger: React.ReactNode, id: number | null) => (
    <CodeEditor
      code={code}
      shelves={codes.shelves}
      goods={codes.goods}
      countries={countries}
      currency={codes.currency}
      trigger={trigger}
      fresh={id === null}
      onSay={(next) =>
        say(
          id === null
            ? send<CodesView>('POST', route('codes.store', handle), sent(next))
            : send<CodesView>('PATCH', route('codes.update', [handle, id]), sent(next)),
        )
      }
      onRemove={id === null ? undefined : () => say(send<CodesView>('DELETE', route('codes.destroy', [handle, id])))}
    />
  );
  const make = (words: string) =>
    editor(
      fresh,
      <button
        type="button"
        data-new-code
        className="border-b-[1.5px] border-you leading-tight font-semibold text-you hover:bg-you-soft"
      >
        {words}
      </button>,
      null,
    );
  return (
    <div className="pb-16">
      <Head title="Codes" />
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2 px-6 pt-5 pb-3">
        <Places label="Pricing" at="codes" places={PRICING.map((p) => ({ ...p, href: route(p.to, handle) }))} />
        <p className="text-mute">Something off for whoever types a code, or by itself.</p>
        {codes.codes.length > 0 && <span className="ml-auto">{make('Make another')}</span>}
      </div>
      {codes.effect !== '' && (
        <p role="status" className="mx-6 mb-3 border-l-[3px] border-ochre bg-sheet px-4 py-2">
          {codes.effect}
        </p>
      )}
      {codes.codes.length === 0 ? (
        <Empty title="No code yet" step={make('Make a code')}>
          A code takes a share, an amount or the delivery off what shoppers pay, for as long and as often as you say.
        </Empty>
      ) : (
        <ul aria-label="Codes" className="border-t border-line">
          {codes.codes.map((code) => (
            <CodeRow key={code.id} code={code}>
              {editor(
                written(code),
                <button
                  type="button"
                  data-part="off"
                  className="border-b-[1.5px] border-you leading-tight font-semibold text-you hover:bg-you-soft"
                >
                  {code.off}
                </button>,
                code.id,
              )}
              {code.singles && (
                <SingleCodes
                  code={code}
                  onMake={(n) => say(send<CodesView>('POST', route('codes.singles', [handle, code.id]), { count: n }))}
                  onSignUps={(on) =>
                    void say(send<CodesView>('PUT', route('codes.sign-ups', [handle, code.id]), { on }))
                  }
                />
              )}
            </CodeRow>
          ))}
        </ul>
      )}
    </div>
  );
}
