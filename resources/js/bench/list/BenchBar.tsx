import type { Dispatch, SetStateAction } from 'react';
import { CleanUp } from '@/bench/list/CleanUp';
import { send } from '@/lib/http';
import { plural } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';
import { SelectionBar } from '@/ui/SelectionBar';
import type { Selection } from '@/ui/useSelection';

interface Props {
  selection: Selection;
  remove: (listings: number[], onDone: () => void) => void;
  move: (to: string) => Promise<void>;
  setJoining: Dispatch<SetStateAction<boolean>>;
  handle: string;
  later: (run: RunView) => void;
  put: (ids: number[]) => Promise<void>;
}

/** What can be done to the listings that are chosen. */
export function BenchBar({ selection, remove, move, setJoining, handle, later, put }: Props) {
  return (
    <SelectionBar
      count={selection.chosen.length}
      what={plural(selection.chosen.length, 'listing chosen', 'listings chosen')}
      onClear={selection.clear}
    >
      <Button
        kind="quiet"
        className="text-[#d8cdbb]! hover:text-sheet!"
        onClick={() => remove(selection.chosen, selection.clear)}
      >
        Delete
      </Button>
      <Button kind="quiet" className="text-[#d8cdbb]! hover:text-sheet!" onClick={() => void move('put_by')}>
        Put by
      </Button>
      {selection.chosen.length > 1 && (
        <Button kind="quiet" className="text-[#d8cdbb]! hover:text-sheet!" onClick={() => setJoining(true)}>
          Join
        </Button>
      )}
      <CleanUp
        count={selection.chosen.length}
        onClean={(ways) =>
          void send<RunView>('POST', route('bench.clean', handle), { listings: selection.chosen, ways })
            .then((begun) => {
              later(begun);
              selection.clear();
            })
            .catch(sayTrouble)
        }
      />
      <Button className="text-ink" onClick={() => void move('on_bench')}>
        Take out of the window
      </Button>
      <Button className="text-ink font-semibold!" onClick={() => void put(selection.chosen)}>
        Put in the window
      </Button>
    </SelectionBar>
  );
}
