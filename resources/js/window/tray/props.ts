import type { LookChoicesView, LookView } from '@/types/window';
import type { LookDraft } from '@/window/copy';

/** What every drawer of the tray is told. */
export interface DrawerProps {
  draft: LookDraft;
  look: LookView;
  choices: LookChoicesView;
  onDecide: (decided: Partial<LookDraft>, what: string) => void;
}
