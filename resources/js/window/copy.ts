import type { GalleyView, LogoView, LookView, MarginNoteView } from '@/types';

/** The look as it is being decided. */
export type LookDraft = Record<string, unknown> & { name: string; wordmark: string; logo: LogoView | null; colours: string[] };

export interface Showing {
  hidden: boolean;
  on: string;
  from: string;
  until: string;
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
  colours: look.colours,
  ...look.choices,
});

export const draftOfNote = ({ id, kind, settings, showing }: MarginNoteView): SectionDraft => ({
  id,
  kind,
  settings,
  showing: { hidden: showing.hidden, on: showing.on, from: showing.from, until: showing.until },
});

export const copyOf = (galley: GalleyView): Copy => ({ look: draftOfLook(galley.look), sections: galley.notes.map(draftOfNote) });

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
