import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useRowKeys, type RowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';
import { TickAll } from '@/ui/TickAll';
import { SelectionBar } from '@/ui/SelectionBar';

const frame = vi.hoisted(() => ({ singleKeys: true }));
vi.mock('@inertiajs/react', () => ({ usePage: () => ({ props: { frame } }) }));

function List({ count, keys }: { count: number; keys: RowKeys }) {
  const rows = useRowKeys(count, keys);
  return (
    <ul {...rows.list}>
      {Array.from({ length: count }, (_, n) => (
        <li key={n} data-row={n}>
          <a href="#x" data-hand tabIndex={rows.tab(n)}>{`Row ${String(n)}`}</a>
        </li>
      ))}
    </ul>
  );
}
const press = (key: string, how: KeyboardEventInit = {}) =>
  fireEvent.keyDown(document.activeElement ?? document.body, { key, ...how });
const held = () => document.activeElement?.textContent;

describe('going through a list by keys', () => {
  it('moves real focus, comes to the row that was in hand first, and stops at the ends', () => {
    render(<List count={3} keys={{}} />);
    press('j');
    expect(held()).toBe('Row 0');
    press('j');
    press('ArrowDown');
    press('ArrowDown');
    expect(held()).toBe('Row 2');
    press('k');
    press('ArrowUp');
    press('ArrowUp');
    expect(held()).toBe('Row 0');
  });

  it('has one stop for Tab: the row in hand, wherever it was taken', () => {
    render(<List count={3} keys={{}} />);
    act(() => screen.getByText('Row 2').focus());
    expect(screen.getAllByRole('link').map((a) => a.tabIndex)).toEqual([-1, -1, 0]);
    press('k');
    expect(held()).toBe('Row 1');
  });

  it('acts on the row in hand, not with another key held, and nowhere else', () => {
    const choose = vi.fn();
    render(<List count={2} keys={{ choose }} />);
    press('x');
    expect(choose).not.toHaveBeenCalled();
    press('j');
    press('x', { ctrlKey: true });
    press('x');
    press('j');
    press('x');
    expect(choose.mock.calls).toEqual([[0], [1]]);
  });

  it('moves one of two lists: that which has focus, or the first', () => {
    const open = vi.fn();
    render(
      <>
        <List count={2} keys={{}} />
        <List count={2} keys={{ choose: open }} />
      </>,
    );
    press('j');
    const [first, second] = screen.getAllByRole('list');
    expect(first?.contains(document.activeElement)).toBe(true);
    act(() => screen.getAllByText('Row 0')[1]?.focus());
    press('j');
    press('x');
    expect([second?.contains(document.activeElement), held(), open.mock.calls]).toEqual([true, 'Row 1', [[1]]]);
  });

  it('keeps to arrows once letters are turned off', () => {
    frame.singleKeys = false;
    const choose = vi.fn();
    render(<List count={2} keys={{ choose }} />);
    press('ArrowDown');
    press('j');
    press('x');
    expect([held(), choose.mock.calls.length]).toEqual(['Row 0', 0]);
    frame.singleKeys = true;
  });

  it('holds the last row when the list grew shorter, and does nothing in an empty one', () => {
    const { rerender } = render(<List count={3} keys={{}} />);
    act(() => screen.getByText('Row 2').focus());
    rerender(<List count={2} keys={{}} />);
    expect(screen.getAllByRole('link').map((a) => a.tabIndex)).toEqual([-1, 0]);
    rerender(<List count={0} keys={{}} />);
    press('j');
    expect(held()).not.toContain('Row');
  });
});

describe('choosing rows', () => {
  const ids = [10, 20, 30, 40];
  const choosing = () => renderHook(({ rows }) => useSelection(rows), { initialProps: { rows: ids } });

  it('takes ranges with Shift, either way round', () => {
    const { result } = choosing();
    act(() => result.current.toggle(30, false));
    act(() => result.current.toggle(10, true));
    expect(result.current.chosen).toEqual([10, 20, 30]);
    act(() => result.current.toggle(20, false));
    expect(result.current.chosen).toEqual([10, 30]);
    act(() => result.current.toggle(40, true));
    expect(result.current.chosen).toEqual([10, 20, 30, 40]);
  });

  it('begins a range at a row of its own where the last isn’t on the page', () => {
    const { result, rerender } = choosing();
    act(() => result.current.toggle(10, false));
    rerender({ rows: [50, 60, 70] });
    act(() => result.current.toggle(60, true));
    expect(result.current.chosen, 'only what is on the page').toEqual([60]);
    rerender({ rows: ids });
    expect(result.current.chosen).toEqual([10]);
  });

  it('chooses all of a part, and lets go of just these', () => {
    const { result } = choosing();
    act(() => result.current.all(true, [10, 20]));
    act(() => result.current.toggle(40, false));
    expect([result.current.every([10, 20]), result.current.every(), result.current.every([])]).toEqual([
      true,
      false,
      false,
    ]);
    act(() => result.current.all(false, [10, 20]));
    expect(result.current.chosen).toEqual([40]);
    act(() => result.current.clear());
    expect(result.current.chosen).toEqual([]);
  });

  it('has one box for all of a page, and a bar that says how many', () => {
    function Page() {
      const selection = useSelection(ids);
      return (
        <>
          <TickAll selection={selection} />
          <SelectionBar count={selection.chosen.length} what="chosen" onClear={selection.clear}>
            <button type="button">Do it</button>
          </SelectionBar>
        </>
      );
    }
    render(<Page />);
    expect(screen.queryByRole('region')).toBeNull();
    fireEvent.click(screen.getByLabelText('Choose all'));
    expect(screen.getByRole('region').textContent).toContain('4 chosen');
    fireEvent.click(screen.getByText('Choose none'));
    expect(screen.queryByRole('region')).toBeNull();
    fireEvent.click(screen.getByLabelText('Choose all'));
    fireEvent.click(screen.getByLabelText('Choose all'));
    expect(screen.queryByRole('region')).toBeNull();
  });
});
