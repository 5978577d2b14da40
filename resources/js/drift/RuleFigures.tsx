import type { RulesView } from '@/types/drift';
import { useTyped } from '@/lib/useTyped';
import { BLANK } from '@/ui/blank';

/** How far a cost may move and be followed, and what becomes of a price that stands and falls under its floor. */
export function FloorAndBand({
  rule,
  follows,
  name,
  say,
}: {
  rule: RulesView;
  follows: boolean;
  name: string;
  say: (connection: number | null, said: Record<string, unknown>) => void;
}) {
  return (
    <>
      {follows && (
        <>
          {' '}
          as long as it moves by no more than{' '}
          <Figure
            label={`${name}, how far a cost may move`}
            value={rule.band}
            onSay={(band) => {
              say(rule.connection, { band });
            }}
          />
          % , else ask me
        </>
      )}
      {', and where my price falls under its floor, '}
      <select
        aria-label={`${name}, a price under its floor`}
        value={rule.floor}
        className={BLANK}
        onChange={(e) => {
          say(rule.connection, { floor: e.target.value });
        }}
      >
        {rule.floors.map((c) => (
          <option key={c.value} value={c.value}>
            {c.label}
          </option>
        ))}
      </select>
    </>
  );
}

/** A figure in a sentence, said once it is left. */
export function Figure({ label, value, onSay }: { label: string; value: string; onSay: (value: number) => void }) {
  const { field } = useTyped(
    value,
    (typed) => {
      const said = Number(typed);
      return Promise.resolve(typed !== '' && Number.isFinite(said) && (onSay(said), true));
    },
    { refused: 'let go', trimmed: true },
  );
  return <input aria-label={label} inputMode="decimal" size={4} className={`${BLANK} w-12 text-right`} {...field} />;
}
