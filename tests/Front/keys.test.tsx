import { act, render, renderHook, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { OTHERS, SINGLE, useSingleKeys } from '@/lib/keys';
import { Sheet } from '@/ui/Sheet';
import { useState } from 'react';

const frame = vi.hoisted(() => ({ singleKeys: true }));
vi.mock('@inertiajs/react', () => ({ usePage: () => ({ props: { frame } }) }));

const press = (key: string, on: EventTarget = document.body) =>
  act(() => void on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true })));

describe('keys of one letter', () => {
  it('act anywhere but where somebody writes', () => {
    const peek = vi.fn();
    renderHook(() => useSingleKeys({ peek }));
    press('p');
    expect(peek).toHaveBeenCalledTimes(1);
    for (const tag of ['input', 'textarea', 'select']) {
      press('p', document.body.appendChild(document.createElement(tag)));
    }
    expect(peek).toHaveBeenCalledTimes(1);
  });

  it('do nothing once they are turned off', () => {
    const peek = vi.fn();
    frame.singleKeys = false;
    renderHook(() => useSingleKeys({ peek }));
    press('p');
    expect(peek).not.toHaveBeenCalled();
    frame.singleKeys = true;
  });

  it('mean one thing each on a screen, and each is told of', () => {
    const keys = Object.values(SINGLE).map((k) => k.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect([...Object.values(SINGLE), ...OTHERS].every((k) => k.does !== '' && k.where !== '')).toBe(true);
  });
});

describe('a sheet that opens without a trigger', () => {
  function Work() {
    const [open, setOpen] = useState(false);
    const [there, setThere] = useState(true);
    return (
      <main>
        <h1>Work</h1>
        {there && (
          <button type="button" onClick={() => setOpen(true)}>
            Look
          </button>
        )}
        <Sheet open={open} title="Closer" onClose={() => setOpen(false)}>
          <button type="button" onClick={() => setThere(false)}>
            Take it away
          </button>
        </Sheet>
      </main>
    );
  }
  const begin = () => {
    render(<Work />);
    const look = screen.getByRole('button', { name: 'Look' });
    act(() => look.focus());
    act(() => look.click());
    return look;
  };
  const close = async () => {
    act(() => screen.getByRole('button', { name: 'Close' }).click());
    await act(() => new Promise((done) => setTimeout(done, 20)));
  };

  it('puts focus back where it was', async () => {
    const look = begin();
    expect(screen.getByRole('dialog').contains(document.activeElement)).toBe(true);
    await close();
    expect(document.activeElement).toBe(look);
  });

  it('puts it on the heading where what was there is gone', async () => {
    begin();
    act(() => screen.getByRole('button', { name: 'Take it away' }).click());
    await close();
    expect(document.activeElement?.textContent).toBe('Work');
  });
});
