import { useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { ChosenWord } from '@/print/placing/ChosenWord';
import type { ArtworkView, LetteringView } from '@/types/print';
import { Button } from '@/ui/Button';

interface Props {
  /** Names of typefaces by their codes. */
  faces: Record<string, string>;
  /** The words that a newer version begins with. */
  from: ArtworkView | null;
  onWritten: (artwork: ArtworkView, newer?: number) => void;
}

const FIRST: LetteringView = { words: '', face: 'fraunces', colour: '#23304f', align: 'middle' };

const STANDS = [
  { value: 'left', label: 'from the left' },
  { value: 'middle', label: 'in the middle' },
  { value: 'right', label: 'to the right' },
];

/** Words as artwork: written, and set in one of the shipped typefaces. */
export function WriteWords({ faces, from, onWritten }: Props) {
  const handle = useHandle();
  const [said, setSaid] = useState(from?.lettering ?? FIRST);
  const [busy, setBusy] = useState(false);
  const put = (change: Partial<LetteringView>) => setSaid({ ...said, ...change });
  const write = async () => {
    setBusy(true);
    try {
      const made = await send<ArtworkView>('POST', route('print.words', handle), { ...said, newer: from?.id });
      onWritten(made, from?.id);
    } catch (error) {
      sayTrouble(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="mt-3 border-l-[3px] border-you pl-4" data-words>
      <textarea
        aria-label="The words"
        rows={Math.max(2, said.words.split('\n').length)}
        placeholder="Grown, not bought"
        value={said.words}
        onChange={(e) => put({ words: e.target.value })}
        className="w-full max-w-[34em] border border-rule bg-white px-2 py-1 text-[16px]"
      />
      <p className="text-[15.5px] leading-[2]">
        Set in{' '}
        <ChosenWord
          label="Typeface"
          value={said.face}
          choices={Object.entries(faces).map(([value, label]) => ({ value, label }))}
          onPick={(face) => put({ face })}
        />
        , in{' '}
        <input
          type="color"
          aria-label="Colour of the words"
          value={said.colour}
          onChange={(e) => put({ colour: e.target.value })}
          className="h-[1.25em] w-[2em] cursor-pointer border border-line align-[-0.2em]"
        />
        , lines standing{' '}
        <ChosenWord label="How lines stand" value={said.align} choices={STANDS} onPick={(align) => put({ align })} />.{' '}
        <Button small disabled={busy || said.words.trim() === ''} onClick={() => void write()}>
          {from ? 'Make it a newer version' : 'Make it an artwork'}
        </Button>
      </p>
    </div>
  );
}
