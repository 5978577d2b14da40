import { act, fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Explained } from '@/ui/Explained';
import { answering } from './answers';

const known = vi.hoisted((): string[] => []);
vi.mock('@/lib/useStall', () => ({ useFrame: () => ({ explained: known }) }));
vi.stubGlobal('route', (name: string) => `/${name}`);

describe('a word that is explained', () => {
  it('is gone for good once it is waved away', async () => {
    const sent = answering({ json: {} });
    render(<Explained term="held" />);
    expect(screen.getByText(/is what you said yourself/)).toBeTruthy();
    await act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Don’t explain it again' }));
      await Promise.resolve();
    });
    expect(screen.queryByText(/is what you said yourself/)).toBeNull();
    expect(sent.map((s) => s.body)).toEqual([{ term: 'held' }]);
  });

  it('isn’t explained to somebody who knows it, while others are', () => {
    known.push('join');
    render(
      <>
        <Explained term="join" />
        <Explained term="put_by" />
      </>,
    );
    expect(document.querySelectorAll('[data-explained]')).toHaveLength(1);
    expect(screen.getByText(/lays listings aside/)).toBeTruthy();
    known.pop();
  });

  it('comes again another time where the server couldn’t be told', async () => {
    answering({ status: 500, json: { message: 'Something went wrong here.' } });
    const { unmount } = render(<Explained term="join" />);
    await act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Don’t explain it again' }));
      await Promise.resolve();
    });
    unmount();
    render(<Explained term="join" />);
    expect(screen.getByText(/makes one listing of several/)).toBeTruthy();
  });
});
