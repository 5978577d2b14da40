import { useState } from 'react';
import { Button } from '@/ui/Button';

/** What the stall answers; nothing takes back what it answered before. */
export function AnswerForm({ given, onSay }: { given: string; onSay: (words: string) => void }) {
  const [words, setWords] = useState(given);
  return (
    <form
      className="mt-2"
      onSubmit={(e) => {
        e.preventDefault();
        onSay(words);
      }}
    >
      <textarea
        aria-label="Your answer"
        value={words}
        maxLength={1000}
        rows={3}
        onChange={(e) => {
          setWords(e.target.value);
        }}
        className="mb-1.5 w-full rounded-md border border-line bg-white px-3 py-2"
      />
      <Button small type="submit">
        {words.trim() === '' && given !== '' ? 'Take the answer back' : 'Answer it'}
      </Button>
    </form>
  );
}
