import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { LaidView, PlacingAreaView, PlacingView, PrintedPieceView } from '@/types/print';
import { laidOn, line, mm, turned, withPiece, type Draft } from './units';

interface Props {
  view: PlacingView;
  draft: Draft;
  area: PlacingAreaView;
  at: number;
  cloth: string;
  onAt: (n: number) => void;
  onChange: (next: Draft) => void;
}

const STEP = 40;
const ROOM = 90;

/** The part of the blank that is looked at, in millimetres. */
function window(view: PlacingView, area: PlacingAreaView) {
  const room = Math.max(24, Math.min(ROOM, area.width / 2));
  const side = Math.max(area.width, area.height) + 2 * room;
  return {
    left: area.left + area.width / 2 - side / 2,
    top: Math.min(area.top - room, Math.max(-room, area.top + area.height / 2 - side / 2)),
    side,
  };
}

/** The blank to scale on a mat with millimetres, and what lies on it: dragged, or moved by keys. */
export function Mat({ view, draft, area, at, cloth, onAt, onChange }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const laid = laidOn(draft, area);
  const box = window(view, area);
  const step = box.side > 320 ? STEP : box.side > 140 ? 20 : 10;
  const hex = view.cloths.find((c) => c.name === cloth)?.hex ?? '#e9e2d2';
  const ticks = (from: number) =>
    Array.from({ length: Math.ceil(box.side / step) }, (_, i) => Math.ceil(from / step) * step + i * step);
  const text = box.side / 46;
  return (
    <svg
      ref={svg}
      viewBox={`${String(box.left)} ${String(box.top)} ${String(box.side)} ${String(box.side)}`}
      className="block aspect-square w-full touch-none bg-[#dfe5d5] select-none"
      role="group"
      aria-label={`${view.blank}, ${area.name.toLowerCase()}, to scale`}
    >
      <g stroke="#c3cfb4" strokeWidth={box.side / 900}>
        {ticks(box.left).map((x) => (
          <line key={x} x1={x} x2={x} y1={box.top} y2={box.top + box.side} />
        ))}
        {ticks(box.top).map((y) => (
          <line key={y} y1={y} y2={y} x1={box.left} x2={box.left + box.side} />
        ))}
      </g>
      <path d={view.outline} fill={hex} stroke="#00000026" strokeWidth={box.side / 500} />
      <g fontSize={text} fill="#5f6d52">
        {ticks(box.left + step / 2).map((x) => (
          <text key={x} x={x} y={box.top + text * 1.3} textAnchor="middle">
            {x - Math.ceil(box.left / step) * step}
          </text>
        ))}
        {ticks(box.top + step / 2).map((y) => (
          <text key={y} x={box.left + text * 0.4} y={y + text * 0.35}>
            {y - Math.ceil(box.top / step) * step}
          </text>
        ))}
      </g>
      {view.were
        .filter((was) => was.code === area.code)
        .map((was) => (
          <rect
            key={was.code}
            x={was.left}
            y={was.top}
            width={was.width}
            height={was.height}
            fill="none"
            stroke="#8a5a00"
            strokeWidth={box.side / 400}
            strokeDasharray={`${String(box.side / 250)} ${String(box.side / 120)}`}
          />
        ))}
      {laid.ground && (
        <rect
          x={area.left - area.bleed}
          y={area.top - area.bleed}
          width={area.width + 2 * area.bleed}
          height={area.height + 2 * area.bleed}
          fill={laid.ground}
          pointerEvents="none"
        />
      )}
      <AreaLines area={area} unit={box.side / 500} text={text} />
      {laid.pieces.map((piece, n) => (
        <PieceOnMat
          key={n}
          piece={piece}
          area={area}
          chosen={n === at}
          unit={box.side / 500}
          picture={pictureOn(view, draft, cloth, piece.artwork)}
          name={view.artworks.find((a) => a.id === piece.artwork)?.name ?? 'An artwork'}
          scale={() => box.side / (svg.current?.clientWidth ?? 500)}
          onChoose={() => onAt(n)}
          onMove={(change) => onChange(withPiece(draft, laid, n, change))}
        />
      ))}
      <Measures area={area} laid={laid} at={at} unit={box.side / 500} text={text} />
    </svg>
  );
}

function pictureOn(view: PlacingView, draft: Draft, cloth: string, artwork: number): string | null {
  const other = draft.instead.find((i) => i.colour === cloth && i.artwork === artwork)?.other ?? artwork;
  return view.artworks.find((a) => a.id === other)?.picture ?? null;
}

function AreaLines({ area, unit, text }: { area: PlacingAreaView; unit: number; text: number }) {
  const middle = area.left + area.width / 2;
  return (
    <g fill="none" pointerEvents="none">
      {area.bleed > 0 && (
        <rect
          x={area.left - area.bleed}
          y={area.top - area.bleed}
          width={area.width + 2 * area.bleed}
          height={area.height + 2 * area.bleed}
          stroke="#a8431f"
          strokeWidth={unit * 0.7}
        />
      )}
      <rect
        x={area.left}
        y={area.top}
        width={area.width}
        height={area.height}
        stroke="#3a5788"
        strokeWidth={unit * 1.4}
        strokeDasharray={`${String(unit * 5)} ${String(unit * 4)}`}
      />
      <rect
        x={area.left + area.safe}
        y={area.top + area.safe}
        width={area.width - 2 * area.safe}
        height={area.height - 2 * area.safe}
        stroke="#3a578855"
        strokeWidth={unit}
      />
      <line
        x1={middle}
        x2={middle}
        y1={area.top - area.safe}
        y2={area.top + area.height + area.safe}
        stroke="#00000040"
        strokeWidth={unit}
        strokeDasharray={`${String(unit)} ${String(unit * 4)}`}
      />
      <text x={area.left} y={area.top + area.height + text * 1.4} fontSize={text} fill="#3a5788">
        {area.name.toLowerCase()}, up to {area.width} × {area.height} mm
      </text>
    </g>
  );
}

