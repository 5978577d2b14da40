import type { MarginNoteView, ReachView, SectionKindView } from '@/types/window';
import { Blank } from '@/window/blanks/Blank';
import type { SectionDraft } from '@/window/copy';

interface Props {
  section: SectionDraft;
  note: MarginNoteView;
  kind: SectionKindView | undefined;
  reach: ReachView;
  sections: SectionDraft[];
  notes: Map<string, MarginNoteView>;
  onSet: (id: string, field: string, value: unknown) => void;
}

/** How a section is set, as a sentence whose parts are edited where they stand. */
export function Sentence({ section, note, kind, reach, sections, notes, onSet }: Props) {
  const places = sections
    .filter((s) => s.id !== section.id)
    .map((s) => ({
      value: s.id,
      label: `${notes.get(s.id)?.label ?? s.kind}: ${notes.get(s.id)?.summary ?? ''}`.slice(0, 60),
    }));
  return (
    <div className="leading-[2.1] text-mute" data-sentence={section.id}>
      <span className="name mr-1 text-[18px] text-ink">{note.label}</span>{' '}
      {note.sentence.map((part, n) => {
        const field = part.field === null ? undefined : kind?.fields.find((f) => f.name === part.field);
        return field === undefined ? (
          <span key={n}>{part.text}</span>
        ) : (
          <span key={field.name} data-blank={field.name}>
            <Blank
              field={field}
              value={section.settings[field.name] ?? field.begin}
              reach={reach}
              places={places}
              onSay={(value) => {
                onSet(section.id, field.name, value);
              }}
            />
          </span>
        );
      })}
      {note.figure !== '' && <span className="ml-2 text-[13px]">{note.figure}</span>}
      {note.stays !== null && <p className="mt-1 bg-ochre-soft px-3 py-1 leading-normal text-ochre">{note.stays}</p>}
    </div>
  );
}
