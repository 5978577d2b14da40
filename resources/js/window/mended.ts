import type { MendView, SectionKindView } from '@/types/window';
import { laid, moved, newSection, withSection, type Copy } from '@/window/copy';

type Row = Record<string, unknown>;

/** The page with what mends a finding done to it; what only a person can say is opened elsewhere. */
export function mended(copy: Copy, mend: MendView, kinds: SectionKindView[]): Copy {
  const rows = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : []);
  switch (mend.do) {
    case 'move-behind': {
      const from = copy.sections.findIndex((s) => s.id === mend.section);
      const other = copy.sections.findIndex((s) => s.id === mend.value);
      return moved(copy, mend.section, from > other ? other + 1 : other);
    }
    case 'hide':
      return withSection(copy, mend.section, (s) => ({ ...s, showing: { ...s.showing, hidden: true } }));
    case 'take-out':
      return withSection(copy, mend.section, (s) => ({
        ...s,
        settings: { ...s.settings, [mend.field]: rows(s.settings[mend.field]).filter((_, n) => n !== mend.row) },
      }));
    case 'lay': {
      const kind = kinds.find((k) => k.key === mend.section);
      const behind = copy.sections.findIndex((s) => s.id === mend.value);
      return kind ? laid(copy, newSection(kind), behind + 1) : copy;
    }
    default:
      return withSection(copy, mend.section, (s) => ({
        ...s,
        settings: {
          ...s.settings,
          [mend.field]:
            mend.row === null
              ? mend.value
              : rows(s.settings[mend.field]).map((row, n) =>
                  n === mend.row ? { ...row, [mend.part]: mend.value } : row,
                ),
        },
      }));
  }
}
