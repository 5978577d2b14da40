import { plural } from '@/lib/plural';
import { useCallback, useEffect, useRef, useState } from 'react';
import { FloorAndBand, Figure } from '@/drift/RuleFigures';
import { Rehearsal } from '@/drift/Rehearsal';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { RehearsalView, RulesSheetView, RulesView, TriedRulesView } from '@/types/drift';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { BLANK } from '@/ui/blank';

const GUARDS: Record<string, string> = {
  short: 'of the goods are missing',
  emptied: 'of what was in stock would sell out',
  halved: 'of the costs would fall to half',
};

type Edit = Record<string, unknown>;

/** What becomes of changes by themselves: sentences whose parts are chosen where they stand, at once or tried first. */
export function RulesSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const handle = useHandle();
  const [sheet, setSheet] = useState<RulesSheetView | null>(null);
  const [edits, setEdits] = useState<Edit[] | null>(null);
  const [rehearsal, setRehearsal] = useState<RehearsalView | null>(null);
  const [trouble, setTrouble] = useState('');
  // What was asked last is what counts, however late an answer comes.
  const asked = useRef(0);
  const refused = useCallback((e: unknown) => {
    setTrouble(words(e));
  }, []);
  const ask = useCallback(
    (wanted: Promise<RulesSheetView>) => {
      const mine = ++asked.current;
      wanted
        .then((got) => {
          if (mine !== asked.current) return;
          setTrouble('');
          setSheet(got);
        })
        .catch(refused);
    },
    [refused],
  );
  useEffect(() => {
    if (!open) return;
    setEdits(null);
    setRehearsal(null);
    ask(send<RulesSheetView>('GET', route('drift.rules', handle)));
  }, [open, handle, ask]);
  const say = (connection: number | null, said: Edit) => {
    const edit = { connection, ...said };
    if (edits === null) {
      ask(send<RulesSheetView>('PUT', route('drift.rules.update', handle), { edits: [edit] }));
      return;
    }
    const all = [...edits, edit];
    const mine = ++asked.current;
    send<TriedRulesView>('POST', route('drift.rehearse', handle), { edits: all })
      .then((got) => {
        if (mine !== asked.current) return;
        setTrouble('');
        setEdits(all);
        setSheet(got.sheet);
        setRehearsal(got.rehearsal);
      })
      .catch(refused);
  };
  const leave = () => {
    setEdits(null);
    setRehearsal(null);
    ask(send<RulesSheetView>('GET', route('drift.rules', handle)));
  };
  const count = () => {
    const all = edits ?? [];
    setEdits(null);
    setRehearsal(null);
    ask(send<RulesSheetView>('PUT', route('drift.rules.update', handle), { edits: all }));
  };
  return (
    <Sheet open={open} title="Your rules" onClose={onClose} wide>
      <div className="mb-4 flex items-start gap-6">
        <p className="flex-1 text-mute">
          What isn’t settled here asks you. A single listing can have rules of its own: decide something “from now on”,
          and it does.
        </p>
        {edits === null && (
          <Button
            onClick={() => {
              setEdits([]);
            }}
          >
            Try them on the last 30 days
          </Button>
        )}
      </div>
      {edits !== null && <Rehearsal edits={edits.length} rehearsal={rehearsal} onCount={count} onLeave={leave} />}
      {trouble !== '' && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      {sheet?.suppliers.length === 0 && <p className="text-mute">No supplier is connected yet.</p>}
      {sheet && sheet.suppliers.length > 1 && <Rules rule={sheet.all} say={say} />}
      {sheet?.suppliers.map((rule) => (
        <Rules key={rule.connection} rule={rule} say={say} />
      ))}
      {sheet && (
        <section className="border-t border-line py-4" aria-label="By mail">
          <h3 className="name mb-1 text-[17px]">By mail</h3>
          <p className="leading-[2.2] text-mute">
            When something asks me, tell me by mail{' '}
            <select
              aria-label="When the mail goes out"
              value={sheet.digestHour === null ? '' : String(sheet.digestHour)}
              className={BLANK}
              onChange={(e) => {
                const hour = e.target.value === '' ? null : Number(e.target.value);
                ask(send<RulesSheetView>('PUT', route('drift.digest', handle), { hour }));
              }}
            >
              <option value="">never</option>
              {Array.from({ length: 24 }, (_, hour) => (
                <option key={hour} value={hour}>
                  {`at ${String(hour).padStart(2, '0')}:00`}
                </option>
              ))}
            </select>
            {sheet.digestHour !== null && ` by the clock of ${sheet.digestZone}`}, and only then.
          </p>
        </section>
      )}
    </Sheet>
  );
}

/** One supplier's rules, or those for all, as a sentence. */
function Rules({ rule, say }: { rule: RulesView; say: (connection: number | null, said: Edit) => void }) {
  const name = rule.connection === null ? 'All suppliers' : rule.supplier;
  return (
    <section className="border-t border-line py-4" aria-label={name}>
      <h3 className="name mb-1 text-[17px]">{name}</h3>
      <p className="leading-[2.2] text-mute">
        When {rule.supplier} changes{' '}
        {rule.facts.map((fact, n) => (
          <span key={fact.fact}>
            {n === rule.facts.length - 1 ? 'and ' : ''}
            {fact.words},{' '}
            <select
              aria-label={`${name}, ${fact.words}`}
              value={fact.policy}
              className={BLANK}
              onChange={(e) => {
                say(rule.connection, { fact: fact.fact, policy: e.target.value });
              }}
            >
              {fact.choices.map((c) => (
                <option key={c.value} value={c.value}>
                  {c.label}
                </option>
              ))}
            </select>
            {fact.fact === 'cost' && (
              <FloorAndBand rule={rule} follows={fact.policy === 'follow'} name={name} say={say} />
            )}
            {fact.fact === 'availability' && (
              <>
                {' and what is gone is put by after '}
                <Figure
                  label={`${name}, pulls until what is gone is put by`}
                  value={String(rule.pulls)}
                  onSay={(pulls) => {
                    say(rule.connection, { pulls });
                  }}
                />
                {` ${plural(rule.pulls, 'pull')}`}
                {rule.pulls === 0 ? ' (never)' : ''}
              </>
            )}
            {n === rule.facts.length - 1 ? '. ' : '; '}
          </span>
        ))}
        {rule.connection !== null && (
          <>
            Of its stock, keep back{' '}
            <Figure
              label={`${name}, pieces kept back`}
              value={String(rule.keptBack)}
              onSay={(keptBack) => {
                say(rule.connection, { keptBack });
              }}
            />{' '}
            {plural(rule.keptBack, 'piece')} of each, in case they go meanwhile. A pull is set aside whole when more
            than{' '}
            {Object.entries(rule.guards).map(([guard, share], n) => (
              <span key={guard}>
                {n > 0 && (n === Object.keys(rule.guards).length - 1 ? ', or ' : ', ')}
                <Figure
                  label={`${name}, ${GUARDS[guard] ?? guard}`}
                  value={share}
                  onSay={(said) => {
                    say(rule.connection, { guard, share: said });
                  }}
                />
                % {GUARDS[guard]}
              </span>
            ))}
            ; and always when nothing comes, when costs are a hundred times what they were or in another currency, or
            when barcodes stand at other goods.
          </>
        )}
        {rule.connection === null && 'What is said for one supplier below counts more.'}
      </p>
    </section>
  );
}
