import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Found } from '@/print/placing/Found';
import { Mat } from '@/print/placing/Mat';
import { chosenOf, draftOf, laidOn, mm, sent, tenths, withPiece, type Draft } from '@/print/placing/units';
import { usePlacing } from '@/print/placing/usePlacing';
import type { PlacingAreaView, PlacingView } from '@/types/print';
import { answering } from './answers';

vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
vi.mock('@/lib/trouble', () => ({ sayTrouble: vi.fn() }));

const front: PlacingAreaView = {
  code: 'front',
  name: 'Front',
  left: 350,
  top: 105,
  width: 300,
  height: 400,
  safe: 8,
  bleed: 0,
  from: 'the collar',
  fromTop: 52,
  methods: [{ code: 'direct', name: 'Direct print' }],
};

function placing(revision = 1, x = 0): PlacingView {
  return {
    id: 4,
    name: 'Leek, tee',
    revision,
    blank: 'Tee',
    supplier: 'Tannet',
    sheetWidth: 1000,
    sheetHeight: 760,
    outline: 'M0 0 h10',
    areas: [front],
    were: [],
    laid: [
      {
        area: 'front',
        method: 'direct',
        ground: null,
        pieces: [{ artwork: 7, x, y: 300, width: 780, height: 1170, turn: 0, repeat: false }],
      },
    ],
    instead: [{ colour: 'Bottle', artwork: 7, other: 8 }],
    artworks: [],
    findings: [
      {
        n: 0,
        weight: 'stops',
        area: 'front',
        of: 'Leek',
        short: 'Too coarse.',
        rest: 'It needs 150.',
        hits: '',
        mend: 'Make it 90 mm wide',
      },
      {
        n: 1,
        weight: 'fine',
        area: 'front',
        of: 'Leek',
        short: 'Thinnest line 1 mm;',
        rest: 'it holds.',
        hits: '',
        mend: null,
      },
    ],
    cloths: [
      { name: 'Oat', hex: '#dccdb0', chosen: true, told: 98, hardly: false },
      { name: 'Bottle', hex: '#24423a', chosen: false, told: 20, hardly: true },
    ],
    sizes: [],
    scenes: [],
    prices: null,
    proposal: null,
    keeps: 'keeps £4.00',
    steps: '',
    currency: 'GBP',
    stops: true,
    listing: null,
    stands: false,
    keptAs: null,
    refusal: '',
  };
}

const answered = () => act(() => new Promise((done) => setTimeout(done, 5)));

describe('lengths', () => {
  it('are tenths of millimetres, and what is no length is none', () => {
    expect([mm(783), mm(780), mm(-5)]).toEqual(['78.3', '78', '-0.5']);
    expect([tenths('78,3'), tenths(' 40 '), tenths(''), tenths('wide'), tenths('1e999')]).toEqual([
      783,
      400,
      null,
      null,
      null,
    ]);
  });

  it('keep a piece’s form when it is made wider, and swaps as the server takes them', () => {
    const draft = draftOf(placing());
    const wider = withPiece(draft, laidOn(draft, front), 0, { width: 390 });
    expect(wider.laid[0]?.pieces[0]).toMatchObject({ width: 390, height: 585, x: 0 });
    expect(sent(draft).instead).toEqual({ Bottle: { '7': 8 } });
    expect(chosenOf(placing().cloths, ['Oat'])).toBe('1 of 2 colours');
  });
});

