import { useSubject } from '@/lib/subject';
import { useHandle } from '@/lib/useStall';
import type { RehearsalView } from '@/types/drift';
import { Button } from '@/ui/Button';

/** Milliseconds between two looks at how far it is. */
const LOOK_AGAIN = 700;

/**
 * Rules that are tried: what they would have done in the last thirty days, next to those that count and to what
 * happened.
 */
export function Rehearsal({
  edits,
  rehearsal: begun,
  onCount,
  onLeave,
}: {
  edits: number;
  rehearsal: RehearsalView | null;
  onCount: () => void;
  onLeave: () => void;
}) {
  const handle = useHandle();
  const [rehearsal] = useSubject({
    at: begun === null ? null : route('drift.rehearsal', [handle, begun.run]),
    given: begun,
    moving: (now) => now?.open ?? false,
    every: LOOK_AGAIN,
  });
  return (
    <section
      aria-label="Tried on the last 30 days"
      className="sticky top-0 z-10 mb-4 border border-ink bg-paper px-5 py-4"
    >
      <div className="flex items-center gap-3">
        <p className="flex-1 font-medium" role="status">
          {edits === 0 &&
            'Change a rule below: it is tried on what your suppliers changed in the last 30 days, and nothing counts yet.'}
          {edits > 0 && rehearsal === null && 'Nothing was tried.'}
          {rehearsal?.open === true &&
            `The last 30 days are played again${rehearsal.percent === null ? '' : `: ${String(rehearsal.percent)}%`} …`}
          {rehearsal?.open === false && (rehearsal.trouble ?? rehearsal.sentence)}
        </p>
        {edits > 0 && (
          <Button kind="do" onClick={onCount}>
            Let them count
          </Button>
        )}
        <Button onClick={onLeave}>Leave it</Button>
      </div>
      {rehearsal !== null && rehearsal.rows.length > 0 && <Figures rehearsal={rehearsal} />}
    </section>
  );
}

function Figures({ rehearsal }: { rehearsal: RehearsalView }) {
  return (
    <>
      <table className="mt-3 w-full text-[14px]">
        <thead>
          <tr className="text-left text-mute">
            <th className="pb-1 font-normal">In the last 30 days</th>
            <th className="pb-1 text-right font-normal">it happened</th>
            <th className="pb-1 text-right font-normal">by your rules</th>
            <th className="pb-1 text-right font-normal">as you try them</th>
          </tr>
        </thead>
        <tbody>
          {rehearsal.rows.map((row) => (
            <tr key={row.words} className="border-t border-line">
              <td className="py-1">{row.words}</td>
              <td className="py-1 text-right tabular-nums text-mute">{row.happened}</td>
              <td className="py-1 text-right tabular-nums">{row.now}</td>
              <td className={`py-1 text-right tabular-nums ${row.differs ? 'font-semibold text-you' : ''}`}>
                {row.tried}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rehearsal.pulls.map((pull) => (
        <p key={pull} className="mt-1.5 text-[13px] text-mute">
          {pull}
        </p>
      ))}
      <p className="mt-2 text-[13px] text-mute">
        Prices are made by today’s recipes, fees and rates; who was asked is taken to have said nothing yet, while it
        happened that you did.
      </p>
    </>
  );
}
