import { Tick } from '@/ui/Tick';
import type { Selection } from '@/ui/useSelection';

/** Chooses every row of a page, or none once all are chosen. */
export function TickAll({ selection, label = 'Choose all' }: { selection: Selection; label?: string }) {
  return (
    <Tick
      label={label}
      checked={selection.every}
      onToggle={() => (selection.every ? selection.clear() : selection.all())}
    />
  );
}
