import type { GalleyView, LogoView, LookView, MarginNoteView, SectionKindView } from '@/types/window';

/** The look as it is being decided. */
export type LookDraft = Record<string, unknown> & {
  name: string;
  wordmark: string;
  logo: LogoView | null;
  logoOnDark: LogoView | null;
  colours: string[];
};

export interface Showing {
  hidden: boolean;
  on: string;
  from: string;
  until: string;
  /** Whom it is for: everybody (""), or one half of the shoppers. */
  half: string;
}

export interface SectionDraft {
  id: string;
  kind: string;
  settings: Record<string, unknown>;
  showing: Showing;
}

/** What is being dressed: everything that is sent and can be taken back. */
export interface Copy {
  look: LookDraft;
  sections: SectionDraft[];
}

export const draftOfLook = (look: LookView): LookDraft => ({
  name: look.name,
  wordmark: look.wordmark,
  logo: look.logo,
  logoOnDark: look.logoOnDark,
  colours: look.colours,
  ...look.choices,
});

export const draftOfNote = ({ id, kind, settings, showing }: MarginNoteView): SectionDraft => ({
  id,
  kind,
  settings,
  showing: {
    hidden: showing.hidden,
    on: showing.on,
    from: showing.from,
    until: showing.until,
    half: showing.half,
  },
});

export const copyOf = (galley: GalleyView): Copy => ({
  look: draftOfLook(galley.look),
  sections: galley.notes.map(draftOfNote),
});

/** The same copy with one section changed. */
export function withSection(copy: Copy, id: string, change: (section: SectionDraft) => SectionDraft): Copy {
  return { ...copy, sections: copy.sections.map((s) => (s.id === id ? change(s) : s)) };
}

/** The same with one section moved to stand before another, or at the end. */
export function moved(copy: Copy, id: string, to: number): Copy {
  const from = copy.sections.findIndex((s) => s.id === id);
  const section = copy.sections[from];
  if (!section || to < 0 || to >= copy.sections.length || from === to) return copy;
  const left = copy.sections.filter((s) => s.id !== id);
  return { ...copy, sections: [...left.slice(0, to), section, ...left.slice(to)] };
}

/** A section of that kind as it begins. */
export const newSection = (kind: SectionKindView): SectionDraft => ({
  id: `${kind.key}-${Date.now().toString(36)}`,
  kind: kind.key,
  settings: { ...kind.defaults },
  showing: { hidden: false, on: 'both', from: '', until: '', half: '' },
});

/** The same with a section laid at a place. */
export function laid(copy: Copy, section: SectionDraft, at: number): Copy {
  return { ...copy, sections: [...copy.sections.slice(0, at), section, ...copy.sections.slice(at)] };
}

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/** What differs between two records, as the second has it. */
function changed<T extends object>(before: T, after: T): Partial<T> {
  return Object.fromEntries(
    Object.entries(after).filter(([key, value]) => !same(value, (before as Record<string, unknown>)[key])),
  ) as Partial<T>;
}

/**
 * An earlier step with somebody else's changes carried into it: what they changed between "before" and "after" is as
 * they said it, everything else as it was then. So stepping back never takes theirs away.
 */
export function carried(step: Copy, before: Copy, after: Copy): Copy {
  const was = new Map(before.sections.map((s) => [s.id, s]));
  const left = new Set(after.sections.map((s) => s.id));
  const theirs = new Map(after.sections.map((s) => [s.id, s]));
  const kept = step.sections
    .filter((s) => left.has(s.id) || !was.has(s.id))
    .map((s) => {
      const [old, now] = [was.get(s.id), theirs.get(s.id)];
      if (!old || !now) return s;
      return {
        ...s,
        settings: { ...s.settings, ...changed(old.settings, now.settings) },
        showing: { ...s.showing, ...changed(old.showing, now.showing) },
      };
    });
  const added = after.sections.filter((s) => !was.has(s.id) && !step.sections.some((k) => k.id === s.id));
  const look = { ...step.look, ...changed(before.look, after.look) };
  return added.reduce<Copy>(
    (copy, section) => {
      const above = after.sections[after.sections.findIndex((s) => s.id === section.id) - 1];
      return laid(copy, section, copy.sections.findIndex((s) => s.id === above?.id) + 1);
    },
    { look, sections: kept },
  );
}

/** The page with one of two versions for everybody, and the other gone. */
export const keepHalf = (copy: Copy, half: 'first' | 'second'): Copy => ({
  ...copy,
  sections: copy.sections
    .filter((s) => s.showing.half === '' || s.showing.half === half)
    .map((s) => (s.showing.half === '' ? s : { ...s, showing: { ...s.showing, half: '' } })),
});
