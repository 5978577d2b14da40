import { clsx } from 'clsx';
import { ToggleGroup } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import type { OfferedLookView } from '@/types/window';
import { LookDrawn } from '@/window/tray/LookDrawn';

interface Props {
  look: OfferedLookView;
  wide: boolean;
  /** By what it is told from the others on its shelf. */
  value: string;
  worn: boolean;
  onLetGo: (() => void) | undefined;
}

interface ShelfProps {
  worn: string;
  /** By what a look is told from the others here. */
  onPutOn: (key: string) => void;
  children: ReactNode;
}

/** Looks side by side: arrows go from one to the next, Enter puts it on. */
export function LookShelf({ worn, onPutOn, children }: ShelfProps) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label="Looks"
      value={worn}
      onValueChange={(key) => {
        if (key !== '') onPutOn(key);
      }}
      className="flex gap-4 overflow-x-auto p-1 pb-2"
    >
      {children}
    </ToggleGroup.Root>
  );
}

/** A look with the seller's own page in it. */
export function LookCard({ look, wide, worn, value, onLetGo }: Props) {
  const page = wide ? 1280 : 390;
  const width = wide ? 360 : 172;
  const scale = width / page;
  const height = 264;
  const [come, setCome] = useState(false);
  return (
    <div className="flex-none" style={{ width }}>
      <div
        className={clsx(
          'relative block w-full overflow-hidden border-2',
          worn ? 'border-you' : 'border-line hover:border-rule',
        )}
        style={{ height }}
      >
        {!come && <LookDrawn look={look} />}
        <iframe
          title={`The page in ${look.name}`}
          src={look.url}
          loading="lazy"
          tabIndex={-1}
          onLoad={() => setCome(true)}
          style={{
            width: page,
            height: height / scale,
            border: 0,
            transform: `scale(${String(scale)})`,
            transformOrigin: '0 0',
            pointerEvents: 'none',
            opacity: come ? 1 : 0,
          }}
        />
        <ToggleGroup.Item
          value={value}
          aria-label={`Put on ${look.name}`}
          className="absolute inset-0 cursor-pointer"
        />
      </div>
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
    </div>
  );
}
