import type { ClothView, LaidView, PlacingAreaView, PlacingView, PrintedPieceView } from '@/types/print';

/** Millimetres as they are read and typed, of tenths: 783 is "78.3". */
export const mm = (tenths: number): string => String(Math.round(tenths) / 10);

/** Tenths of what somebody typed; null for what is no length. */
export function tenths(typed: string): number | null {
  const number = Number(typed.replace(',', '.'));
  return typed.trim() === '' || !Number.isFinite(number) ? null : Math.round(number * 10);
}

/** What is laid and chosen, and can be changed. */
export interface Draft {
  laid: LaidView[];
  colours: string[];
  sizes: string[];
  instead: { colour: string; artwork: number; other: number }[];
}

export const draftOf = (view: PlacingView): Draft => ({
  laid: view.laid,
  colours: view.cloths.filter((c) => c.chosen).map((c) => c.name),
  sizes: view.sizes.filter((s) => s.chosen && s.name !== '').map((s) => s.name),
  instead: view.instead,
});

/** As the server takes it. */
export function sent(draft: Draft): Record<string, unknown> {
  const instead: Record<string, Record<string, number>> = {};
  for (const one of draft.instead) (instead[one.colour] ??= {})[String(one.artwork)] = one.other;
  return { laid: draft.laid, colours: draft.colours, sizes: draft.sizes, instead };
}

export const laidOn = (draft: Draft, area: PlacingAreaView): LaidView =>
  draft.laid.find((l) => l.area === area.code) ?? {
    area: area.code,
    method: area.methods[0]?.code ?? '',
    pieces: [],
    ground: null,
  };

export function withLaid(draft: Draft, laid: LaidView): Draft {
  return { ...draft, laid: [...draft.laid.filter((l) => l.area !== laid.area), laid] };
}

export function withPiece(draft: Draft, laid: LaidView, n: number, change: Partial<PrintedPieceView>): Draft {
  const pieces = laid.pieces.map((p, i) => {
    if (i !== n) return p;
    const next = { ...p, ...change };
    // Its height follows from its width.
    return change.width === undefined ? next : { ...next, height: Math.round((p.height * change.width) / p.width) };
  });
  return withLaid(draft, { ...laid, pieces });
}

/** "6 of 9 colours". */
export const chosenOf = (cloths: ClothView[], chosen: string[]): string =>
  chosen.length === cloths.length
    ? cloths.length === 1
      ? (cloths[0]?.name ?? '')
      : `all ${String(cloths.length)} colours`
    : `${String(chosen.length)} of ${String(cloths.length)} colours`;

/** A straight piece of path data, across or down, from a point. */
export const line = (x: number, y: number, way: 'h' | 'v', length: number): string =>
  `M${String(x)} ${String(y)} ${way}${String(length)}`;

/** Turned about a point, by tenths of a degree. */
export const turned = (tenthsOfDegrees: number, x: number, y: number): string =>
  `rotate(${String(tenthsOfDegrees / 10)} ${String(x)} ${String(y)})`;
