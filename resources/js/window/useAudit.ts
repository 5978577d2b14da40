import { useRef, useState } from 'react';
import { send } from '@/lib/http';
import { useAsked } from '@/lib/useAsked';
import { useHandle } from '@/lib/useStall';
import type { AuditView, FindingView } from '@/types/window';
import type { Measures } from '@/window/useSheets';

/** Measuring settles before it is judged. */
const SETTLES = 500;

const NOTHING: AuditView = { findings: [], figures: {}, weighs: '…', weights: [] };

/** What the phone audit finds on the page as it stands; asked again whenever the page was measured anew. */
export function useAudit(page: number | null, measures: Measures | null, saving: boolean) {
  const handle = useHandle();
  const at = page === null ? route('window.audit', handle) : route('window.page.audit', [handle, page]);
  const [waved, setWaved] = useState<string[]>([]);
  // Findings are a help; without them one goes on dressing.
  const { answer } = useAsked<AuditView>(measures === null || saving ? null : { url: at, body: { measures } }, SETTLES);
  const last = useRef(NOTHING);
  if (answer !== null) last.current = answer;
  return {
    audit: { ...last.current, findings: last.current.findings.filter((f) => !waved.includes(f.key)) },
    wave: (finding: FindingView): void => {
      setWaved((all) => [...all, finding.key]);
      void send('POST', `${at}/wave`, { key: finding.key });
    },
  };
}
