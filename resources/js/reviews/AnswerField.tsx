interface Props {
  words: string;
  onWords: (words: string) => void;
}

/** Where the stall writes what it answers. */
export function AnswerField({ words, onWords }: Props) {
  return (
    <textarea
      aria-label="Your answer"
      value={words}
      maxLength={1000}
      rows={3}
      onChange={(e) => {
        onWords(e.target.value);
      }}
      className="mb-1.5 w-full rounded-md border border-line bg-white px-3 py-2"
    />
  );
}
