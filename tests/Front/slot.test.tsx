import { render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { slot } from '@/lib/slot';

it('is empty until somebody fills it, and then shows what stands there with what it is given', async () => {
  const Place = slot<{ name: string }>();
  const { container, rerender } = render(<Place name="Ash" />);
  expect(container.textContent).toBe('');
  Place.fill(() => Promise.resolve(({ name }: { name: string }) => <b>{name} trowel</b>));
  rerender(<Place name="Oak" />);
  expect((await screen.findByText('Oak trowel')).tagName).toBe('B');
});
