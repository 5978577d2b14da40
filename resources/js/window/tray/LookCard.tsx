import { clsx } from 'clsx';
import type { OfferedLookView } from '@/types';

interface Props {
  look: OfferedLookView;
  wide: boolean;
  worn: boolean;
  onPutOn: () => void;
  onLetGo: (() => void) | undefined;
}

/** A look with the seller's own page in it. */
export function LookCard({ look, wide, worn, onPutOn, onLetGo }: Props) {
  const page = wide ? 1280 : 390;
  const width = wide ? 360 : 172;
  const scale = width / page;
  const height = 264;
  return (
    <li className="flex-none" style={{ width }}>
      <button
        type="button"
        aria-pressed={worn}
        aria-label={`Put on ${look.name}`}
        onClick={onPutOn}
        className={clsx(
          'block w-full overflow-hidden border-2 text-left',
          worn ? 'border-you' : 'border-line hover:border-rule',
        )}
        style={{ height }}
      >
        <iframe
          title={`The page in ${look.name}`}
          src={look.url}
          loading="lazy"
          tabIndex={-1}
          style={{
            width: page,
            height: height / scale,
            border: 0,
            transform: `scale(${String(scale)})`,
            transformOrigin: '0 0',
            pointerEvents: 'none',
          }}
        />
      </button>
      <div className="mt-1.5 font-semibold">{look.name}</div>
      <div className="text-[12.5px] leading-tight text-mute">{look.about}</div>
      {onLetGo && (
        <button
          type="button"
          onClick={onLetGo}
          className="text-[12.5px] text-mute underline decoration-line underline-offset-3 hover:text-ink"
        >
          Let it go
        </button>
      )}
    </li>
  );
}
