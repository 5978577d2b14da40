import type { MendView } from '@/types';
import { moved, withSection, type Copy } from '@/window/copy';

type Row = Record<string, unknown>;

/** The page with what mends a finding done to it. */
export function mended(copy: Copy, mend: MendView): Copy {
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
    case 'drop':
      return withSection(copy, mend.section, (s) => ({
        ...s,
        settings: {
          ...s.settings,
          [mend.field]: (Array.isArray(s.settings[mend.field]) ? (s.settings[mend.field] as unknown[]) : []).filter(
            (v) => v !== mend.value,
          ),
        },
      }));
    default:
      return withSection(copy, mend.section, (s) => ({
        ...s,
        settings: {
          ...s.settings,
          [mend.field]:
            mend.row === null
              ? mend.value
              : rows(s.settings[mend.field]).map((row, n) => (n === mend.row ? { ...row, words: mend.value } : row)),
        },
      }));
  }
}