interface PieceProps {
  piece: PrintedPieceView;
  area: PlacingAreaView;
  chosen: boolean;
  unit: number;
  picture: string | null;
  name: string;
  /** Millimetres for a pixel of the screen. */
  scale: () => number;
  onChoose: () => void;
  onMove: (change: Partial<PrintedPieceView>) => void;
}

function PieceOnMat({ piece, area, chosen, unit, picture, name, scale, onChoose, onMove }: PieceProps) {
  const from = useRef<{ x: number; y: number; piece: PrintedPieceView; corner: boolean } | null>(null);
  const width = piece.width / 10;
  const height = piece.height / 10;
  const left = area.left + area.width / 2 + piece.x / 10 - width / 2;
  const top = area.top + piece.y / 10;
  const middle = { x: left + width / 2, y: top + height / 2 };

  const down = (corner: boolean) => (e: PointerEvent<SVGElement>) => {
    e.stopPropagation();
    onChoose();
    e.currentTarget.setPointerCapture(e.pointerId);
    from.current = { x: e.clientX, y: e.clientY, piece, corner };
  };
  const move = (e: PointerEvent) => {
    const began = from.current;
    if (!began) return;
    const dx = Math.round((e.clientX - began.x) * scale() * 10);
    const dy = Math.round((e.clientY - began.y) * scale() * 10);
    if (began.corner) onMove({ width: Math.max(20, began.piece.width + 2 * Math.max(dx, dy)) });
    else onMove({ x: began.piece.x + dx, y: began.piece.y + dy });
  };
  const up = () => {
    from.current = null;
  };
  const key = (e: KeyboardEvent) => {
    const by = e.shiftKey ? 100 : 10;
    const change = {
      ArrowLeft: { x: piece.x - by },
      ArrowRight: { x: piece.x + by },
      ArrowUp: { y: piece.y - by },
      ArrowDown: { y: piece.y + by },
      '+': { width: piece.width + by },
      '-': { width: Math.max(20, piece.width - by) },
    }[e.key];
    if (!change) return;
    e.preventDefault();
    onMove(change);
  };
  const handle = unit * 5;
  return (
    <g transform={turned(piece.turn, middle.x, middle.y)}>
      <g
        tabIndex={0}
        role="button"
        aria-label={`${name}: arrows move it by a millimetre, with Shift by ten`}
        data-piece
        onFocus={onChoose}
        onKeyDown={key}
        onPointerDown={down(false)}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={up}
        className="cursor-move outline-offset-4"
      >
        {picture && <image href={picture} x={left} y={top} width={width} height={height} preserveAspectRatio="none" />}
        <rect
          x={left}
          y={top}
          width={width}
          height={height}
          fill="transparent"
          stroke={chosen ? '#a8431f' : 'transparent'}
          strokeWidth={unit * 1.2}
        />
      </g>
      {chosen && (
        <circle
          cx={left + width}
          cy={top + height}
          r={handle}
          fill="#fffdf7"
          stroke="#a8431f"
          strokeWidth={unit * 1.4}
          className="cursor-nwse-resize"
          data-corner
          onPointerDown={down(true)}
          onPointerMove={move}
          onPointerUp={up}
          onPointerCancel={up}
        />
      )}
    </g>
  );
}

/** How wide the chosen piece is, and how far down it lies. */
function Measures({
  area,
  laid,
  at,
  unit,
  text,
}: {
  area: PlacingAreaView;
  laid: LaidView;
  at: number;
  unit: number;
  text: number;
}) {
  const piece = laid.pieces[at];
  if (!piece || piece.turn !== 0) return null;
  const left = area.left + area.width / 2 + piece.x / 10 - piece.width / 20;
  const right = left + piece.width / 10;
  const top = area.top + piece.y / 10;
  const below = top + piece.height / 10 + text * 1.2;
  const beside = Math.max(right, area.left + area.width) + text;
  return (
    <g stroke="#a8431f" strokeWidth={unit} fill="#8a3418" pointerEvents="none" fontSize={text} fontWeight={600}>
      <path d={`M${String(left)} ${String(below)} H${String(right)}`} fill="none" />
      <path d={[left, right].map((x) => line(x, below - unit * 4, 'v', unit * 8)).join(' ')} fill="none" />
      <text
        x={(left + right) / 2}
        y={below + text * 1.2}
        textAnchor="middle"
        stroke="#f8f3e8"
        strokeWidth={unit * 2}
        paintOrder="stroke"
      >
        {mm(piece.width)} mm
      </text>
      {top > area.fromTop && (
        <>
          <path d={`M${String(beside)} ${String(area.fromTop)} V${String(top)}`} fill="none" />
          <path d={[area.fromTop, top].map((y) => line(beside - unit * 4, y, 'h', unit * 8)).join(' ')} fill="none" />
          <text
            x={beside + text * 0.6}
            y={(area.fromTop + top) / 2 + text * 0.3}
            stroke="#f8f3e8"
            strokeWidth={unit * 2}
            paintOrder="stroke"
          >
            {mm((top - area.fromTop) * 10)} mm
          </text>
        </>
      )}
    </g>
  );
}
