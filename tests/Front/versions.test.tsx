import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { keepHalf, type Copy, type SectionDraft } from '@/window/copy';
import { ShowingLine } from '@/window/ShowingLine';
import { TrialNote } from '@/window/TrialNote';

/** Two versions of a section, each for half of the shoppers. */
const section = (id: string, half = ''): SectionDraft => ({
  id,
  kind: 'story',
  settings: {},
  showing: { hidden: false, on: 'both', from: '', until: '', half },
});
const copy = { look: {}, sections: [section('a', 'first'), section('b', 'second'), section('c')] } as unknown as Copy;

it('keeps one version for everybody, and the other goes', () => {
  const kept = keepHalf(copy, 'second').sections;
  expect(kept.map((s) => [s.id, s.showing.half])).toEqual([
    ['b', ''],
    ['c', ''],
  ]);
  expect(copy.sections).toHaveLength(3);
});

it('says what each brings, and lays the one that is kept', () => {
  const change = vi.fn();
  const trial = { verdict: 'open', words: ['12 orders came from the first.', 'An answer takes about 9 weeks more.'] };
  render(<TrialNote trial={trial} copy={copy} onChange={change} />);
  expect(screen.getByRole('status').textContent).toContain('12 orders came from the first. An answer takes');
  fireEvent.click(screen.getByText('Keep the first'));
  expect(change).toHaveBeenCalledWith(keepHalf(copy, 'first'), 'keep the first');
});

it('says what is to come while they aren’t published, and nothing where there are none', () => {
  render(<TrialNote trial={null} copy={copy} onChange={vi.fn()} />);
  expect(screen.getByRole('status').dataset.trial).toBe('to-come');
  const none = render(<TrialNote trial={null} copy={{ ...copy, sections: [section('c')] }} onChange={vi.fn()} />);
  expect(none.container.textContent).toBe('');
});

it('offers halves for every section but those that are always there', () => {
  const say = vi.fn();
  const line = (always: boolean) =>
    render(
      <ShowingLine
        section={section('a')}
        kind={{ always } as never}
        onShowing={say}
        onCopy={vi.fn()}
        onRemove={vi.fn()}
      />,
    ).container;
  expect(line(true).querySelector('[aria-label="To whom it shows"]')).toBeNull();
  const pick = line(false).querySelector<HTMLSelectElement>('[aria-label="To whom it shows"]');
  if (pick) fireEvent.change(pick, { target: { value: 'second' } });
  expect(say).toHaveBeenCalledWith({ hidden: false, on: 'both', from: '', until: '', half: 'second' });
});
