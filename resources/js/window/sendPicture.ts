import { send } from '@/lib/http';
import type { SentLogoView } from '@/types';

/** Sends one of the stall's own pictures and waits until it is made. */
export async function sendPicture(handle: string, file: File): Promise<SentLogoView> {
  const form = new FormData();
  form.append('picture', file);
  let sent = await send<SentLogoView>('POST', route('window.logo', handle), form);
  while (sent.waits) {
    await new Promise((later) => setTimeout(later, 400));
    sent = await send<SentLogoView>('GET', route('window.logo.sent', [handle, sent.id]));
  }
  if (!sent.logo) throw new Error(sent.trouble ?? 'This picture can’t be used.');
  return sent;
}
