import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { GalleyView, MarginNoteView, PatchView, SavedCopyView } from '@/types/window';
import { withSection } from '@/window/copy';
import { useGalley } from '@/window/useGalley';
import { useSheets } from '@/window/useSheets';
import { answering } from './answers';

const toast = vi.hoisted(() => vi.fn());
vi.mock('sonner', () => ({ toast }));
vi.mock('@/lib/useStall', () => ({ useHandle: () => 'quillet' }));

const note = (id: string, words: string): MarginNoteView => ({
  id,
  kind: 'words',
  label: 'Words',
  summary: words,
  figure: '',
  stays: null,
  sentence: [],
  settings: { words },
  showing: { hidden: false, on: 'both', from: '', until: '', half: '', words: '' },
});
const standing = (changes: number) => ({ changes, words: '', sample: '', due: null, dueId: null });
const look = { name: 'Barrow', wordmark: 'Q', logo: null, logoOnDark: null, colours: ['#000000'], choices: {} };
const galley = (version = 1, words = 'first'): GalleyView =>
  ({
    version,
    look,
    notes: [note('a', words), note('b', 'second')],
    standing: standing(0),
    sheetUrl: '',
    skipped: [],
  }) as unknown as GalleyView;
const patch = { places: { main: ['a', 'b'] }, html: {}, css: null, sheet: '', classes: '' } as PatchView;
const saved = (version: number, more: Partial<SavedCopyView> = {}) => ({
  json: { version, notes: [], look: null, standing: standing(1), patch, meeting: null, merged: null, ...more },
});

const dressing = (page: number | null = null) => {
  const laid: PatchView[] = [];
  const reload = vi.fn();
  const hook = renderHook(() => useGalley(galley(), page, (p) => laid.push(p), reload));
  const settle = () => act(() => new Promise((done) => setTimeout(done, 0)));
  return { hook, laid, reload, settle, now: () => hook.result.current };
};

describe('dressing a page', () => {
  it('saves each change from the version it was made on, one after the other', async () => {
    let answer: () => void = () => undefined;
    const wait = new Promise<void>((done) => {
      answer = done;
    });
    const sent = answering({ ...saved(2), wait }, saved(3));
    const { hook, settle, laid, now } = dressing();
    act(() => hook.result.current.set('a', 'words', 'one'));
    await settle();
    act(() => hook.result.current.set('a', 'words', 'one, two'));
    act(() => hook.result.current.set('b', 'words', 'three'));
    await settle();
    expect([sent.length, now().saving]).toEqual([1, true]);
    answer();
    await settle();
    await settle();
    expect(
      sent.map((s) => s.body?.version),
      'what came meanwhile goes together',
    ).toEqual([1, 2]);
    expect(JSON.stringify(sent[1]?.body)).toContain('one, two');
    expect([laid.length, now().saving, now().standing.changes]).toEqual([2, false, 1]);
  });

  it('takes typing on as one step back, and goes there and back again', async () => {
    const sent = answering(...[2, 3, 4, 5, 6].map((n) => saved(n)));
    const { now, settle } = dressing();
    const words = () => now().copy.sections.map((s) => s.settings.words);
    act(() => now().set('a', 'words', 'o'));
    act(() => now().set('a', 'words', 'on'));
    act(() => now().set('b', 'words', 'two'));
    expect(words()).toEqual(['on', 'two']);
    act(() => now().undo());
    expect(words()).toEqual(['on', 'second']);
    act(() => now().undo());
    expect([words(), now().canUndo]).toEqual([['first', 'second'], false]);
    act(() => now().redo());
    expect([words(), now().canRedo]).toEqual([['on', 'second'], true]);
    await settle();
    expect(sent.at(-1)?.body?.sections).toHaveLength(2);
  });

  it('says what was refused, and goes on with what is typed next', async () => {
    const sent = answering({ status: 422, json: { message: 'Too long.' } }, saved(2));
    const { now, settle } = dressing();
    act(() => now().set('a', 'words', 'x'));
    await settle();
    expect(now().trouble).toBe('Too long.');
    act(() => now().set('a', 'words', 'y'));
    await settle();
    expect([now().trouble, sent[1]?.body?.version]).toEqual([null, 1]);
  });

  it('lays somebody else’s changes under one’s own, in every step back too', async () => {
    const merged = {
      look: {},
      sections: [
        { id: 'a', kind: 'words', settings: { words: 'mine' }, showing: {} },
        { id: 'b', kind: 'words', settings: { words: 'theirs' }, showing: {} },
      ],
    };
    answering(saved(5, { merged, meeting: 'Bram changed the words.' }), saved(6));
    const { now, settle } = dressing();
    act(() => now().set('a', 'words', 'mine'));
    await settle();
    expect(toast).toHaveBeenCalledWith('Bram changed the words.', expect.anything());
    act(() => now().undo());
    expect(now().copy.sections.map((s) => s.settings.words)).toEqual(['first', 'theirs']);
  });

  it('publishes after what is still being saved, and stands as the server says', async () => {
    const sent = answering(saved(2), { json: { ...galley(2), standing: standing(0) } });
    const { now, settle, reload } = dressing();
    act(() => now().set('a', 'words', 'x'));
    await act(() =>
      now()
        .publish()
        .then(() => undefined),
    );
    await settle();
    expect(sent.map((s) => s.url.split('/')[1])).toEqual(['window.save', 'window.publish']);
    expect([now().standing.changes, reload.mock.calls.length]).toEqual([0, 0]);
  });

  it('goes back to a version as to a new page', async () => {
    answering({ json: galley(9, 'then') });
    const { now, reload } = dressing();
    await act(() =>
      now()
        .back(4)
        .then(() => undefined),
    );
    expect(now().copy.sections[0]?.settings.words).toBe('then');
    expect([reload.mock.calls.length, now().canUndo]).toEqual([1, true]);
  });

  it('saves a written page to itself, without a look, and drafts and shows it', async () => {
    const sent = answering(saved(2), { json: galley(3, 'drafted') }, { json: galley(3) });
    const { now, settle, reload } = dressing(7);
    act(() =>
      now().change(
        withSection(now().copy, 'a', (s) => ({ ...s, settings: { words: 'p' } })),
        'typing',
      ),
    );
    await settle();
    await act(() =>
      now()
        .draft()
        .then(() => undefined),
    );
    expect([now().copy.sections[0]?.settings.words, reload.mock.calls.length]).toEqual(['drafted', 1]);
    await act(() =>
      now()
        .show(true)
        .then(() => undefined),
    );
    expect(sent.map((s) => s.url)).toEqual([
      '/window.page.save/["quillet",7]',
      '/window.page.draft/["quillet",7]',
      '/window.page.publish/["quillet",7]',
    ]);
    expect([Object.keys(sent[0]?.body ?? {}).sort(), sent[2]?.body]).toEqual([
      ['sections', 'version'],
      { shown: true },
    ]);
  });

  it('says when publishing was refused and keeps what was typed', async () => {
    answering({ status: 422, json: { message: 'Nothing stands on it yet.' } });
    const { now } = dressing(7);
    let done: boolean | undefined;
    await act(async () => {
      done = await now().show(true);
    });
    expect([done, now().trouble]).toEqual([false, 'Nothing stands on it yet.']);
  });
});

