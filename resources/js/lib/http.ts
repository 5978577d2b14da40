import { inTurn } from '@/lib/inTurn';

/** What the server refused, in its own words. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly status: number,
  ) {
    super(message);
  }
}

/** Told to the window once the workshop took a change. */
export const CHANGED = 'workshop:changed';

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/**
 * Sends JSON (or a form with files) to the workshop and gives the JSON that comes back. What saves a field (PUT, PATCH)
 * goes one after the other.
 * @throws Refused with a sentence for the person at the screen
 */
export function send<T>(method: Method, url: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const call = () => ask<T>(method, url, body, signal);
  return method === 'PUT' || method === 'PATCH' ? inTurn(call) : call();
}

async function ask<T>(method: Method, url: string, body: unknown, signal: AbortSignal | undefined): Promise<T> {
  const token = decodeURIComponent(/(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
  const form = body instanceof FormData;
  let answer: Response;
  try {
    answer = await fetch(url, {
      method,
      signal,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        'X-XSRF-TOKEN': token,
        ...(body !== undefined && !form ? { 'Content-Type': 'application/json' } : {}),
      },
      body: body === undefined ? undefined : form ? body : JSON.stringify(body),
    });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new Refused('The workshop doesn’t answer. What you typed is still here; try again in a moment.', 0);
  }
  const said: unknown = await answer.json().catch(() => null);
  if (!answer.ok) throw new Refused(sentence(said), answer.status);
  if (method !== 'GET') window.dispatchEvent(new Event(CHANGED));
  return said as T;
}

function sentence(said: unknown): string {
  if (said && typeof said === 'object') {
    const errors =
      'errors' in said && said.errors && typeof said.errors === 'object'
        ? Object.values(said.errors as Record<string, string[]>)
        : [];
    const first = errors[0]?.[0];
    if (first) return first;
    if ('message' in said && typeof said.message === 'string') return said.message;
  }
  return 'Something went wrong. Nothing you had saved is lost.';
}

export function words(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong.';
}
