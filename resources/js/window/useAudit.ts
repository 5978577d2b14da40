import { useEffect, useRef, useState } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { AuditView, FindingView } from '@/types/window';
import type { Measures } from '@/window/useSheets';

/** Measuring settles before it is judged. */
const SETTLES = 500;

/** What the phone audit finds on the page as it stands; asked again whenever the page was measured anew. */
export function useAudit(page: number | null, measures: Measures | null, saving: boolean) {
  const handle = useHandle();
  const at = page === null ? route('window.audit', handle) : route('window.page.audit', [handle, page]);
  const [audit, setAudit] = useState<AuditView>({ findings: [], figures: {}, weighs: '…', weights: [] });
  const asked = useRef(0);
  useEffect(() => {
    if (measures === null || saving) return;
    const timer = setTimeout(() => {
      const mine = ++asked.current;
      send<AuditView>('POST', at, { measures })
        .then((found) => {
          if (mine === asked.current) setAudit(found);
        })
        // Findings are a help; without them one goes on dressing.
        .catch(() => undefined);
    }, SETTLES);
    return () => {
      clearTimeout(timer);
    };
  }, [measures, saving, at]);

  return {
    audit,
    wave: (finding: FindingView): void => {
      setAudit((now) => ({ ...now, findings: now.findings.filter((f) => f.key !== finding.key) }));
      void send('POST', `${at}/wave`, { key: finding.key });
    },
  };
}
