import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useSearch } from '@/source/useSearch';
import { CellField } from '@/ui/CellField';
import { Pager } from '@/ui/Pager';
import { SearchField } from '@/ui/SearchField';
import { SearchShows } from '@/ui/SearchShows';
import { SelectBlank } from '@/window/blanks/SelectBlank';

const router = vi.hoisted(() => ({ get: vi.fn(), reload: vi.fn() }));
vi.mock('@inertiajs/react', () => ({
  router,
  usePage: () => ({ props: { frame: { singleKeys: true } } }),
  Link: ({ href, children }: { href: string; children: string }) => <a href={href}>{children}</a>,
}));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));

const here = (query: string) => history.replaceState({}, '', `/source${query}`);
const went = (): unknown => router.get.mock.calls.at(-1)?.[1];
beforeEach(() => router.get.mockReset());

describe('the search that the address holds', () => {
  it('reads its own parts and nothing else', () => {
    here('?q=trowel&supplier[]=3&supplier[1]=5&from=GB&page=9&cursor=x&utm=1');
    expect(renderHook(() => useSearch()).result.current.query).toEqual({
      q: 'trowel',
      supplier: ['3', '5'],
      from: ['GB'],
    });
  });

  it('begins at the first page with every change', () => {
    here('?q=trowel&cursor=x');
    const { result } = renderHook(() => useSearch());
    result.current.set('price', '20.00');
    expect(went()).toEqual({ q: 'trowel', price: '20.00' });
    result.current.set('q', '');
    expect(went()).toEqual({});
  });

  it('adds and takes choices of a filter of many, and of one', () => {
    here('?from[]=GB&stock=5');
    const { result } = renderHook(() => useSearch());
    result.current.choose('from', 'DE', true);
    expect(went()).toEqual({ from: ['GB', 'DE'], stock: '5' });
    result.current.choose('from', 'GB', true);
    expect(went(), 'said twice, there once').toEqual({ from: ['GB'], stock: '5' });
    result.current.choose('from', 'GB', false);
    expect(went()).toEqual({ stock: '5' });
    result.current.choose('stock', '5', false);
    expect(went()).toEqual({ from: ['GB'] });
    result.current.choose('days', '3', true);
    expect(went()).toEqual({ from: ['GB'], stock: '5', days: '3' });
  });

  it('keeps words and order when the filters are dropped', () => {
    here('?q=trowel&sort=landed&from=GB&days=3');
    renderHook(() => useSearch()).result.current.clear();
    expect(went()).toEqual({ q: 'trowel', sort: 'landed' });
  });
});

describe('fields', () => {
  it('say a figure once it is left or entered, and take back what was refused', async () => {
    const said: string[] = [];
    const answer = { ok: true };
    const onSay = (text: string) => {
      said.push(text);
      return Promise.resolve(answer.ok);
    };
    render(<CellField label="Price" value="12.00" onSay={onSay} />);
    const field = screen.getByLabelText<HTMLInputElement>('Price');
    fireEvent.change(field, { target: { value: '12.00' } });
    fireEvent.blur(field);
    expect(said, 'what is as it was isn’t said').toEqual([]);
    fireEvent.change(field, { target: { value: ' 13.50 ' } });
    fireEvent.blur(field);
    fireEvent.change(field, { target: { value: '12.00' } });
    fireEvent.blur(field);
    expect(said, 'but after something else was, it is').toEqual(['13.50', '12.00']);
    answer.ok = false;
    fireEvent.change(field, { target: { value: 'a lot' } });
    fireEvent.blur(field);
    await act(() => Promise.resolve());
    expect([said.at(-1), field.value]).toEqual(['a lot', '12.00']);
    fireEvent.change(field, { target: { value: '9' } });
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(field.value).toBe('12.00');
  });

  it('ask once typing rests, and the slash goes there', () => {
    vi.useFakeTimers();
    const onSay = vi.fn();
    render(<SearchField words="" label="Search" placeholder="" onSay={onSay} />);
    const field = screen.getByRole('searchbox');
    act(() => void document.body.dispatchEvent(new KeyboardEvent('keydown', { key: '/', bubbles: true })));
    expect(document.activeElement).toBe(field);
    for (const value of ['t', 'tr', 'tro ']) {
      fireEvent.change(field, { target: { value } });
      act(() => void vi.advanceTimersByTime(200));
    }
    expect(onSay).not.toHaveBeenCalled();
    act(() => void vi.advanceTimersByTime(60));
    expect(onSay.mock.calls).toEqual([['tro']]);
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(document.activeElement).not.toBe(field);
    vi.useRealTimers();
  });

  it('keep what is gone among the choices until another is taken', () => {
    const onSay = vi.fn();
    render(<SelectBlank label="Which" value="7" choices={[{ value: '1', label: 'One' }]} onSay={onSay} />);
    const field = screen.getByLabelText<HTMLSelectElement>('Which');
    expect([...field.options].map((o) => o.text)).toEqual(['something that is gone', 'One']);
    fireEvent.change(field, { target: { value: '1' } });
    expect(onSay).toHaveBeenCalledWith('1');
  });
});

describe('what search engines show', () => {
  const cut = { address: 'http://q/x', title: 'Trowels', words: 'Of ash.', titleCut: false, wordsCut: false };
  it.each([
    [{}, 'As search engines show it'],
    [{ titleCut: true }, 'As search engines show it, the title cut'],
    [{ wordsCut: true }, 'As search engines show it, the words cut'],
    [{ titleCut: true, wordsCut: true }, 'As search engines show it, the title and the words cut'],
  ])('says what is cut %o', (how, said) => {
    render(<SearchShows cut={{ ...cut, ...how }} />);
    expect(document.querySelector('figcaption')?.textContent).toBe(said);
  });

  it('says where there are no words', () => {
    render(<SearchShows cut={{ ...cut, words: '' }} />);
    expect(screen.getByText('no words yet')).toBeTruthy();
  });
});

describe('turning pages', () => {
  it('leads by addresses that keep what is asked, or by what is done', () => {
    here('?q=trowel&cursor=old');
    const next = vi.fn();
    render(
      <Pager previous="abc" next={next}>
        2 of 3
      </Pager>,
    );
    const before = new URL(screen.getByText<HTMLAnchorElement>('Before these').href);
    expect([before.searchParams.get('q'), before.searchParams.get('cursor')]).toEqual(['trowel', 'abc']);
    fireEvent.click(screen.getByText('After these'));
    expect(next).toHaveBeenCalled();
  });

  it('isn’t there where there is nothing to turn to', () => {
    render(<Pager previous={null} next={null} />);
    expect(screen.queryByRole('navigation')).toBeNull();
  });
});
