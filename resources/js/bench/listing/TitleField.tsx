import { useTyped } from '@/lib/useTyped';

/** The title, said once the field is left. */
export function TitleField({ title, onSay }: { title: string; onSay: (title: string) => Promise<boolean> }) {
  // What isn't taken stays in the field, to be put right or said again.
  const { field } = useTyped(title, onSay);
  return (
    <input
      aria-label="Title"
      data-field="title"
      {...field}
      className="underlined w-full bg-transparent py-0.5 text-[17px] font-semibold focus:bg-you-soft/50"
    />
  );
}
