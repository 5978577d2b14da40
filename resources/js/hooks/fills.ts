import { MoreSettings } from '@/stall/slots';

MoreSettings.fill(async () => (await import('@/hooks/Hooks')).Hooks);
