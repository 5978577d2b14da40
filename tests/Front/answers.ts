import { vi } from 'vitest';

export interface Sent {
  url: string;
  method: string;
  body: Record<string, unknown> | null;
  headers: Record<string, string>;
}

/** Stands in for the server: answers in turn, and keeps what it was sent. */
export function answering(...answers: { status?: number; json?: unknown; wait?: Promise<void> }[]): Sent[] {
  const sent: Sent[] = [];
  const left = [...answers];
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    sent.push({
      url,
      method: init.method ?? 'GET',
      body: typeof init.body === 'string' ? (JSON.parse(init.body) as Record<string, unknown>) : null,
      headers: init.headers as Record<string, string>,
    });
    const answer = left.shift();
    if (!answer) throw new TypeError('No answer is left.');
    await answer.wait;
    return new Response(answer.json === undefined ? 'no json' : JSON.stringify(answer.json), {
      status: answer.status ?? 200,
    });
  });
  return sent;
}
