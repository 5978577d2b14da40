import { plural } from '@/lib/plural';
import { Button } from '@/ui/Button';
import { SelectionBar } from '@/ui/SelectionBar';
import type { Selection } from '@/ui/useSelection';

interface Props {
  selection: Selection;
  mostCompared: number;
  compare: (ids: number[]) => void;
  taking: boolean;
  take: (ids: number[]) => void;
}

/** What can be done with the items that are chosen. */
export function ChosenBar({ selection, mostCompared, compare, taking, take }: Props) {
  return (
    <SelectionBar
      count={selection.chosen.length}
      what={plural(selection.chosen.length, 'item chosen', 'items chosen')}
      onClear={selection.clear}
    >
      <Button
        className="text-ink"
        disabled={selection.chosen.length < 2 || selection.chosen.length > mostCompared}
        title={selection.chosen.length > mostCompared ? `Up to ${String(mostCompared)} stand side by side` : undefined}
        onClick={() => compare(selection.chosen)}
      >
        Compare
      </Button>
      <Button className="font-semibold! text-ink" disabled={taking} onClick={() => take(selection.chosen)}>
        Take to the bench
      </Button>
    </SelectionBar>
  );
}
