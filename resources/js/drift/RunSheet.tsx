import { useEffect, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { RunDoneView } from '@/types/drift';
import { Sheet } from '@/ui/Sheet';

const BECAME: Record<string, string> = {
  followed: 'followed',
  asks: 'asked you',
  kept: 'your word stood',
  settled: 'taken back by the supplier',
  agreed: 'agreed to',
};

/** One pull, opened: what came, what was done with it, and by which rule. */
export function RunSheet({ run, onClose }: { run: number | null; onClose: () => void }) {
  const handle = useHandle();
  const [done, setDone] = useState<RunDoneView | null>(null);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    if (run === null) return;
    setDone(null);
    send<RunDoneView>('GET', route('drift.run', [handle, run]))
      .then(setDone)
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  }, [run, handle]);
  return (
    <Sheet open={run !== null} title="What came, and what was done with it" onClose={onClose} wide>
      {trouble !== '' && <p role="alert">{trouble}</p>}
      {done && (
        <>
          <p className="text-mute">{done.when}</p>
          {done.came.map((sentence) => (
            <p key={sentence} className="mt-1.5">
              {sentence}
            </p>
          ))}
          {done.done.length === 0 && (
            <p className="mt-5 border-t border-line pt-4 text-mute">Nothing that you sell was changed by it.</p>
          )}
          {done.done.length > 0 && (
            <table className="mt-5 w-full text-[14px]">
              <thead>
                <tr className="text-left text-mute">
                  <th className="pr-4 pb-1 font-normal">Changed</th>
                  <th className="pr-4 pb-1 font-normal">became</th>
                  <th className="pb-1 font-normal">by the rule</th>
                </tr>
              </thead>
              <tbody>
                {done.done.map((row) => (
                  <tr key={row.words + row.rule} className="border-t border-line align-baseline">
                    <td className="w-[44%] py-2 pr-4">
                      <b className="font-semibold">{row.words}</b>
                      <span className="block text-mute">{row.titles}</span>
                    </td>
                    <td className={`py-2 pr-4 whitespace-nowrap ${row.standing === 'asks' ? 'text-you' : ''}`}>
                      {BECAME[row.standing]}
                      {row.decided !== '' && <span className="block text-mute">{row.decided}</span>}
                    </td>
                    <td className="py-2 text-mute">{row.rule}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      )}
    </Sheet>
  );
}
