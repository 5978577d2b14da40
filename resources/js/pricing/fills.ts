import { MultiBuy } from '@/bench/slots';

MultiBuy.fill(async () => (await import('@/pricing/LadderSheet')).LadderSheet);
