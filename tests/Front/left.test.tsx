import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import LeftPage from '@/opening/LeftPage';
import type { RehearsedView, WhatIsLeftView } from '@/types/opening';

/** What is left before a shop opens: what stops it, the way to mend it, and opening it. */
const turned = vi.fn();
vi.mock('@/lib/turnSign', () => ({ turnSign: (...said: unknown[]) => turned(...said) as unknown }));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
vi.mock('@inertiajs/react', () => ({
  Head: () => null,
  router: { reload: vi.fn() },
  usePoll: () => ({ start: vi.fn(), stop: vi.fn() }),
  Link: ({ href, children }: { href: string; children: React.ReactNode }) => <a href={href}>{children}</a>,
}));

vi.stubGlobal('route', (name: string) => '/' + name);

const never: RehearsedView = {
  when: '',
  running: false,
  broken: false,
  shoppers: [],
  took: '',
  night: '',
  since: [],
};

const left = (other: Partial<WhatIsLeftView>): WhatIsLeftView => ({
  opens: { at: '', words: '' },
  head: 'Quillet could open: one thing stops it, one thing would be a pity.',
  items: [
    {
      stops: true,
      head: 'Payment still runs as a test',
      words: 'Nothing would be paid.',
      href: '/pay',
      here: false,
      button: 'Give it',
    },
    {
      here: false,
      stops: false,
      head: 'Search engines cut 1 title',
      words: 'Twine.',
      href: '/bench',
      button: 'To the bench',
    },
  ],
  stands: ['12 things in the window', 'taxes are said'],
  open: false,
  stops: 1,
  ...other,
});

it('says what stops it before what would be a pity, each with the way to where it is mended', () => {
  const { container } = render(<LeftPage onlookers={[]} rehearsal={never} left={left({})} />);
  expect([...container.querySelectorAll('[data-left]')].map((one) => one.getAttribute('data-left'))).toEqual([
    'stops',
    'pity',
  ]);
  expect(screen.getByText('Give it').getAttribute('href')).toBe('/pay');
  expect(container.textContent).toContain('12 things in the window · taxes are said');
});

it('opens where nothing stops it, and asks first where something does', () => {
  const ready = render(<LeftPage onlookers={[]} rehearsal={never} left={left({ stops: 0, items: [] })} />);
  fireEvent.click(screen.getByText('Open'));
  expect(turned).toHaveBeenCalledWith('quillet', true, true);
  ready.unmount();
  turned.mockClear();
  render(<LeftPage onlookers={[]} rehearsal={never} left={left({})} />);
  expect(screen.queryByText('Open')).toBeNull();
  fireEvent.click(screen.getByText('Open all the same'));
  expect(turned).not.toHaveBeenCalled();
  expect(screen.getByRole('alertdialog').textContent).toContain('Payment still runs as a test.');
});

it('closes one that is open', () => {
  turned.mockClear();
  render(<LeftPage onlookers={[]} rehearsal={never} left={left({ open: true, stops: 0, items: [] })} />);
  fireEvent.click(screen.getByText('Close it'));
  expect(turned).toHaveBeenCalledWith('quillet', false);
});

it('shows what each shopper of a rehearsal did, and where what went wrong is mended', () => {
  const rehearsal: RehearsedView = {
    ...never,
    when: '30 November, 14:06',
    took: 'Two shoppers, 48 seconds',
    since: ['Ireland: stuck at the checkout'],
    shoppers: [
      {
        head: 'Ireland, by bank transfer',
        steps: [
          { at: '0:00', outcome: 'fine', words: 'Front page, there after 0.6 s', read: '', href: '' },
          {
            at: '0:08',
            outcome: 'broken',
            words: 'Nothing is sent to it.',
            read: 'We can’t send it.',
            href: '/delivery',
          },
        ],
      },
    ],
  };
  const { container } = render(<LeftPage onlookers={[]} rehearsal={rehearsal} left={left({})} />);
  expect([...container.querySelectorAll('[data-step]')].map((one) => one.getAttribute('data-step'))).toEqual([
    'fine',
    'broken',
  ]);
  expect(screen.getByText('Where it is mended').getAttribute('href')).toBe('/delivery');
  expect(container.textContent).toContain('Broke since the one before: Ireland: stuck at the checkout.');
  expect(screen.getByText('again')).toBeTruthy();
});
