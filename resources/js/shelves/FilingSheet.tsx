import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { useLater } from '@/bench/useLater';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { inTurn } from '@/lib/inTurn';
import { count } from '@/lib/plural';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { FilingAnswerView, FilingView } from '@/types/shelves';
import { CellField } from '@/ui/CellField';
import { SearchField } from '@/ui/SearchField';
import { Sheet } from '@/ui/Sheet';

/** Every tag and type: renamed where it stands, joined with another by giving it that one's name. */
export function FilingSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const handle = useHandle();
  const [words, setWords] = useState('');
  const [answer, setAnswer] = useState<FilingAnswerView | null>(null);
  const look = () =>
    send<FilingAnswerView>('GET', route('shelves.filing', { stall: handle, q: words }))
      .then(setAnswer)
      .catch(sayTrouble);
  useEffect(() => {
    if (open) void look();
    // Asked again when it is opened and when other words are looked for.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [open, words, handle]);
  const undo = useUndo(() => {
    void look();
    router.reload();
  });
  const later = useLater();
  const rename = (of: FilingView, to: string): Promise<boolean> =>
    inTurn(() =>
      send<FilingAnswerView>('POST', route('shelves.filing.rename', handle), {
        kind: of.kind,
        from: of.name,
        to,
        q: words,
      }),
    )
      .then((said) => {
        setAnswer(said);
        router.reload({ only: ['shelves'] });
        if (said.run) later(said.run);
        else if (said.change !== null) undo(said.change, said.words);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  return (
    <Sheet open={open} title="Tags and types" onClose={onClose}>
      <p className="mb-3 text-mute">
        Write another name over one: every listing, every rule and every recipe follows. Two with one name become one;
        without a name it is taken off.
      </p>
      <SearchField words={words} label="Look for a tag or a type" placeholder="Look for a name" onSay={setWords} />
      {(['type', 'tag'] as const).map((kind) => {
        const names = answer?.names.filter((n) => n.kind === kind) ?? [];
        return (
          names.length > 0 && (
            <section key={kind} className="mt-5">
              <h3 className="font-semibold">{kind === 'type' ? 'Types' : 'Tags'}</h3>
              <ul>
                {names.map((n) => (
                  <li
                    key={n.name}
                    className="flex items-baseline gap-3 border-b border-line py-1.5"
                    data-filed={n.name}
                  >
                    <CellField
                      label={`${kind === 'type' ? 'Type' : 'Tag'} ${n.name}`}
                      value={n.name}
                      inputMode="text"
                      onSay={(to) => rename(n, to)}
                      className="w-72 border-transparent font-medium hover:border-rule/40"
                    />
                    <span className="ml-auto text-mute">{count(n.listings, 'listing')}</span>
                  </li>
                ))}
              </ul>
            </section>
          )
        );
      })}
      {answer?.more && <p className="mt-4 text-mute">There are more. Look for the one you mean.</p>}
      {answer?.names.length === 0 && <p className="mt-4 text-mute">No listing has a name like that.</p>}
    </Sheet>
  );
}
