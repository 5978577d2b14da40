import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { MarketSelect } from '@/ui/MarketSelect';
import { Pager } from '@/ui/Pager';
import { TickAll } from '@/ui/TickAll';
import { useRowKeys } from '@/ui/useRowKeys';
import { useSelection } from '@/ui/useSelection';

vi.mock('@inertiajs/react', () => ({
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
    expect(renderHook(() => useSelection([])).result.current.every).toBe(false);
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
  const keys = (rows: number) => {
    const acted: [string, number][] = [];
    const hook = renderHook(() =>
      useRowKeys(rows, { t: (row) => acted.push(['t', row]), Enter: (row) => acted.push(['Enter', row]) }),
    );
    const press = (key: string, init: KeyboardEventInit = {}, on: EventTarget = window) =>
      act(() => void on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...init })));
    return { hook, acted, press };
  };

  it('takes rows in hand within the list', () => {
    const { hook, press } = keys(3);
    press('k');
    expect(hook.result.current[0]).toBe(0);
    for (const key of ['j', 'ArrowDown', 'j', 'j']) press(key);
    expect(hook.result.current[0]).toBe(2);
  });

  it('acts on the row in hand, and on none when there is none', () => {
    const { acted, press } = keys(3);
    press('t');
    press('j');
    press('t');
    press('Enter');
    expect(acted).toEqual([
      ['t', 0],
      ['Enter', 0],
    ]);
  });

  it('leaves keys alone while somebody writes, and those with Ctrl', () => {
    const { hook, acted, press } = keys(3);
    press('j');
    const field = document.body.appendChild(document.createElement('input'));
    press('t', {}, field);
    press('j', {}, field);
    press('t', { ctrlKey: true });
    expect([hook.result.current[0], acted]).toEqual([0, []]);
    field.remove();
  });

  it('presses a link with Enter instead of opening the row', () => {
    const { acted, press } = keys(2);
    press('j');
    const link = document.body.appendChild(document.createElement('a'));
    press('Enter', {}, link);
    expect(acted).toEqual([]);
    link.remove();
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
