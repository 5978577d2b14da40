import { PlusIcon, XIcon } from '@phosphor-icons/react';

interface Props {
  colours: string[];
  onColours: (colours: string[]) => void;
}

const MOST = 3;
const FIRST = ['#2c5a43', '#c3502f', '#ecd9ab'];

/** One to three colours; without any, each of the looks keeps its own. */
export function ShopColours({ colours, onColours }: Props) {
  const put = (n: number, colour: string) => {
    onColours(colours.map((one, m) => (m === n ? colour : one)));
  };
  return (
    <span className="inline-flex items-center gap-2 align-middle">
      {colours.length === 0 && <span>the colours of each look</span>}
      {colours.map((colour, n) => (
        <span key={n} className="group relative inline-flex">
          <input
            type="color"
            aria-label={`Colour ${String(n + 1)}`}
            value={colour}
            onChange={(e) => {
              put(n, e.target.value);
            }}
            className="h-8 w-11 cursor-pointer rounded-[6px] border border-line bg-transparent p-0"
          />
          <button
            type="button"
            aria-label={`Without colour ${String(n + 1)}`}
            onClick={() => {
              onColours(colours.filter((_, m) => m !== n));
            }}
            className="absolute -top-2 -right-2 rounded-full border border-line bg-sheet p-0.5"
          >
            <XIcon size={10} />
          </button>
        </span>
      ))}
      {colours.length < MOST && (
        <button
          type="button"
          aria-label="One colour more"
          title="One colour more"
          onClick={() => {
            onColours([...colours, FIRST[colours.length] ?? '#888888']);
          }}
          className="inline-flex size-8 items-center justify-center rounded-[6px] border border-dashed border-rule text-mute"
        >
          <PlusIcon size={15} />
        </button>
      )}
    </span>
  );
}
