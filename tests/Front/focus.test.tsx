import { act, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { expect, it } from 'vitest';
import { useFocusKept } from '@/frame/useFocusKept';

function Work() {
  useFocusKept();
  const [at, setAt] = useState<'lies' | 'off' | 'shown'>('lies');
  return (
    <main id="work" tabIndex={-1}>
      <section aria-label="What is chosen">
        {at !== 'shown' && (
          <button type="button" disabled={at === 'off'} onClick={() => setAt('off')}>
            Put in the window
          </button>
        )}
        <button type="button" onClick={() => setAt('shown')}>
          It is done
        </button>
        <button type="button" onClick={() => setAt('lies')}>
          It failed
        </button>
      </section>
    </main>
  );
}

const settle = () => act(() => new Promise((done) => setTimeout(done, 60)));

it('gives focus to what stood around a button that went away', async () => {
  render(<Work />);
  const button = screen.getByText('Put in the window');
  button.focus();
  act(() => screen.getByText('It is done').click());
  await settle();
  expect(button.isConnected).toBe(false);
  expect(document.activeElement).toBe(screen.getByLabelText('What is chosen'));
});

it('leaves alone who left of their own will', async () => {
  render(<Work />);
  const button = screen.getByText('Put in the window');
  button.focus();
  button.blur();
  await settle();
  act(() => screen.getByText('It is done').click());
  await settle();
  expect(document.activeElement).toBe(document.body);
});
