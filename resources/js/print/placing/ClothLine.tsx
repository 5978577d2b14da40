import { clsx } from 'clsx';
import type { PlacingAreaView, PlacingView } from '@/types/print';
import { laidOn, line, turned, type Draft } from './units';

interface Props {
  view: PlacingView;
  draft: Draft;
  area: PlacingAreaView;
  shown: string;
  onShow: (cloth: string) => void;
  onChange: (next: Draft) => void;
}

/** The cloths on a line: which are chosen, how the drawing looks on each, and how well it is told. */
export function ClothLine({ view, draft, area, shown, onShow, onChange }: Props) {
  const laid = laidOn(draft, area);
  const turn = (name: string) => {
    const colours = draft.colours.includes(name)
      ? draft.colours.filter((c) => c !== name)
      : view.cloths.map((c) => c.name).filter((c) => c === name || draft.colours.includes(c));
    if (colours.length > 0) onChange({ ...draft, colours });
  };
  const side = Math.max(view.sheetWidth, view.sheetHeight);
  return (
    <div className="relative mt-5">
      <svg aria-hidden viewBox="0 0 600 30" preserveAspectRatio="none" className="absolute inset-x-0 top-0 h-6 w-full">
        <path d="M0 4 Q300 26 600 4" fill="none" stroke="#6b5b45" strokeWidth="1.4" vectorEffect="non-scaling-stroke" />
      </svg>
      <ul aria-label="Colours" className="relative flex flex-wrap gap-x-2 gap-y-3 pt-3">
        {view.cloths.map((cloth) => {
          const chosen = draft.colours.includes(cloth.name);
          const other = (artwork: number) =>
            draft.instead.find((i) => i.colour === cloth.name && i.artwork === artwork)?.other ?? artwork;
          return (
            <li
              key={cloth.name}
              className={clsx('w-[74px] text-center', !chosen && 'opacity-55')}
              data-cloth={cloth.name}
            >
              <button
                type="button"
                onClick={() => onShow(cloth.name)}
                aria-label={`Look at it on ${cloth.name}`}
                aria-pressed={shown === cloth.name}
                className="block w-full"
              >
                <svg
                  viewBox={`${String((view.sheetWidth - side) / 2)} ${String(-side * 0.04)} ${String(side)} ${String(side * 1.04)}`}
                  className="mx-auto block h-[74px] w-[74px]"
                >
                  <path d={view.outline} fill={cloth.hex} stroke="#0002" strokeWidth={side / 160} />
                  {chosen && laid.ground && (
                    <rect
                      x={area.left}
                      y={area.top}
                      width={area.width}
                      height={area.height}
                      fill={laid.ground}
                      stroke="#0002"
                      strokeWidth={side / 200}
                    />
                  )}
                  {chosen &&
                    laid.pieces.map((p, n) => {
                      const src = view.artworks.find((a) => a.id === other(p.artwork))?.picture;
                      const left = area.left + area.width / 2 + p.x / 10 - p.width / 20;
                      const top = area.top + p.y / 10;
                      return (
                        src && (
                          <image
                            key={n}
                            href={src}
                            x={left}
                            y={top}
                            width={p.width / 10}
                            height={p.height / 10}
                            preserveAspectRatio="none"
                            transform={turned(p.turn, left + p.width / 20, top + p.height / 20)}
                          />
                        )
                      );
                    })}
                  <path
                    d={[0.42, 0.58].map((at) => line(view.sheetWidth * at, -side * 0.03, 'v', side * 0.09)).join(' ')}
                    stroke="#b98f58"
                    strokeWidth={side / 34}
                    strokeLinecap="round"
                  />
                </svg>
              </button>
              <label className="mt-0.5 inline-flex items-center gap-1.5 text-[13px] font-medium">
                <input
                  type="checkbox"
                  checked={chosen}
                  onChange={() => turn(cloth.name)}
                  className="size-3.5 accent-[#a8431f]"
                />
                {cloth.name}
              </label>
              {laid.pieces.length > 0 && (
                <p className={clsx('text-[12.5px]', cloth.hardly ? 'font-semibold text-ochre' : 'text-see')}>
                  {cloth.hardly ? `only ${String(cloth.told)}%` : `told by ${String(cloth.told)}%`}
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
