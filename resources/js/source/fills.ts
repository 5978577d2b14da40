import { MovingHome } from '@/stall/slots';

MovingHome.fill(async () => (await import('@/source/HomeMove')).HomeMove);