describe('the sheets that show the page', () => {
  const URL = 'http://quillet.shops.localhost/preview';
  const sheets = () => {
    const heard = { onChoose: vi.fn(), onType: vi.fn(), onUndo: vi.fn(), onRedo: vi.fn(), onLaid: vi.fn() };
    const hook = renderHook(() => useSheets(URL, heard));
    const frame = document.body.appendChild(document.createElement('iframe'));
    const got: unknown[] = [];
    vi.spyOn(frame.contentWindow as Window, 'postMessage').mockImplementation(((message: unknown, origin: unknown) => {
      got.push([message, origin]);
    }) as Window['postMessage']);
    act(() => hook.result.current.frame('phone')(frame));
    const say = (data: unknown, origin = 'http://quillet.shops.localhost', source = frame.contentWindow) =>
      act(() => void window.dispatchEvent(new MessageEvent('message', { data, origin, source })));
    return { hook, heard, got, say, frame };
  };

  it('hear their own shop only', () => {
    const { heard, say } = sheets();
    say({ galley: 'chose', id: 'a' }, 'http://elsewhere.example');
    say({ galley: 'chose', id: 'a' }, undefined, window);
    expect(heard.onChoose).not.toHaveBeenCalled();
    say({ galley: 'chose', id: 'a' });
    say({ galley: 'typed', id: 'a', field: 'words', text: 'x' });
    say({ galley: 'undo' });
    say({ galley: 'redo' });
    say({ galley: 'laid' });
    expect(heard.onChoose).toHaveBeenCalledWith('a');
    expect(heard.onType).toHaveBeenCalledWith('a', 'words', 'x');
    expect([heard.onUndo, heard.onRedo, heard.onLaid].map((f) => f.mock.calls.length)).toEqual([1, 1, 1]);
  });

  it('are told of patches and words once they are ready, and of what is in hand at once', () => {
    const { hook, got, say } = sheets();
    act(() => hook.result.current.lay(patch));
    act(() => hook.result.current.mark('b'));
    expect(got).toEqual([]);
    say({ galley: 'ready' });
    act(() => hook.result.current.words('a', 'words', 'x'));
    act(() => hook.result.current.lay(patch));
    expect(got).toEqual([
      [{ galley: 'mark', id: 'b' }, 'http://quillet.shops.localhost'],
      [{ galley: 'words', id: 'a', field: 'words', text: 'x' }, 'http://quillet.shops.localhost'],
      [{ galley: 'lay', ...patch }, 'http://quillet.shops.localhost'],
    ]);
  });

  it('measure by the phone, and are forgotten when they go', () => {
    const { hook, say, got } = sheets();
    const measures = { width: 390, height: 900, sections: [], goods: [], bytes: {} };
    say({ galley: 'measured', measures });
    expect(hook.result.current.measures).toEqual(measures);
    say({ galley: 'ready' });
    act(() => hook.result.current.frame('phone')(null));
    const before = got.length;
    act(() => hook.result.current.lay(patch));
    expect(got).toHaveLength(before);
  });

  it('are held by the same function each time', () => {
    const { hook } = sheets();
    const first = hook.result.current.frame('wide');
    hook.rerender();
    expect(hook.result.current.frame('wide')).toBe(first);
  });
});
