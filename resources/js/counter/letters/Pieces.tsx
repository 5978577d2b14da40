import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useHandle } from '@/lib/useStall';
import type { TextPieceView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** Pieces of text for answers, filled with what is known; and the answer at hand kept as one. */
export function Pieces({
  pieces,
  words,
  onPut,
}: {
  pieces: TextPieceView[];
  words: string;
  onPut: (text: string) => void;
}) {
  const handle = useHandle();
  const [name, setName] = useState<string | null>(null);
  const keep = (piece: { name: string; words: string }) => {
    router.put(route('counter.letters.piece', handle), piece, { preserveScroll: true, preserveState: true });
  };
  return (
    <div className="mt-2">
      {pieces.length > 0 && (
        <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[14px]">
          <span className="text-[12.5px] text-mute">Put in:</span>
          {pieces.map((piece) => (
            <span key={piece.id}>
              <button
                type="button"
                title={piece.filled === '' ? 'Nothing of it is known here' : piece.filled}
                disabled={piece.filled === ''}
                className="cursor-pointer underline decoration-line underline-offset-4 hover:text-you disabled:text-mute"
                onClick={() => {
                  onPut(piece.filled);
                }}
              >
                {piece.name}
              </button>{' '}
              <button
                type="button"
                aria-label={`Throw ${piece.name} away`}
                className="cursor-pointer text-mute hover:text-you"
                onClick={() => {
                  keep({ name: piece.name, words: '' });
                }}
              >
                ×
              </button>
            </span>
          ))}
        </p>
      )}
      {name === null ? (
        <Button
          kind="quiet"
          small
          disabled={words.trim() === ''}
          onClick={() => {
            setName('');
          }}
        >
          Keep these words for other answers
        </Button>
      ) : (
        <div className="mt-1 flex flex-wrap items-end gap-4">
          <TextField
            label="Called"
            className="w-56"
            maxLength={60}
            value={name}
            hint="Facts may stand in it in braces: {name}, {number}, {tracking}, {days}."
            onChange={(e) => {
              setName(e.target.value);
            }}
          />
          <Button
            small
            disabled={name.trim() === ''}
            onClick={() => {
              keep({ name, words });
              setName(null);
            }}
          >
            Keep it
          </Button>
        </div>
      )}
    </div>
  );
}
