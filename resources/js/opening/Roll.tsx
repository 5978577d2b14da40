import { Link } from '@inertiajs/react';
import type { RehearsedView, RolledShopperView, RolledStepView } from '@/types/opening';
import { Button } from '@/ui/Button';

interface Props {
  roll: RehearsedView;
  busy: boolean;
  trouble: string;
  onBegin: () => void;
}

/** The roll of a rehearsal: what shoppers made up for it did in the real shop, and read. */
export function Roll({ roll, busy, trouble, onBegin }: Props) {
  return (
    <section
      aria-label="Rehearsal"
      aria-busy={roll.running}
      className="self-start border-x border-line bg-sheet px-7 pt-5 pb-8 shadow-[0_10px_24px_rgba(40,38,30,0.07)]"
    >
      <h2 className="name text-center text-[19px]">Rehearsal</h2>
      <p className="mx-auto mb-4 max-w-[38ch] text-center text-[13.5px] text-mute">
        {roll.when === ''
          ? 'Shoppers made up for it go through the real shop: nothing is charged, sent or written in the books.'
          : `${roll.when} · shoppers made up for it · never in the books`}
      </p>
      {roll.shoppers.map((shopper) => (
        <Shopper key={shopper.head} shopper={shopper} />
      ))}
      <div className="flex items-baseline justify-between gap-4 border-t border-dashed border-rule pt-3">
        <p role="status" className="text-[14px] font-semibold">
          {roll.running ? 'Under way …' : roll.broken ? 'It broke off. Begin it again.' : roll.took}
        </p>
        {!roll.running && roll.when !== '' && (
          <button
            type="button"
            onClick={onBegin}
            disabled={busy}
            className="text-[14px] text-mute underline hover:text-ink"
          >
            again
          </button>
        )}
        {!roll.running && roll.when === '' && (
          <Button small onClick={onBegin} disabled={busy}>
            Rehearse it
          </Button>
        )}
      </div>
      {trouble && <p className="mt-2 text-[14px] text-loss">{trouble}</p>}
      <Since roll={roll} />
    </section>
  );
}

function Shopper({ shopper }: { shopper: RolledShopperView }) {
  return (
    <div className="border-t border-dashed border-rule py-3">
      <h3 className="mb-1 text-[14px] font-semibold">{shopper.head}</h3>
      <ol className="text-[14px]">
        {shopper.steps.map((step) => (
          <Step key={step.at + step.words} step={step} />
        ))}
      </ol>
    </div>
  );
}

const MARKS: Record<string, [string, string, string]> = {
  fine: ['✓', 'went well', 'text-see'],
  broken: ['✗', 'went wrong', 'text-loss'],
  untested: ['–', 'untested', 'text-mute'],
};

function Step({ step }: { step: RolledStepView }) {
  const [sign, said, colour] = MARKS[step.outcome] ?? ['', '', ''];
  return (
    <li
      data-step={step.outcome}
      className={`-mx-2 grid grid-cols-[48px_1fr_16px] gap-2 px-2 py-1 ${step.outcome === 'broken' ? 'bg-loss/10' : ''}`}
    >
      <span className="tabular-nums text-mute">{step.at}</span>
      <div className="min-w-0">
        <p
          className={
            step.outcome === 'broken' ? 'font-semibold text-loss' : step.outcome === 'untested' ? 'text-mute' : ''
          }
        >
          {step.words}
        </p>
        {step.read !== '' && <p className="text-mute">They read: “{step.read}”</p>}
        {step.href !== '' && (
          <Link href={step.href} className="text-mute underline hover:text-ink">
            Where it is mended
          </Link>
        )}
      </div>
      <span className={colour}>
        <span aria-hidden="true">{sign}</span>
        <span className="sr-only">{said}</span>
      </span>
    </li>
  );
}

/** What broke since the one before, and when it is done by itself. */
function Since({ roll }: { roll: RehearsedView }) {
  return (
    <>
      {roll.since.length > 0 && (
        <p className="mt-3 text-[14px]">
          <b className="font-semibold text-loss">Broke since the one before:</b> {roll.since.join('; ')}.
        </p>
      )}
      {roll.night !== '' && (
        <p className="mt-3 text-[13.5px] text-mute">It is rehearsed by itself each night, {roll.night}.</p>
      )}
    </>
  );
}
