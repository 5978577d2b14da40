import { ClauseEditor } from '@/shelves/ClauseEditor';
import { written, writtenClause, type WrittenClause, type WrittenRule } from '@/shelves/written';
import type { ClauseView, RuleChoicesView, RulePartView, RuleView } from '@/types/shelves';

interface Props {
  rule: RuleView;
  choices: RuleChoicesView;
  onSay: (rule: WrittenRule) => Promise<boolean>;
}

/** Which goods stand on a shelf, as a sentence whose parts are changed where they stand. */
export function RuleSentence({ rule, choices, onSay }: Props) {
  const said = written(rule);
  const put = (n: number, part: WrittenRule['parts'][number] | null) =>
    onSay({ ...said, parts: said.parts.flatMap((p, i) => (i === n ? (part === null ? [] : [part]) : [p])) });
  const add = (part: WrittenRule['parts'][number]) => onSay({ ...said, parts: [...said.parts, part] });
  const empty = rule.parts.length === 0;
  return (
    <span role="group" aria-label="Which goods stand on it" data-rule>
      Goods that{' '}
      {rule.parts.map((part, n) => (
        <span key={n}>
          {n > 0 && (
            <>
              ,{' '}
              <Joining
                first={n === 1}
                label="How the parts go together"
                value={rule.join}
                onSay={(join) => onSay({ ...said, join })}
              />{' '}
            </>
          )}
          {part.join === '' ? (
            part.clauses.map((c) => (
              <Clause key={c.words} clause={c} choices={choices} onSay={(clause) => put(n, clause)} />
            ))
          ) : (
            <Group part={part} choices={choices} onSay={(group) => put(n, group)} />
          )}
        </span>
      ))}
      {!empty && ' '}
      <ClauseEditor
        clause={null}
        choices={choices}
        trigger={
          <button type="button" className="leading-tight text-you underline underline-offset-4">
            {empty ? 'are …' : 'and …'}
          </button>
        }
        onSay={add}
      />
      {!empty && (
        <>
          {' '}
          <ClauseEditor
            clause={null}
            choices={choices}
            trigger={
              <button type="button" className="text-[13.5px] text-mute underline decoration-line underline-offset-4">
                or any of several …
              </button>
            }
            onSay={(clause) => add({ join: 'any', clauses: [clause] })}
          />
        </>
      )}
    </span>
  );
}

function Group({
  part,
  choices,
  onSay,
}: {
  part: RulePartView;
  choices: RuleChoicesView;
  onSay: (group: { join: string; clauses: WrittenClause[] } | null) => Promise<boolean>;
}) {
  const clauses = part.clauses.map(writtenClause);
  const say = (next: WrittenClause[]) => onSay(next.length === 0 ? null : { join: part.join, clauses: next });
  return (
    <span className="rounded-md bg-shade px-2 py-1">
      {part.clauses.map((c, n) => (
        <span key={c.words}>
          {n > 0 && (
            <>
              {' '}
              <Joining
                first={n === 1}
                label="How these go together"
                value={part.join}
                onSay={(join) => onSay({ join, clauses })}
              />{' '}
            </>
          )}
          <Clause
            clause={c}
            choices={choices}
            onSay={(clause) => say(clauses.flatMap((old, i) => (i === n ? (clause ? [clause] : []) : [old])))}
          />
        </span>
      ))}{' '}
      <ClauseEditor
        clause={null}
        choices={choices}
        trigger={
          <button type="button" className="text-[13.5px] text-mute underline decoration-line underline-offset-4">
            or …
          </button>
        }
        onSay={(clause) => say([...clauses, clause])}
      />
    </span>
  );
}

function Clause({
  clause,
  choices,
  onSay,
}: {
  clause: ClauseView;
  choices: RuleChoicesView;
  onSay: (clause: WrittenClause | null) => Promise<boolean>;
}) {
  return (
    <ClauseEditor
      clause={clause}
      choices={choices}
      trigger={
        <button
          type="button"
          data-clause={clause.field}
          className="border-b-[1.5px] border-you leading-tight font-medium hover:bg-you-soft"
        >
          {clause.words}
        </button>
      }
      onSay={onSay}
      onRemove={() => onSay(null)}
    />
  );
}

/** What joins two parts: chosen between the first two, and the same between all others. */
function Joining({ first, ...join }: JoinProps & { first: boolean }) {
  return first ? <Join {...join} /> : <span>{join.value === 'any' ? 'or' : 'and'}</span>;
}

interface JoinProps {
  label: string;
  value: string;
  onSay: (join: string) => Promise<boolean>;
}

function Join({ label, value, onSay }: JoinProps) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(e) => void onSay(e.target.value)}
      className="field-sizing-content border-b border-rule/40 bg-transparent font-medium"
    >
      <option value="all">and</option>
      <option value="any">or</option>
    </select>
  );
}
