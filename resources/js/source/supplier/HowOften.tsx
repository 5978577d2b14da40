import { router } from '@inertiajs/react';
import type { SupplierView } from '@/types/source';
import { Ask } from '@/ui/Ask';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';

interface Props {
  supplier: SupplierView;
  update: (own: Record<string, string | number | boolean | null>) => void;
  handle: string;
}

/** How often it is pulled, paused and disconnected. */
export function HowOften({ supplier, update, handle }: Props) {
  return (
    <section
      className="mt-8 flex flex-wrap items-end gap-x-10 gap-y-5 border-t border-line pt-6"
      aria-label="How often"
    >
      <ChoiceField
        label="It is pulled"
        value={supplier.rhythm.schedule}
        choices={Object.entries(supplier.rhythm.schedules).map(([value, label]) => ({ value, label }))}
        onChange={(e) => update({ schedule: e.target.value })}
      />
      {supplier.rhythm.tellsWhatMoves && (
        <ChoiceField
          label="Stock and cost of what you sell, besides"
          value={String(supplier.rhythm.movingEvery ?? '')}
          choices={[
            { value: '', label: 'with the rest' },
            { value: '15', label: 'every quarter of an hour' },
            { value: '60', label: 'every hour' },
            { value: '240', label: 'every four hours' },
          ]}
          onChange={(e) => update({ moving: e.target.value === '' ? null : Number(e.target.value) })}
        />
      )}
      <div className="flex items-end gap-3">
        <Button onClick={() => update({ paused: !supplier.rhythm.paused })}>
          {supplier.rhythm.paused ? 'Go on pulling' : 'Pause it'}
        </Button>
        <Ask
          button="Disconnect"
          title={`Disconnect ${supplier.name}?`}
          yes="Disconnect"
          onYes={() => router.delete(route('source.supplier.destroy', [handle, supplier.id]))}
        >
          {supplier.ending} The key is forgotten.
        </Ask>
      </div>
    </section>
  );
}
