import { describe, expect, it } from 'vitest';
import { carried, laid, moved, withSection, type Copy, type SectionDraft } from '@/window/copy';

const section = (id: string, settings: Record<string, unknown> = {}): SectionDraft => ({
  id,
  kind: 'words',
  settings,
  showing: { hidden: false, on: 'both', from: '', until: '', half: '' },
});
const copy = (...sections: SectionDraft[]): Copy => ({
  look: { name: 'Ground', wordmark: '', logo: null, logoOnDark: null, colours: ['#112233'] },
  sections,
});
const ids = (c: Copy): string => c.sections.map((s) => s.id).join('');

describe('moving a section', () => {
  it.each([
    ['a', 2, 'bca'],
    ['c', 0, 'cab'],
    ['b', 1, 'abc'],
    ['a', 3, 'abc'],
    ['a', -1, 'abc'],
    ['x', 0, 'abc'],
  ])('%s to %i gives %s', (id, to, order) => {
    expect(ids(moved(copy(section('a'), section('b'), section('c')), id, to))).toBe(order);
  });

  it('there and back is as before', () => {
    const first = copy(section('a'), section('b'), section('c'), section('d'));
    for (const [n, s] of first.sections.entries()) {
      for (let to = 0; to < first.sections.length; to++) {
        expect(ids(moved(moved(first, s.id, to), s.id, n))).toBe('abcd');
      }
    }
  });
});

describe('laying and changing', () => {
  it('lays at the place that is meant, and leaves the first copy alone', () => {
    const first = copy(section('a'), section('b'));
    expect(ids(laid(first, section('x'), 1))).toBe('axb');
    expect(ids(first)).toBe('ab');
  });

  it('changes one section alone', () => {
    const changed = withSection(copy(section('a'), section('b')), 'b', (s) => ({ ...s, settings: { words: 'new' } }));
    expect(changed.sections.map((s) => s.settings)).toEqual([{}, { words: 'new' }]);
  });
});

describe('carrying somebody else’s changes into an earlier step', () => {
  const before = copy(section('a', { words: 'one', size: 1 }), section('b'));

  it('takes what they said and keeps what one said oneself', () => {
    const step = copy(section('a', { words: 'mine', size: 1 }), section('b'));
    const after = copy(section('a', { words: 'one', size: 9 }), section('b'));
    expect(carried(step, before, after).sections[0]?.settings).toEqual({ words: 'mine', size: 9 });
  });

  it('lets their word on the same setting stand', () => {
    const step = copy(section('a', { words: 'mine', size: 1 }), section('b'));
    const after = copy(section('a', { words: 'theirs', size: 1 }), section('b'));
    expect(carried(step, before, after).sections[0]?.settings.words).toBe('theirs');
  });

  it('lays what they laid behind what they laid it behind', () => {
    const step = copy(section('b'), section('a'));
    const after = copy(section('a', { words: 'one', size: 1 }), section('x'), section('b'));
    expect(ids(carried(step, before, after))).toBe('bax');
  });

  it('takes away what they took away, and brings back nothing of it', () => {
    const step = copy(section('a'), section('b'), section('own'));
    expect(ids(carried(step, before, copy(section('b'))))).toBe('bown');
  });

  it('changes nothing where they changed nothing', () => {
    const step = copy(section('b', { words: 'mine' }), section('own'), section('a'));
    expect(carried(step, before, before)).toEqual(step);
  });

  it('takes their look where they changed it', () => {
    const after = { ...before, look: { ...before.look, colours: ['#445566'] } };
    const step = { ...before, look: { ...before.look, wordmark: 'Mine' } };
    expect(carried(step, before, after).look).toMatchObject({ colours: ['#445566'], wordmark: 'Mine' });
  });
});
