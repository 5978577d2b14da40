import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { MarketSelect } from '@/ui/MarketSelect';
import { Pager } from '@/ui/Pager';
import { TickAll } from '@/ui/TickAll';
import { useRowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';

const frame = vi.hoisted(() => ({ singleKeys: true }));
vi.mock('@inertiajs/react', () => ({
  usePage: () => ({ props: { frame } }),
  Link: ({ href, children }: { href: string; children: string }) => <a href={href}>{children}</a>,
}));

describe('choosing rows', () => {
  it('chooses a range with Shift, whichever way', () => {
    const chosen = renderHook(() => useSelection([1, 2, 3, 4, 5])).result;
    act(() => chosen.current.toggle(4, false));
    act(() => chosen.current.toggle(2, true));
    expect(chosen.current.chosen).toEqual([2, 3, 4]);
    act(() => chosen.current.toggle(3, false));
    expect(chosen.current.chosen).toEqual([2, 4]);
  });

  it('gives them in the order of the list, and none that isn’t on it any more', () => {
    const hook = renderHook(({ ids }) => useSelection(ids), { initialProps: { ids: [1, 2, 3] } });
    act(() => hook.result.current.toggle(3, false));
    act(() => hook.result.current.toggle(1, false));
    expect(hook.result.current.chosen).toEqual([1, 3]);
    hook.rerender({ ids: [3, 4] });
    expect(hook.result.current.chosen).toEqual([3]);
  });

  it('has all chosen only where there is something', () => {
    expect(renderHook(() => useSelection([])).result.current.every()).toBe(false);
  });

  it('ticks all, and then none', () => {
    function List() {
      const selection = useSelection([1, 2]);
      return (
        <>
          <TickAll selection={selection} />
          <output>{selection.chosen.join()}</output>
        </>
      );
    }
    render(<List />);
    const tick = screen.getByRole<HTMLInputElement>('checkbox', { name: 'Choose all' });
    fireEvent.click(tick);
    expect([screen.getByRole('status').textContent, tick.checked]).toEqual(['1,2', true]);
    fireEvent.click(tick);
    expect(screen.getByRole('status').textContent).toBe('');
  });
});

describe('working a list through by keys', () => {
  const acted: string[] = [];
  function List({ names }: { names: string[] }) {
    const rows = useRowKeys(names.length, { take: (row) => acted.push(`take ${String(row)}`) });
    return (
      <ul {...rows.list}>
        {names.map((name, row) => (
          <li key={name} data-row={row}>
            <button type="button" data-hand tabIndex={rows.tab(row)}>
              {name}
            </button>
            <input aria-label={`Words of ${name}`} tabIndex={rows.tab(row)} />
          </li>
        ))}
      </ul>
    );
  }
  const press = (key: string, init: KeyboardEventInit = {}) =>
    act(() => {
      (document.activeElement ?? document.body).dispatchEvent(
        new KeyboardEvent('keydown', { key, bubbles: true, ...init }),
      );
    });
  const begin = (singleKeys = true) => {
    acted.length = 0;
    frame.singleKeys = singleKeys;
    render(<List names={['Pot', 'Pan', 'Jug']} />);
  };
  const inHand = () => document.activeElement?.textContent;
  const reached = () => screen.getAllByRole('button').map((b) => b.tabIndex);

  it('moves focus from row to row, and Tab comes to the row in hand alone', () => {
    begin();
    expect(reached()).toEqual([0, -1, -1]);
    press('j');
    expect(inHand()).toBe('Pot');
    for (const key of ['ArrowDown', 'j', 'j']) press(key);
    expect([inHand(), reached()]).toEqual(['Jug', [-1, -1, 0]]);
    press('k');
    press('ArrowUp');
    press('ArrowUp');
    expect(inHand()).toBe('Pot');
  });

  it('takes the row in hand that focus comes to by itself, and comes back to it from elsewhere', () => {
    begin();
    act(() => screen.getByRole('button', { name: 'Pan' }).focus());
    expect(reached()).toEqual([-1, 0, -1]);
    act(() => (document.activeElement as HTMLElement).blur());
    press('j');
    expect(inHand()).toBe('Pan');
  });

  it('acts on the row in hand, and on none while none is', () => {
    begin();
    press('t');
    press('j');
    press('j');
    press('t');
    expect(acted).toEqual(['take 1']);
  });

  it('leaves keys alone while somebody writes, and those with Ctrl', () => {
    begin();
    press('j');
    press('t', { ctrlKey: true });
    act(() => screen.getByLabelText('Words of Pot').focus());
    press('t');
    press('j');
    expect([acted, document.activeElement]).toEqual([[], screen.getByLabelText('Words of Pot')]);
  });

  it('keeps arrows, and nothing of one letter, for who turned those off', () => {
    begin(false);
    press('j');
    expect(document.activeElement).toBe(document.body);
    press('ArrowDown');
    expect(inHand()).toBe('Pot');
    press('t');
    expect(acted).toEqual([]);
  });
});

describe('turning pages', () => {
  it('keeps what the address says besides', () => {
    window.history.replaceState({}, '', '/at/quillet/bench?state=put_by&cursor=old');
    render(<Pager previous={null} next="abc" />);
    const next = new URL(screen.getByRole<HTMLAnchorElement>('link', { name: 'After these' }).href);
    expect([next.searchParams.get('state'), next.searchParams.get('cursor')]).toEqual(['put_by', 'abc']);
    expect(screen.queryByText('Before these')).toBeNull();
  });

  it('turns by itself where it is told how', () => {
    const turned = vi.fn();
    render(
      <Pager previous={turned} next={null}>
        12 variants
      </Pager>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Before these' }));
    expect(turned).toHaveBeenCalledOnce();
    screen.getByText('12 variants');
  });

  it('isn’t there where there is one page', () => {
    expect(render(<Pager previous={null} next={null} />).container.textContent).toBe('');
  });
});

it('turns to the country that is chosen', () => {
  const turned: string[] = [];
  render(
    <MarketSelect
      market="GB"
      markets={[
        { code: 'GB', name: 'United Kingdom', home: true, landed: true },
        { code: 'DE', name: 'Germany', home: false, landed: true },
      ]}
      onTurn={(to) => turned.push(to)}
    />,
  );
  fireEvent.change(screen.getByLabelText('Country sold to'), { target: { value: 'DE' } });
  expect(turned).toEqual(['DE']);
});