describe('what lies on a blank', () => {
  it('is seen at once, sent when the hand rests, and can be taken back', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const asked = answering({ json: placing(2, 50) }, { json: placing(3, 0) });
    const { result } = renderHook(() => usePlacing(placing()));
    const move = (x: number) => {
      const { draft, change } = result.current;
      act(() => change(withPiece(draft, laidOn(draft, front), 0, { x })));
    };
    move(20);
    move(50);
    expect(result.current.draft.laid[0]?.pieces[0]?.x).toBe(50);
    expect(asked).toHaveLength(0);
    act(() => {
      vi.advanceTimersByTime(400);
    });
    vi.useRealTimers();
    await answered();
    expect(asked).toHaveLength(1);
    expect(asked[0]?.body?.revision).toBe(1);
    expect(result.current.view.revision).toBe(2);

    act(() => result.current.back?.());
    await answered();
    expect(asked[1]?.body).toMatchObject({ revision: 2, laid: [{ pieces: [{ x: 0 }] }] });
    expect(result.current.back).toBeNull();
  });

  it('loses nothing that is moved while an earlier move is on its way', async () => {
    const slow: (() => void)[] = [];
    const wait = () => new Promise<void>((done) => slow.push(done));
    const asked = answering({ json: placing(2, 10), wait: wait() }, { json: placing(3, 20), wait: wait() });
    const { result } = renderHook(() => usePlacing(placing()));
    for (const x of [10, 20]) {
      const { draft, change } = result.current;
      act(() => change(withPiece(draft, laidOn(draft, front), 0, { x })));
      act(() => void result.current.flush());
    }
    slow[0]?.();
    await answered();
    expect(result.current.draft.laid[0]?.pieces[0]?.x).toBe(20);
    slow[1]?.();
    await answered();
    expect(asked).toHaveLength(2);
    expect([result.current.draft.laid[0]?.pieces[0]?.x, result.current.saving]).toEqual([20, false]);
  });

  it('takes back what was moved last, also before it was sent', async () => {
    const asked = answering({ json: placing(2, 10) }, { json: placing(3, 30) }, { json: placing(4, 10) });
    const { result } = renderHook(() => usePlacing(placing()));
    const move = (x: number) => {
      const { draft, change } = result.current;
      act(() => change(withPiece(draft, laidOn(draft, front), 0, { x })));
    };
    move(10);
    await act(async () => {
      await result.current.flush();
    });
    move(30);
    act(() => result.current.back?.());
    await answered();
    expect(asked.map((one) => one.body?.laid)).toMatchObject([10, 30, 10].map((x) => [{ pieces: [{ x }] }]));
    expect(result.current.draft.laid[0]?.pieces[0]?.x).toBe(10);
    expect(result.current.back).not.toBeNull();
  });

  it('stands as it stood where the server refuses', async () => {
    answering({ status: 409, json: { message: 'It was changed somewhere else.' } });
    const { result } = renderHook(() => usePlacing(placing()));
    const { draft, change } = result.current;
    act(() => change(withPiece(draft, laidOn(draft, front), 0, { x: 90 })));
    await act(async () => {
      await result.current.flush();
    });
    expect(result.current.draft.laid[0]?.pieces[0]?.x).toBe(0);
  });

  it('is moved by keys, a millimetre or ten', () => {
    const onChange = vi.fn<(next: Draft) => void>();
    const view = placing();
    render(
      <Mat view={view} draft={draftOf(view)} area={front} at={0} cloth="Oat" onAt={vi.fn()} onChange={onChange} />,
    );
    const piece = screen.getByRole('button');
    fireEvent.keyDown(piece, { key: 'ArrowRight' });
    fireEvent.keyDown(piece, { key: 'ArrowUp', shiftKey: true });
    fireEvent.keyDown(piece, { key: 'a' });
    const moved = onChange.mock.calls.map(([next]) => next.laid[0]?.pieces[0]);
    expect(moved).toMatchObject([
      { x: 10, y: 300 },
      { x: 0, y: 200 },
    ]);
  });

  it('says what was found, and mends it with one press', () => {
    const onMend = vi.fn();
    render(<Found view={placing()} onMend={onMend} />);
    fireEvent.click(screen.getByText('Make it 90 mm wide'));
    expect(onMend).toHaveBeenCalledWith(0);
    expect(screen.getByText('nothing to do')).toBeTruthy();
  });
});
