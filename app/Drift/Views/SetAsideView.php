<?php

declare(strict_types=1);

namespace WindowStall\Drift\Views;

use WindowStall\Drift\Deciding\SetAsideEffect;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** A pull that was set aside: what was amiss in it, what it would have done, and how the ones before it were. */
final readonly class SetAsideView
{
    /** So many pulls are shown beside it. */
    private const BEFORE = 4;

    /**
     * @param  string  $headline  the supplier and what weighs most
     * @param  list<string>  $more  what else was amiss
     * @param  string  $effect  what would have become of listings and orders
     * @param  list<string>  $samples  what, before → after
     * @param  list<string>  $missing  titles of goods that didn't come
     * @param  list<int>  $counts  goods of the pulls before, oldest first, and of this one
     */
    public function __construct(
        public int $run,
        public int $connection,
        public string $headline,
        public array $more,
        public string $effect,
        public array $samples,
        public array $missing,
        public array $counts,
    ) {
    }

    /** @return list<self> newest first */
    public static function all(Stall $stall): array
    {
        $names = SupplierConnection::of($stall)->pluck('name', 'id');
        $runs = Run::of($stall)->where('state', RunState::SetAside)->latest('id')->get();

        return array_values($runs->map(
            static fn (Run $run): self => self::of($run, (string) $names->get($run->connection_id)),
        )->all());
    }

    private static function of(Run $run, string $supplier): self
    {
        /** @var list<array{words: string, samples: list<string>}> $suspicions */
        $suspicions = $run->subject['suspicions'] ?? [];
        $words = array_column($suspicions, 'words');
        /** @var list<string> $missing */
        $missing = $run->subject['missing'] ?? [];

        return new self(
            run: $run->id,
            connection: (int) $run->connection_id,
            headline: sprintf('%s: %s', $supplier, lcfirst((string) array_shift($words))),
            more: $words,
            effect: 'Nothing of it was used. '.SetAsideEffect::of($run)->words(),
            samples: array_merge(...array_column($suspicions, 'samples')),
            missing: $missing,
            counts: self::counts($run),
        );
    }

    /** @return list<int> */
    private static function counts(Run $run): array
    {
        $before = Run::query()
            ->where('connection_id', $run->connection_id)
            ->where('kind', 'pull')
            ->where('id', '<', $run->id)
            ->where('state', RunState::Done)
            ->whereNotNull('total')
            ->whereNull('subject->item')
            ->latest('id')
            ->limit(self::BEFORE)
            ->pluck('counts');
        $goods = static fn (array $counts): int => ($counts['new'] ?? 0) +
            ($counts['changed'] ?? 0) +
            ($counts['same'] ?? 0);

        return [...array_reverse(array_map($goods, array_values($before->all()))), $goods($run->counts)];
    }
}
