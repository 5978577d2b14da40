import type { SearchView } from '@/types/source';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';

/** Why a search shows nothing, and what to do about it. */
export function NothingFound({
  pulling,
  search,
  onClear,
}: {
  pulling: boolean;
  search: SearchView;
  onClear: () => void;
}) {
  if (pulling)
    return <Empty title="The catalogue is on its way">Items appear as soon as their delivery is worked out.</Empty>;
  if (search.narrowed > 0) {
    return (
      <Empty title="Nothing fits all of that" step={<Button onClick={onClear}>Take the filters off</Button>}>
        Each filter shows how many items it would leave; take one off that leaves none.
      </Empty>
    );
  }
  return (
    <Empty title={search.words ? `Nothing fits “${search.words}”` : 'Nothing here yet'}>
      {search.words
        ? 'Try fewer words, or part of a code.'
        : 'Items appear here once a supplier is connected and its catalogue has been pulled.'}
    </Empty>
  );
}
