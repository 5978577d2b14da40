import { Head, usePage } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { Places } from '@/ui/Places';
import { useHandle } from '@/lib/useStall';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { RunView } from '@/types/runs';

export const PLACES = [
  { key: 'board', name: 'Price board', to: 'pricing' },
  { key: 'recipes', name: 'Recipes', to: 'pricing.recipes' },
  { key: 'costs', name: 'Cost sheet', to: 'pricing.costs' },
  { key: 'taxes', name: 'Taxes', to: 'taxes' },
  { key: 'trial', name: 'Trial', to: 'pricing.trial' },
  { key: 'codes', name: 'Codes', to: 'codes' },
] as const;

/** The places of Pricing, and what this one is for. */
export function PricingHead({
  at,
  says,
  children,
}: {
  at: (typeof PLACES)[number]['key'];
  says: string;
  children?: ReactNode;
}) {
  const handle = useHandle();
  const [run, setRun] = useRun(usePage<{ run: RunView | null }>().props.run);
  return (
    <div className="px-6 pt-5 pb-3">
      <Head title={PLACES.find((p) => p.key === at)?.name ?? 'Pricing'} />
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Places label="Pricing" at={at} places={PLACES.map((p) => ({ ...p, href: route(p.to, handle) }))} />
        <div className="ml-auto flex items-baseline gap-4">{children}</div>
      </div>
      {run?.open && (
        <div className="mt-2 flex items-center gap-4">
          <RunBar run={run} what="Pricing every variant" onChanged={setRun} />
        </div>
      )}
      <p className="mt-1 max-w-[92ch] text-mute">{says}</p>
    </div>
  );
}
