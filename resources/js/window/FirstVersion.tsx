import { Link } from '@inertiajs/react';
import { RadioGroup } from 'radix-ui';
import { useEffect, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { FirstVersionView, LooksView } from '@/types/window';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { LookCard, LookShelf } from '@/window/tray/LookCard';
import type { Galley } from '@/window/useGalley';

interface Props {
  open: boolean;
  galley: Galley;
  onClose: () => void;
}

/** A first version of the page from the goods there are: which of them leads, in which look. */
export function FirstVersion({ open, galley, onClose }: Props) {
  const handle = useHandle();
  const [first, setFirst] = useState<FirstVersionView | null>(null);
  const [looks, setLooks] = useState<LooksView | null>(null);
  const [hero, setHero] = useState<number | null>(null);
  const [look, setLook] = useState('seed-packet');
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    if (!open) return;
    Promise.all([
      send<FirstVersionView>('GET', route('window.first', handle)),
      send<LooksView>('GET', route('window.looks', handle)),
    ])
      .then(([found, offered]) => {
        setFirst(found);
        setLooks(offered);
        setHero(found.heroes[0]?.id ?? null);
      })
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  }, [open, handle]);

  return (
    <Sheet
      open={open}
      title="A first version"
      onClose={onClose}
      wide
      foot={
        <>
          <Button
            kind="do"
            disabled={hero === null}
            onClick={() => {
              if (hero !== null)
                void galley.first(hero, look).then((ok) => {
                  if (ok) onClose();
                });
            }}
          >
            Lay it
          </Button>
          <span className="text-mute">
            Shoppers see nothing of it until you publish. Undo brings back what is there now.
          </span>
        </>
      }
    >
      {trouble && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      {first?.heroes.length === 0 ? (
        <p>
          {'Put something in the window first: the page is made from what is there. Or '}
          <Link href={route('opening.first', handle)} className="underline underline-offset-4">
            have a whole first shop laid out
          </Link>
          {' from one sentence, with goods from your suppliers.'}
        </p>
      ) : (
        <>
          <h3 className="name mb-2 text-[17px]">What leads</h3>
          <RadioGroup.Root
            aria-label="What leads"
            value={String(hero)}
            onValueChange={(id) => {
              setHero(Number(id));
            }}
            className="mb-6 flex gap-4"
          >
            {first?.heroes.map((choice) => (
              <RadioGroup.Item
                key={choice.id}
                value={String(choice.id)}
                className={`w-44 border-2 text-left ${choice.id === hero ? 'border-you' : 'border-line hover:border-rule'}`}
              >
                <img src={choice.picture} alt="" className="aspect-[4/3] w-full object-cover" />
                <span className="block px-2 pt-1.5 font-semibold">{choice.title}</span>
                <span className="block px-2 pb-2 text-mute">{choice.price}</span>
              </RadioGroup.Item>
            ))}
          </RadioGroup.Root>
          <h3 className="name mb-2 text-[17px]">In which look</h3>
          <LookShelf worn={look} onPutOn={setLook}>
            {looks?.starters.map((offered) => (
              <LookCard
                key={offered.name}
                look={offered}
                wide={false}
                value={offered.key ?? ''}
                worn={offered.key === look}
                onLetGo={undefined}
              />
            ))}
          </LookShelf>
        </>
      )}
    </Sheet>
  );
}
