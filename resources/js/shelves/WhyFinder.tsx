import { CheckIcon, XIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ShelfView, WhyView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { SearchField } from '@/ui/SearchField';
import { Thumb } from '@/ui/Thumb';

/** Looks a listing up and says why it is on the shelf or not, clause by clause; puts it there or keeps it off. */
export function WhyFinder({
  shelf,
  onPlace,
}: {
  shelf: ShelfView;
  onPlace: (listings: number[], kind: string) => Promise<boolean>;
}) {
  const handle = useHandle();
  const [words, setWords] = useState('');
  const [found, setFound] = useState<WhyView[]>([]);
  useEffect(() => {
    if (words === '') {
      setFound([]);
      return;
    }
    const stop = new AbortController();
    send<WhyView[]>('GET', route('shelves.why', { stall: handle, shelf: shelf.id, q: words }), undefined, stop.signal)
      .then(setFound)
      .catch((e: unknown) => {
        if (!(e instanceof DOMException)) sayTrouble(e);
      });
    return () => stop.abort();
    // Whatever is said of the shelf may make it otherwise.
  }, [words, handle, shelf]);
  const label = shelf.rule === null ? 'Look for goods to put on it' : 'Why is one of your goods on it, or not?';
  return (
    <div className="relative ml-auto w-[420px] max-w-full">
      <SearchField words={words} label={label} placeholder={label} onSay={setWords} />
      {words !== '' && (
        <ul
          aria-label="Why"
          className={clsx(
            'absolute inset-x-0 top-full z-20 mt-2 max-h-[420px] overflow-auto rounded-lg border border-line bg-sheet',
            'px-4 py-1 shadow-xl shadow-black/10',
          )}
        >
          {found.length === 0 && <li className="py-3 text-mute">No listing has that in its title.</li>}
          {found.map((why) => (
            <li key={why.listing} className="border-b border-line py-3 last:border-0" data-why={why.on ? 'on' : 'off'}>
              <div className="flex items-center gap-3">
                <Thumb src={why.picture} size={40} />
                <div className="min-w-0 flex-1">
                  <b className="block truncate font-medium">{why.title}</b>
                  <span className="block text-[13px] text-mute">{why.because}</span>
                </div>
                {why.on ? (
                  <Button small onClick={() => void onPlace([why.listing], shelf.rule === null ? '' : 'out')}>
                    Keep it off
                  </Button>
                ) : (
                  <Button small onClick={() => void onPlace([why.listing], why.place === 'out' ? '' : 'in')}>
                    {why.place === 'out' ? 'As the rule says' : 'Put it there'}
                  </Button>
                )}
              </div>
              {why.reasons.length > 0 && (
                <ul className="mt-1.5 ml-[52px] text-[13.5px]">
                  {why.reasons.map((r) => (
                    <li key={r.words} className="flex items-baseline gap-1.5">
                      {r.holds ? (
                        <CheckIcon size={13} className="flex-none self-center text-see" aria-label="It is" />
                      ) : (
                        <XIcon size={13} className="flex-none self-center text-loss" aria-label="It isn’t" />
                      )}
                      <span>
                        {r.words} <span className="text-mute">· {r.had}</span>
                      </span>
                    </li>
                  ))}
                </ul>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
