import { Figure } from '@/drift/RuleFigures';
import type { ListingRulesView } from '@/types/drift';
import { BLANK } from '@/ui/blank';

interface Props {
  rules: ListingRulesView;
  onSay: (said: Record<string, unknown>) => void;
}

/** What of its supplier's changes a listing settles by rules of its own, as a sentence. */
export function ListingRules({ rules, onSay }: Props) {
  return (
    <p className="mb-3 leading-[2.2] text-mute" data-listing-rules>
      When its supplier changes{' '}
      {rules.facts.map((fact, n) => (
        <span key={fact.fact}>
          {n === rules.facts.length - 1 ? 'and ' : ''}
          {fact.words},{' '}
          <select
            aria-label={`This listing, ${fact.words}`}
            value={fact.policy}
            className={BLANK}
            onChange={(e) => {
              onSay({ fact: fact.fact, policy: e.target.value === '' ? null : e.target.value });
            }}
          >
            {fact.choices.map((c) => (
              <option key={c.value} value={c.value}>
                {c.label}
              </option>
            ))}
          </select>
          {n === rules.facts.length - 1 ? '. ' : '; '}
        </span>
      ))}
      Of its stock, keep back{' '}
      <Figure
        label="This listing, pieces kept back"
        value={String(rules.keptBack ?? rules.suppliers)}
        onSay={(keptBack) => {
          onSay({ keptBack });
        }}
      />{' '}
      pieces of each
      {rules.keptBack === null ? ', as of its supplier’s others.' : '.'}
    </p>
  );
}
