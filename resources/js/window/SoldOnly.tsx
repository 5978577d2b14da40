import { router } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import type { SoldOnlyView } from '@/types/window';

/** Whether the shop sells one thing only: its front page is that thing's page then, and buying leads straight to the checkout. */
export function SoldOnly({ only }: { only: SoldOnlyView }) {
  const handle = useHandle();
  return (
    <p className="mb-3 px-6 text-mute">
      The shop sells{' '}
      <select
        aria-label="What the shop sells"
        value={only.listing ?? ''}
        onChange={(e) => {
          router.put(
            route('window.only', handle),
            { listing: e.target.value === '' ? null : Number(e.target.value) },
            { preserveScroll: true },
          );
        }}
        className="field-sizing-content border-b border-rule/40 bg-transparent font-medium text-ink"
      >
        <option value="">many goods, with a front page of their own</option>
        {Object.entries(only.goods).map(([id, title]) => (
          <option key={id} value={id}>
            only {title}
          </option>
        ))}
      </select>
      {only.listing !== null && '. Its page is the front page, and who buys goes straight to the checkout.'}
    </p>
  );
}
