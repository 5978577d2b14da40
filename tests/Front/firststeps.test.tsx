import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { CHANGED } from '@/lib/http';
import { NextStep } from '@/opening/NextStep';
import { Onlookers } from '@/opening/Onlookers';
import SeenPage from '@/opening/SeenPage';

/** The parts around an opening shop: its next step, who may look in, and how its pages are seen elsewhere. */
const sent = vi.fn();
const reload = vi.fn();
vi.mock('@/lib/http', async (real) => ({
  ...(await real<typeof import('@/lib/http')>()),
  send: (...said: unknown[]) => sent(...said) as unknown,
}));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));
vi.mock('@inertiajs/react', () => ({
  Head: () => null,
  router: { reload: (of: unknown) => reload(of) as unknown },
  Link: ({ href, children, ...rest }: { href: string; children: React.ReactNode }) => (
    <a href={href} {...rest}>
      {children}
    </a>
  ),
}));
beforeEach(() => {
  sent.mockReset().mockResolvedValue([]);
  reload.mockReset();
  vi.stubGlobal('route', (name: string, of: unknown) => name + ' ' + String(of));
});

it('asks first what the stall begins with', () => {
  render(<NextStep next={{ step: '', words: '', href: '', how: '' }} />);
  fireEvent.click(screen.getByText('Goods printed to order'));
  expect(sent).toHaveBeenCalledWith('PUT', 'opening.begins quillet', { with: 'print' });
});

it('leads to the next step, lets it be left out, and looks again once something was changed', async () => {
  render(
    <NextStep next={{ step: 'who', words: 'Say who runs the shop', href: '/pages', how: '5 of 9 steps are done' }} />,
  );
  expect(screen.getByText('Say who runs the shop').getAttribute('href')).toBe('/pages');
  fireEvent.click(screen.getByText('Leave it out'));
  expect(sent).toHaveBeenCalledWith('PUT', 'opening.skipped quillet', { step: 'who' });
  window.dispatchEvent(new Event(CHANGED));
  window.dispatchEvent(new Event(CHANGED));
  await waitFor(() => expect(reload).toHaveBeenCalledTimes(1));
});

it('lets somebody look in, and takes it back singly', async () => {
  const ines = { id: 7, name: 'Ines', code: 'ZM7V-J37R-DVZS', address: 'http://shop/look-in/x', seen: '' };
  sent.mockResolvedValueOnce([ines]);
  render(<Onlookers onlookers={[]} />);
  fireEvent.change(screen.getByLabelText('Who is it for?'), { target: { value: 'Ines' } });
  fireEvent.submit(screen.getByText('Let them look in'));
  await screen.findByText('ZM7V-J37R-DVZS');
  expect(sent).toHaveBeenCalledWith('POST', 'opening.onlookers.let-in quillet', { name: 'Ines' });
  fireEvent.click(screen.getByText('Take it back'));
  await waitFor(() => expect(screen.queryByText('Ines')).toBeNull());
  expect(sent).toHaveBeenLastCalledWith('DELETE', 'opening.onlookers.take-back quillet,7');
});

it('says what could be better of each page, and leads to where', () => {
  const cut = { title: 'Twine', words: '', titleCut: false, wordsCut: false, address: '/goods/twine' };
  render(
    <SeenPage
      seen={{
        head: '1 of 2 pages could be shown better',
        about: 'Read on 2 Dec.',
        pages: [
          {
            cut,
            picture: false,
            amiss: ['no words describe it', 'no picture goes along when it is shared'],
            href: '/bench',
          },
          { cut: { ...cut, address: '/', words: 'Tools.' }, picture: true, amiss: [], href: '/window' },
        ],
      }}
    />,
  );
  expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('1 of 2 pages could be shown better');
  expect(screen.getByText('No words describe it, no picture goes along when it is shared.')).toBeTruthy();
  expect(screen.getByText('Mend it').getAttribute('href')).toBe('/bench');
});
