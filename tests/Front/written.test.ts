import { describe, expect, it } from 'vitest';
import { written } from '@/shelves/written';
import type { ClauseView } from '@/types/shelves';

const clause = (field: string, names: string[] = []): ClauseView => ({
  field,
  asks: 'names',
  not: false,
  names,
  from: '',
  to: '',
  words: field,
});

describe('a rule as it is sent', () => {
  it('keeps clauses that stand alone and groups of them apart, in their order', () => {
    const rule = written({
      join: 'all',
      parts: [
        { join: '', clauses: [clause('tag', ['peas'])] },
        { join: 'any', clauses: [clause('buyable'), clause('was')] },
      ],
    });
    expect(rule.join).toBe('all');
    expect(rule.parts).toHaveLength(2);
    expect(rule.parts[0]).toMatchObject({ field: 'tag', names: ['peas'] });
    expect(rule.parts[1]).toMatchObject({ join: 'any', clauses: [{ field: 'buyable' }, { field: 'was' }] });
  });

  it('sends nothing that is only for reading', () => {
    expect(
      Object.keys(written({ join: 'all', parts: [{ join: '', clauses: [clause('tag')] }] }).parts[0] ?? {}),
    ).toEqual(['field', 'not', 'names', 'from', 'to']);
  });
});
