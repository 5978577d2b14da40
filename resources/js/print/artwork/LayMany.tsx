import { useState } from 'react';
import { count } from '@/lib/plural';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { ChosenWord } from '@/print/placing/ChosenWord';
import { RunBar } from '@/source/RunBar';
import { useRun } from '@/source/useRun';
import type { ArtworkView, BlankChoiceView, PlacingRowView } from '@/types/print';
import type { RunView } from '@/types/runs';
import { Button } from '@/ui/Button';

interface Props {
  kept: PlacingRowView[];
  artworks: ArtworkView[];
  blanks: BlankChoiceView[];
  run: RunView | null;
}

/** Many artworks on many blanks as one was laid: goods in one go, watched. */
export function LayMany({ kept, artworks, blanks, run: given }: Props) {
  const handle = useHandle();
  const [run, setRun] = useRun(given);
  const [as, setAs] = useState(kept[0]?.id ?? 0);
  const [chosen, setChosen] = useState<number[]>([]);
  const [on, setOn] = useState<number[]>([]);
  const goods = chosen.length * on.length;
  const turn = (list: number[], id: number) => (list.includes(id) ? list.filter((one) => one !== id) : [...list, id]);
  return (
    <section aria-label="Lay many at once" className="mt-8" data-many>
      <h2 className="name text-[18px]">Lay many at once</h2>
      {kept.length === 0 ? (
        <p className="text-mute">Keep a placing under a name, and others are laid like it, many in one go.</p>
      ) : (
        <>
          <p className="text-[15.5px]">
            Lay these as{' '}
            <ChosenWord
              label="As which placing"
              value={String(as)}
              choices={kept.map((k) => ({ value: String(k.id), label: k.keptAs ?? k.name }))}
              onPick={(id) => setAs(Number(id))}
            />
            , larger or smaller as each blank is:
          </p>
          <Ticks
            label="Which artwork"
            items={artworks.filter((a) => a.state === 'ready').map((a) => ({ id: a.id, name: a.name }))}
            chosen={chosen}
            onTurn={(id) => setChosen(turn(chosen, id))}
          />
          <Ticks
            label="On which blanks"
            items={blanks.map((b) => ({ id: b.id, name: b.name }))}
            chosen={on}
            onTurn={(id) => setOn(turn(on, id))}
          />
          <Button
            className="mt-2"
            disabled={goods === 0 || (run?.open ?? false)}
            onClick={() => {
              send<RunView>('POST', route('print.placing.many', [handle, as]), { artworks: chosen, blanks: on })
                .then(setRun)
                .catch(sayTrouble);
            }}
          >
            {goods === 0 ? 'Choose artwork and blanks' : `Make ${count(goods, 'listing')}`}
          </Button>
        </>
      )}
      {run?.open && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          <RunBar run={run} what="Goods that are made" onChanged={setRun} />
        </p>
      )}
      {run && !run.open && (
        <div className="mt-2 text-mute" data-made>
          {run.trouble ?? `${String(run.done - run.rejects)} of ${String(run.total ?? 0)} lie on the bench now.`}
          <ul className="list-disc pl-5">
            {run.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

interface TicksProps {
  label: string;
  items: { id: number; name: string }[];
  chosen: number[];
  onTurn: (id: number) => void;
}

function Ticks({ label, items, chosen, onTurn }: TicksProps) {
  return (
    <fieldset className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
      <legend className="text-[12.5px] text-mute">{label}</legend>
      {items.map((one) => (
        <label key={one.id} className="inline-flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={chosen.includes(one.id)}
            onChange={() => onTurn(one.id)}
            className="size-3.5 accent-[#a8431f]"
          />
          {one.name}
        </label>
      ))}
    </fieldset>
  );
}
