import { useEffect, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { RulesSheetView } from '@/types';
import { Sheet } from '@/ui/Sheet';
import { BLANK } from '@/window/blanks/look';

const GUARDS: Record<string, string> = {
  short: 'of the goods are missing',
  emptied: 'of what was in stock would sell out',
  halved: 'of the costs would fall to half',
};

/** What becomes of changes by themselves, supplier by supplier: sentences whose parts are chosen where they stand. */
export function RulesSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const handle = useHandle();
  const [sheet, setSheet] = useState<RulesSheetView | null>(null);
  const [trouble, setTrouble] = useState('');
  const ask = (wanted: Promise<RulesSheetView>) => {
    wanted
      .then((got) => {
        setTrouble('');
        setSheet(got);
      })
      .catch((e: unknown) => {
        setTrouble(words(e));
      });
  };
  useEffect(() => {
    if (open) ask(send<RulesSheetView>('GET', route('drift.rules', handle)));
  }, [open, handle]);
  const say = (connection: number, said: Record<string, unknown>) => {
    ask(send<RulesSheetView>('PUT', route('drift.rules.update', [handle, connection]), said));
  };
  return (
    <Sheet open={open} title="Your rules" onClose={onClose}>
      <p className="mb-4 text-mute">
        What isn’t settled here asks you. A single listing can have rules of its own: decide something “from now on”, and it does.
      </p>
      {trouble !== '' && (
        <p role="alert" className="mb-3 border-l-4 border-you bg-you-soft px-3 py-2">
          {trouble}
        </p>
      )}
      {sheet?.suppliers.length === 0 && <p className="text-mute">No supplier is connected yet.</p>}
      {sheet?.suppliers.map((rule) => (
        <section key={rule.connection} className="border-t border-line py-4" aria-label={rule.supplier}>
          <h3 className="name mb-1 text-[17px]">{rule.supplier}</h3>
          <p className="leading-[2.2] text-mute">
            When {rule.supplier} changes{' '}
            {rule.facts.map((fact, n) => (
              <span key={fact.fact}>
                {n === rule.facts.length - 1 ? 'and ' : ''}
                {fact.words},{' '}
                <select
                  aria-label={`${rule.supplier}, ${fact.words}`}
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
                {fact.fact === 'cost' && fact.policy === 'follow' && (
                  <>
                    {' '}
                    as long as it moves by no more than{' '}
                    <Figure
                      label={`${rule.supplier}, how far a cost may move`}
                      value={rule.band}
                      onSay={(band) => {
                        say(rule.connection, { band });
                      }}
                    />
                    % , else ask me
                  </>
                )}
                {n === rule.facts.length - 1 ? '. ' : '; '}
              </span>
            ))}
            Of its stock, keep back{' '}
            <Figure
              label={`${rule.supplier}, pieces kept back`}
              value={String(rule.keptBack)}
              onSay={(keptBack) => {
                say(rule.connection, { keptBack });
              }}
            />{' '}
            {rule.keptBack === 1 ? 'piece' : 'pieces'} of each, in case they go meanwhile. A pull is set aside whole when more than{' '}
            {Object.entries(rule.guards).map(([guard, share], n) => (
              <span key={guard}>
                {n > 0 && (n === Object.keys(rule.guards).length - 1 ? ', or ' : ', ')}
                <Figure
                  label={`${rule.supplier}, ${GUARDS[guard] ?? guard}`}
                  value={share}
                  onSay={(said) => {
                    say(rule.connection, { guard, share: said });
                  }}
                />
                % {GUARDS[guard]}
              </span>
            ))}
            ; and always when nothing comes, when costs are a hundred times what they were or in another currency, or when barcodes stand at
            other goods.
          </p>
        </section>
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
                  {`at ${String(hour).padStart(2, '0')}:00 UTC`}
                </option>
              ))}
            </select>
            , and only then.
          </p>
        </section>
      )}
    </Sheet>
  );
}

export function Figure({ label, value, onSay }: { label: string; value: string; onSay: (value: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <>
      <input
        aria-label={label}
        inputMode="decimal"
        value={typed ?? value}
        size={4}
        className={`${BLANK} w-12 text-right`}
        onChange={(e) => {
          setTyped(e.target.value);
        }}
        onBlur={() => {
          const said = Number(typed ?? value);
          setTyped(null);
          if (typed !== null && typed.trim() !== '' && Number.isFinite(said) && typed !== value) onSay(said);
        }}
      />
    </>
  );
}
