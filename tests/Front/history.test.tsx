import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useHistory } from '@/window/useHistory';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

const steps = () => renderHook(() => useHistory('first')).result;

describe('steps that can be taken back', () => {
  it('goes back and forth', () => {
    const history = steps();
    act(() => void history.current.change('second', 'title'));
    act(() => void vi.advanceTimersByTime(5_000));
    act(() => void history.current.change('third', 'title'));
    act(() => void history.current.undo());
    expect(history.current.now).toBe('second');
    act(() => void history.current.undo());
    expect(history.current.now).toBe('first');
    act(() => void history.current.redo());
    act(() => void history.current.redo());
    expect(history.current.now).toBe('third');
  });

  it('takes typing on in the same thing for one step, however long it lasts', () => {
    const history = steps();
    for (const typed of ['T', 'Tr', 'Tro', 'Trow']) {
      act(() => void history.current.change(typed, 'title'));
      act(() => void vi.advanceTimersByTime(1_000));
    }
    act(() => void history.current.undo());
    expect(history.current.now).toBe('first');
  });

  it('parts steps in different things, whatever the time', () => {
    const history = steps();
    act(() => void history.current.change('a', 'title'));
    act(() => void history.current.change('b', 'words'));
    act(() => void history.current.undo());
    expect(history.current.now).toBe('a');
  });

  it('forgets what was taken back once something new is done', () => {
    const history = steps();
    act(() => void history.current.change('a', 'title'));
    act(() => void history.current.undo());
    act(() => void history.current.change('b', 'words'));
    act(() => void history.current.redo());
    expect(history.current.now).toBe('b');
  });

  it('has nothing to take back at first', () => {
    const history = steps();
    let back: string | null = '';
    act(() => {
      back = history.current.undo();
    });
    expect([back, history.current.canUndo, history.current.canRedo]).toEqual([null, false, false]);
  });

  it('carries somebody else’s words into every step', () => {
    const history = renderHook(() => useHistory('mine')).result;
    act(() => void history.current.change('mine, more', 'title'));
    act(() => history.current.carry('mine, more, theirs', (step) => `${step}, theirs`));
    act(() => void history.current.undo());
    expect(history.current.now).toBe('mine, theirs');
  });
});
