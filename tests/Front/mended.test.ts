import { describe, expect, it } from 'vitest';
import type { MendView, SectionKindView } from '@/types/window';
import type { Copy, SectionDraft } from '@/window/copy';
import { mended } from '@/window/mended';

const section = (id: string, settings: Record<string, unknown> = {}): SectionDraft => ({
  id,
  kind: 'tiles',
  settings,
  showing: { hidden: false, on: 'both', from: '', until: '', half: '' },
});
const page = (...sections: SectionDraft[]): Copy => ({
  look: { name: '', wordmark: '', logo: null, logoOnDark: null, colours: [] },
  sections,
});
const mend = (said: Partial<MendView>): MendView =>
  ({ do: 'set', section: 'a', field: 'rows', row: null, part: '', value: '', ...said }) as MendView;
const ids = (c: Copy): string => c.sections.map((s) => s.id).join('');

describe('what a finding is mended by', () => {
  it.each([
    ['c', 'a', 'acb'],
    ['a', 'c', 'bca'],
    ['b', 'a', 'abc'],
  ])('moves %s behind %s', (which, behind, order) => {
    const given = page(section('a'), section('b'), section('c'));
    expect(ids(mended(given, mend({ do: 'move-behind', section: which, value: behind }), []))).toBe(order);
  });

  it('hides a section and leaves its settings', () => {
    const after = mended(page(section('a', { heading: 'x' })), mend({ do: 'hide' }), []);
    expect(after.sections[0]).toMatchObject({ settings: { heading: 'x' }, showing: { hidden: true } });
  });

  it('takes one row out of a list', () => {
    const rows = [{ title: 'one' }, { title: 'two' }, { title: 'three' }];
    const after = mended(page(section('a', { rows })), mend({ do: 'take-out', row: 1 }), []);
    expect(after.sections[0]?.settings.rows).toEqual([{ title: 'one' }, { title: 'three' }]);
  });

  it('sets a whole setting, or a part of one row', () => {
    const rows = [{ title: 'one' }, { title: 'two', to: '/old' }];
    const given = page(section('a', { heading: 'x', rows }));
    expect(mended(given, mend({ field: 'heading', value: 'y' }), []).sections[0]?.settings.heading).toBe('y');
    const row = mended(given, mend({ row: 1, part: 'to', value: '/new' }), []);
    expect(row.sections[0]?.settings.rows).toEqual([{ title: 'one' }, { title: 'two', to: '/new' }]);
  });

  it('lays a section of a kind there is, and none of a kind there isn’t', () => {
    const kind = { key: 'promise', defaults: { heading: 'Posted in a day' } } as unknown as SectionKindView;
    const given = page(section('a'), section('b'));
    const after = mended(given, mend({ do: 'lay', section: 'promise', value: 'a' }), [kind]);
    expect(after.sections.map((s) => s.kind)).toEqual(['tiles', 'promise', 'tiles']);
    expect(after.sections[1]?.settings).toEqual({ heading: 'Posted in a day' });
    expect(mended(given, mend({ do: 'lay', section: 'none', value: 'a' }), [kind])).toBe(given);
  });

  it('does nothing to a list that isn’t one', () => {
    const after = mended(page(section('a', { rows: 'spoilt' })), mend({ do: 'take-out', row: 0 }), []);
    expect(after.sections[0]?.settings.rows).toEqual([]);
  });
});
