import { clsx } from 'clsx';
import type { SectionKindView } from '@/types/window';
import type { SectionDraft, Showing } from '@/window/copy';

interface Props {
  section: SectionDraft;
  kind: SectionKindView | undefined;
  onShowing: (showing: Showing) => void;
  onCopy: () => void;
  onRemove: () => void;
}

const WORD = 'border-b border-rule/50 bg-transparent text-ink focus:border-you';
const LINK = 'underline decoration-line underline-offset-4 hover:text-ink';

/** When and where the section in hand shows, and what can be done with it whole. */
export function ShowingLine({ section, kind, onShowing, onCopy, onRemove }: Props) {
  const { showing } = section;
  return (
    <div
      className={clsx(
        'mt-3 flex flex-wrap items-baseline gap-x-1.5 gap-y-1 border-t border-line pt-2 text-[12.5px]',
        'text-mute',
      )}
    >
      It shows
      <select
        aria-label="On which screens it shows"
        className={WORD}
        value={showing.on}
        onChange={(e) => {
          onShowing({ ...showing, on: e.target.value });
        }}
      >
        <option value="both">everywhere</option>
        <option value="phone">on phones only</option>
        <option value="wide">on wide screens only</option>
      </select>
      {!kind?.always && (
        <select
          aria-label="To whom it shows"
          className={WORD}
          value={showing.half}
          onChange={(e) => {
            onShowing({ ...showing, half: e.target.value });
          }}
        >
          <option value="">to everybody</option>
          <option value="first">to one half of the shoppers</option>
          <option value="second">to the other half</option>
        </select>
      )}
      from
      <input
        type="date"
        aria-label="From"
        className={WORD}
        value={showing.from}
        onChange={(e) => {
          onShowing({ ...showing, from: e.target.value });
        }}
      />
      until
      <input
        type="date"
        aria-label="Until"
        className={WORD}
        value={showing.until}
        onChange={(e) => {
          onShowing({ ...showing, until: e.target.value });
        }}
      />
      <span className="ml-auto flex gap-4">
        {!kind?.always && (
          <>
            <button
              type="button"
              className={LINK}
              onClick={() => {
                onShowing({ ...showing, hidden: !showing.hidden });
              }}
            >
              {showing.hidden ? 'Show it again' : 'Hide it'}
            </button>
            <button type="button" className={LINK} onClick={onCopy}>
              Copy
            </button>
            <button type="button" className={LINK} onClick={onRemove}>
              Remove
            </button>
          </>
        )}
      </span>
    </div>
  );
}
