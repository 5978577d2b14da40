import { StandsOn } from '@/stall/slots';

StandsOn.fill(async () => (await import('@/opening/Ground')).Ground);
