import { describe, expect, it, vi } from 'vitest';
import { Refused, send, words } from '@/lib/http';
import { answering } from './answers';

describe('what is sent', () => {
  it('carries the token of the page, decoded, and JSON', async () => {
    document.cookie = `XSRF-TOKEN=${encodeURIComponent('a+b/c=')}`;
    const sent = answering({ json: { ok: true } });
    await expect(send('POST', '/here', { a: 1 })).resolves.toEqual({ ok: true });
    expect(sent[0]).toMatchObject({ url: '/here', method: 'POST', body: { a: 1 } });
    expect(sent[0]?.headers['X-XSRF-TOKEN']).toBe('a+b/c=');
    expect(sent[0]?.headers['Content-Type']).toBe('application/json');
  });

  it('leaves the form of files to the browser', async () => {
    const sent = answering({ json: {} });
    await send('POST', '/here', new FormData());
    expect(sent[0]?.headers).not.toHaveProperty('Content-Type');
  });
});

describe('what is refused', () => {
  it.each([
    [{ errors: { title: ['Too long.'], words: ['Too short.'] }, message: 'Both.' }, 'Too long.'],
    [{ message: 'One of these is gone.' }, 'One of these is gone.'],
    [{ errors: {} }, 'Something went wrong. Nothing you had saved is lost.'],
    [undefined, 'Something went wrong. Nothing you had saved is lost.'],
  ])('%j', async (json, said) => {
    answering({ status: 422, ...(json === undefined ? {} : { json }) });
    const refused = await send('POST', '/here', {}).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Refused);
    expect((refused as Refused).status).toBe(422);
    expect(words(refused)).toBe(said);
  });

  it('says that nothing is lost when nobody answers', async () => {
    answering();
    await expect(send('GET', '/here')).rejects.toThrow('What you typed is still here');
  });

  it('lets whoever gave up know it', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new DOMException('given up', 'AbortError')));
    await expect(send('GET', '/here')).rejects.toThrow('given up');
  });
});
