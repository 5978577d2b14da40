import { ArrowUpIcon } from '@phosphor-icons/react';
import { send } from '@/lib/http';
import { useGiven } from '@/lib/useGiven';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { CornerTagsView, TagRuleView } from '@/types/window';
import { Tick } from '@/ui/Tick';

const PART = 'field-sizing-content border-b border-rule/60 bg-transparent px-1 font-medium text-ink';

/** Which small labels goods have in the corner of their picture; of several that are true the first counts. */
export function CornerTags({ tags: given }: { tags: CornerTagsView }) {
  const handle = useHandle();
  const [tags, setTags] = useGiven(given);
  const { busy, during } = useSend();
  const save = (rules: TagRuleView[]) => {
    setTags({ rules });
    void during(send<CornerTagsView>('PUT', route('window.corner-tags', handle), { rules }).then(setTags)).then(
      (ok) => {
        if (!ok) setTags(given);
      },
    );
  };
  const put = (rule: TagRuleView, said: Partial<TagRuleView>) => {
    save(tags.rules.map((one) => (one.kind === rule.kind ? { ...one, ...said } : one)));
  };
  const up = (n: number) => {
    const rules = [...tags.rules];
    rules.splice(n - 1, 0, ...rules.splice(n, 1));
    save(rules);
  };
  return (
    <section aria-labelledby="corner-tags" className="px-6 pt-9">
      <h2 id="corner-tags" className="name text-[21px]">
        Corner tags
      </h2>
      <p className="mb-2 max-w-[84ch] text-mute">
        A small label on a picture, only while it is true. One at the most: of several that hold, the first in this
        order. What has sold out, and what had another price, says that instead.
      </p>
      <ol className="max-w-[860px]">
        {tags.rules.map((rule, n) => (
          <li key={rule.kind} className="flex min-h-10 items-center gap-3 border-b border-line" data-rule={rule.kind}>
            <Tick label={rule.tag} checked={rule.on} onToggle={() => put(rule, { on: !rule.on })} />
            <span className={rule.on ? '' : 'text-mute'}>
              <b className="font-semibold">{`“${rule.tag}”`}</b> {rule.before}{' '}
              {rule.least !== null && <Part rule={rule} onNumber={(number) => put(rule, { number })} />}
              {rule.after === '.' ? rule.after : ` ${rule.after}`}
              {rule.stands !== '' && <span className="text-mute">{` ${rule.stands}`}</span>}
            </span>
            {n > 0 && (
              <button
                type="button"
                disabled={busy}
                aria-label={`“${rule.tag}” counts sooner`}
                title="Counts sooner"
                onClick={() => {
                  up(n);
                }}
                className="ml-auto p-1.5 text-mute hover:text-ink"
              >
                <ArrowUpIcon size={15} />
              </button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** The number in a rule, typed, or chosen where numbers are said in words. */
function Part({ rule, onNumber }: { rule: TagRuleView; onNumber: (number: number) => void }) {
  const words = Object.entries(rule.choices);
  return words.length > 0 ? (
    <select
      aria-label={rule.tag}
      value={rule.number}
      onChange={(e) => {
        onNumber(Number(e.target.value));
      }}
      className={PART}
    >
      {words.map(([number, day]) => (
        <option key={number} value={number}>
          {day}
        </option>
      ))}
    </select>
  ) : (
    <input
      key={rule.number}
      type="number"
      aria-label={`Number for “${rule.tag}”`}
      min={rule.least ?? 1}
      max={rule.most ?? 1}
      defaultValue={rule.number}
      onBlur={(e) => {
        if (Number(e.target.value) !== rule.number) onNumber(Number(e.target.value));
      }}
      className={`${PART} w-14`}
    />
  );
}
