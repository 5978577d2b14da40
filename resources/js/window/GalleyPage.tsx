import { Head } from '@inertiajs/react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { FindingView, FrontView, GalleyView, ReachView, SectionKindView, WrittenPageView } from '@/types/window';
import { Findings } from '@/window/Findings';
import { GalleyHead } from '@/window/GalleyHead';
import { Margin } from '@/window/Margin';
import { mended } from '@/window/mended';
import { PageHead } from '@/window/PageHead';
import { PageSheet, SCALE } from '@/window/PageSheet';
import { PageTray } from '@/window/PageTray';
import { Ruler } from '@/window/Ruler';
import { Tray } from '@/window/Tray';
import { TrialNote } from '@/window/TrialNote';
import { useAudit } from '@/window/useAudit';
import { useGalley } from '@/window/useGalley';
import { useSheets } from '@/window/useSheets';
import { WideSheets } from '@/window/WideSheets';

interface Props {
  galley: GalleyView;
  kinds: SectionKindView[];
  reach: ReachView;
  /** The front page, or else the written page that is dressed. */
  front: FrontView | null;
  page: WrittenPageView | null;
}

const writing = (node: EventTarget | null): boolean =>
  node instanceof HTMLElement && (node.isContentEditable || node.matches('input, textarea, select'));

/**
 * Dressing a page: the page as a sheet at the left, each section's note in the margin beside it, and in the tray the look,
 * or where a written page stands.
 */
export default function GalleyPage({ galley: given, kinds, reach, front, page }: Props) {
  const [inHand, setInHand] = useState<string | null>(null);
  const [wide, setWide] = useState(false);
  const [load, setLoad] = useState(0);
  const laying = useRef<number[]>([]);
  const galley = useGalley(
    given,
    page?.id ?? null,
    (patch) => {
      sheets.lay(patch);
    },
    () => {
      setLoad((n) => n + 1);
    },
  );
  const sheets = useSheets(given.sheetUrl, {
    onChoose: setInHand,
    onType: (id, field, text) => {
      galley.set(id, field, text);
    },
    onUndo: galley.undo,
    onRedo: galley.redo,
    onLaid: () => {
      const begun = laying.current.shift();
      // For whoever measures how long a change takes to show.
      if (begun !== undefined) performance.measure('galley change', { start: begun, end: performance.now() });
    },
  });
  const { audit, wave } = useAudit(page?.id ?? null, sheets.measures, galley.saving);
  /** Opens a note at a part of its sentence, once it is there. */
  const openAt = (section: string, field: string) => {
    setInHand(section);
    setTimeout(() => {
      document
        .querySelector<HTMLElement>(`[data-sentence="${CSS.escape(section)}"] [data-blank="${field}"] button`)
        ?.click();
    }, 60);
  };
  const mend = (finding: FindingView) => {
    const { mend } = finding;
    if (!mend) return;
    if (mend.do === 'open') openAt(mend.section, mend.field);
    else change(mended(galley.copy, mend, kinds), `mend ${finding.key}`);
  };
  const begin = useCallback(() => {
    laying.current = [performance.now()];
  }, []);

  const { mark } = sheets;
  useEffect(() => {
    mark(inHand);
  }, [inHand, mark]);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !writing(e.target)) {
        e.preventDefault();
        if (e.shiftKey) galley.redo();
        else galley.undo();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  });

  const change: typeof galley.change = (next, what) => {
    begin();
    galley.change(next, what);
  };
  const set: typeof galley.set = (id, field, value) => {
    begin();
    // Words show before they are saved.
    const type = kinds.find((k) => k.key === galley.notes.get(id)?.kind)?.fields.find((f) => f.name === field)?.type;
    if (typeof value === 'string' && (type === 'line' || type === 'text')) sheets.words(id, field, value);
    galley.set(id, field, value);
  };

  const onWide = () => {
    setWide(!wide);
  };

  return (
    <div
      className="flex min-h-0 flex-1 flex-col"
      data-galley
      data-saving={galley.saving}
      data-changes={galley.standing.changes}
    >
      <Head title={page?.title ?? 'Window'} />
      {front && <GalleyHead galley={galley} shopUrl={front.shopUrl} wide={wide} onWide={onWide} />}
      {page && <PageHead galley={galley} page={page} wide={wide} onWide={onWide} />}
      {galley.trouble && (
        <p role="alert" className="mx-6 mb-2 flex-none border-l-4 border-you bg-you-soft px-3 py-2">
          {galley.trouble}
        </p>
      )}
      {audit.findings.some((f) => f.section === null) && (
        <div className="mx-6 mb-2 flex-none">
          <Findings findings={audit.findings.filter((f) => f.section === null)} onMend={mend} onWave={wave} />
        </div>
      )}
      <TrialNote trial={galley.trial} copy={galley.copy} onChange={change} />
      {given.skipped.length > 0 && (
        <p className="mx-6 mb-2 flex-none border-l-4 border-ochre bg-ochre-soft px-3 py-2">
          {`This page had sections of a kind that there isn’t any more (${given.skipped.join(', ')}). They were left out.`}
        </p>
      )}
      <div className="relative flex min-h-0 flex-1 items-start overflow-auto border-t border-line" data-scrolls>
        <Ruler measures={sheets.measures} scale={SCALE} />
        <PageSheet
          key={load}
          name={page === null ? 'The front page' : page.title}
          url={given.sheetUrl}
          measures={sheets.measures}
          frame={sheets.frame('phone')}
        />
        <Margin
          galley={galley}
          kinds={kinds}
          reach={reach}
          measures={sheets.measures}
          scale={SCALE}
          inHand={inHand}
          onHand={setInHand}
          onChange={change}
          onSet={set}
          audit={audit}
          onMend={mend}
          onWave={wave}
        />
        {wide && <WideSheets url={given.sheetUrl} load={load} frame={sheets.frame} />}
      </div>
      {front && <Tray galley={galley} choices={front.choices} audit={audit} onChange={change} />}
      {page && <PageTray page={page} audit={audit} />}
    </div>
  );
}
