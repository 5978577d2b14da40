import type { FindingView } from '@/types/window';

interface Props {
  findings: FindingView[];
  onMend: (finding: FindingView) => void;
  onWave: (finding: FindingView) => void;
}

const LINK = 'font-medium underline underline-offset-3 hover:text-ink';

/** What was found, where it belongs: the figure, why it matters, what mends it. */
export function Findings({ findings, onMend, onWave }: Props) {
  return (
    <>
      {findings.map((finding) => (
        <p
          key={finding.key}
          data-finding={finding.key}
          title={finding.why}
          className="mt-1.5 bg-ochre-soft px-3 py-1.5 text-[13px] leading-snug text-ochre"
        >
          <span className="font-semibold">{finding.words}</span> {finding.why}{' '}
          <span className="inline-flex gap-3 whitespace-nowrap">
            {finding.mend && (
              <button
                type="button"
                className={LINK}
                onClick={() => {
                  onMend(finding);
                }}
              >
                {finding.mend.words}
              </button>
            )}
            <button
              type="button"
              className={LINK}
              onClick={() => {
                onWave(finding);
              }}
            >
              leave it
            </button>
          </span>
        </p>
      ))}
    </>
  );
}
