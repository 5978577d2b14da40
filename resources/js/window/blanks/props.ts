import type { ChoiceView } from '@/types/support';
import type { FieldView, ReachView } from '@/types/window';

/** What every blank of a sentence is told. */
export interface BlankProps {
  field: FieldView;
  value: unknown;
  reach: ReachView;
  /** Sections of the page that something can lead to. */
  places: ChoiceView[];
  onSay: (value: unknown) => void;
}
