import { History } from '@/bench/slots';
import { OpenedPull } from '@/source/slots';

OpenedPull.fill(async () => (await import('@/drift/RunSheet')).RunSheet);
History.fill(async () => (await import('@/drift/HistorySheet')).HistorySheet);
