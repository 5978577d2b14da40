import type { ClauseView, RuleView } from '@/types/shelves';

/** A clause as it is sent. */
export interface WrittenClause {
  field: string;
  not?: boolean;
  names?: string[];
  from?: string;
  to?: string;
}

export interface WrittenGroup {
  join: string;
  clauses: WrittenClause[];
}

export interface WrittenRule {
  join: string;
  parts: (WrittenClause | WrittenGroup)[];
}

export const writtenClause = (c: ClauseView): WrittenClause => ({
  field: c.field,
  not: c.not,
  names: c.names,
  from: c.from,
  to: c.to,
});

/** A rule as it is sent, from how it is shown. */
export function written(rule: RuleView): WrittenRule {
  return {
    join: rule.join,
    parts: rule.parts.flatMap((p): (WrittenClause | WrittenGroup)[] =>
      p.join === '' ? p.clauses.map(writtenClause) : [{ join: p.join, clauses: p.clauses.map(writtenClause) }],
    ),
  };
}
