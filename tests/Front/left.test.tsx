import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import LeftPage from '@/opening/LeftPage';
import type { WhatIsLeftView } from '@/types/opening';

/** What is left before a shop opens: what stops it, the way to mend it, and opening it. */
const turned = vi.fn();
vi.mock('@/lib/turnSign', () => ({ turnSign: (...said: unknown[]) => turned(...said) as unknown }));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
vi.mock('@inertiajs/react', () => ({
  Head: () => null,
  Link: ({ href, children }: { href: string; children: React.ReactNode }) => <a href={href}>{children}</a>,
}));

const left = (other: Partial<WhatIsLeftView>): WhatIsLeftView => ({
  opens: { at: '', words: '' },
  head: 'Quillet could open: one thing stops it, one thing would be a pity.',
  items: [
    {
      stops: true,
      head: 'Payment still runs as a test',
      words: 'Nothing would be paid.',
      href: '/pay',
      button: 'Give it',
    },
    { stops: false, head: 'Search engines cut 1 title', words: 'Twine.', href: '/bench', button: 'To the bench' },
  ],
  stands: ['12 things in the window', 'taxes are said'],
  open: false,
  stops: 1,
  ...other,
});

it('says what stops it before what would be a pity, each with the way to where it is mended', () => {
  const { container } = render(<LeftPage left={left({})} />);
  expect([...container.querySelectorAll('[data-left]')].map((one) => one.getAttribute('data-left'))).toEqual([
    'stops',
    'pity',
  ]);
  expect(screen.getByText('Give it').getAttribute('href')).toBe('/pay');
  expect(container.textContent).toContain('12 things in the window · taxes are said');
});

it('opens where nothing stops it, and asks first where something does', () => {
  const ready = render(<LeftPage left={left({ stops: 0, items: [] })} />);
  fireEvent.click(screen.getByText('Open'));
  expect(turned).toHaveBeenCalledWith('quillet', true);
  ready.unmount();
  turned.mockClear();
  render(<LeftPage left={left({})} />);
  expect(screen.queryByText('Open')).toBeNull();
  fireEvent.click(screen.getByText('Open all the same'));
  expect(turned).not.toHaveBeenCalled();
  expect(screen.getByRole('alertdialog').textContent).toContain('Payment still runs as a test.');
});

it('closes one that is open', () => {
  turned.mockClear();
  render(<LeftPage left={left({ open: true, stops: 0, items: [] })} />);
  fireEvent.click(screen.getByText('Close it'));
  expect(turned).toHaveBeenCalledWith('quillet', false);
});
