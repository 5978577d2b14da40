import { send } from '@/lib/http';
import { looked } from '@/lib/subject';
import type { SentLogoView } from '@/types/window';

/** Waits until a picture that was sent is made. */
export async function made(handle: string, given: SentLogoView): Promise<SentLogoView> {
  const look = () => send<SentLogoView>('GET', route('window.logo.sent', [handle, given.id]));
  const sent = await looked(given, (now) => now.waits, look, 400);
  if (!sent.logo) throw new Error(sent.trouble ?? 'This picture can’t be used.');
  return sent;
}

/** Sends one of the stall's own pictures, or its logo, and waits until it is made. */
export async function sendPicture(
  handle: string,
  file: File,
  as: 'picture' | 'logo' = 'picture',
): Promise<SentLogoView> {
  const form = new FormData();
  form.append('picture', file);
  form.append('as', as);
  return made(handle, await send<SentLogoView>('POST', route('window.logo', handle), form));
}
