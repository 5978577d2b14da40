import { useState } from 'react';
import { AnswerField } from '@/reviews/AnswerField';
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
      <AnswerField words={words} onWords={setWords} />
      <Button small type="submit">
        {words.trim() === '' && given !== '' ? 'Take the answer back' : 'Answer it'}
      </Button>
    </form>
  );
}
