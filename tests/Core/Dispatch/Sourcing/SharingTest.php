<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\Sourcing;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Dispatch\Sourcing\Sharing;
use WindowStall\Core\Dispatch\Sourcing\Source;
use WindowStall\Core\Dispatch\Sourcing\SourcedLine;
use WindowStall\Core\Dispatch\Sourcing\SourcingPreference;

/** Which supplier sends which line: what was promised before what is cheap, against trying everything by hand. */
final class SharingTest extends TestCase
{
    private const OAKUM = 1;

    private const KILNFOLD = 2;

    public function test_what_is_dearer_alone_is_cheaper_where_it_goes_in_one_parcel(): void
    {
        $lines = [
            new SourcedLine(1, 1, null, [self::source(11, self::OAKUM, 500, 400, 100), self::source(12, self::KILNFOLD, 450, 300, 50)]),
            new SourcedLine(2, 2, null, [self::source(21, self::OAKUM, 700, 400, 100)]),
        ];
        $shared = Sharing::of($lines, [SourcingPreference::Cheapest], 0);
        // 500 + 1400 + 400 + 2 × 100 = 2500 in one parcel; 450 + 1400 + 300 + 400 + 100 = 2650 in two.
        self::assertSame([[1 => 11, 2 => 21], 2500, 1, 2, true], [
            $shared->best?->variants(),
            $shared->best?->landed(),
            $shared->best?->parcels,
            $shared->tried,
            $shared->exact,
        ]);
    }

    public function test_what_was_promised_goes_before_what_is_cheap(): void
    {
        $line = new SourcedLine(1, 1, '2026-12-03', [
            self::source(11, self::OAKUM, 100, 100, 0, '2026-12-09'),
            self::source(12, self::KILNFOLD, 900, 900, 0, '2026-12-02'),
        ]);
        $shared = Sharing::of([$line], [SourcingPreference::Cheapest], 0);
        self::assertSame([[1 => 12], 0], [$shared->best?->variants(), $shared->best?->late]);
        // Nobody keeps it: then the cheap one.
        $late = new SourcedLine(1, 1, '2026-12-01', $line->sources);
        self::assertSame([1 => 11], Sharing::of([$late], [SourcingPreference::Cheapest], 0)->best?->variants());
    }

    public function test_each_preference_that_would_choose_otherwise_is_a_runner_up_with_its_figures(): void
    {
        $line = new SourcedLine(1, 1, null, [
            self::source(11, self::OAKUM, 500, 100, 0, '2026-12-08', sold: true),
            self::source(12, self::KILNFOLD, 400, 100, 0, '2026-12-09'),
            self::source(13, 3, 900, 100, 0, '2026-12-02'),
        ]);
        $shared = Sharing::of([$line], [SourcingPreference::AsSold], 25);
        self::assertSame(625, $shared->best?->landed());
        self::assertSame(
            ['cheapest' => [12, 525], 'quickest' => [13, 1025]],
            array_map(static fn ($one): array => [$one->variants()[1], $one->landed()], $shared->runnersUp),
        );
        $ordered = Sharing::of([$line], [SourcingPreference::InOrder], 0, [3, self::OAKUM]);
        self::assertSame([1 => 13], $ordered->best?->variants());
    }

    public function test_who_has_too_few_is_left_out_and_what_nobody_has_is_named(): void
    {
        $few = self::source(11, self::OAKUM, 1, 1, 1, pieces: 2);
        $line = new SourcedLine(1, 3, null, [$few, self::source(12, self::KILNFOLD, 900, 900, 900)]);
        self::assertSame([1 => 12], Sharing::of([$line], [SourcingPreference::Cheapest], 0)->best?->variants());
        $shared = Sharing::of([$line, new SourcedLine(2, 3, null, [$few])], [SourcingPreference::Cheapest], 0);
        self::assertSame([null, [2]], [$shared->best, $shared->missing]);
    }

    public function test_beyond_what_is_tried_it_says_so_and_still_keeps_promises(): void
    {
        $lines = [];
        for ($n = 1; $n <= 16; $n++) {
            $lines[] = new SourcedLine($n, 1, '2026-12-03', [
                self::source($n * 10, self::OAKUM, 100, 100, 10, '2026-12-09'),
                self::source($n * 10 + 1, self::KILNFOLD, 300, 100, 10, '2026-12-02'),
            ]);
        }
        $shared = Sharing::of($lines, [SourcingPreference::Cheapest], 0);
        self::assertSame([false, 0], [$shared->exact, $shared->best?->late]);
        self::assertLessThanOrEqual(Sharing::MOST, $shared->tried);
    }

    public function test_it_finds_what_trying_everything_finds(): void
    {
        $by = new Randomizer(new Mt19937(7));
        for ($case = 0; $case < 400; $case++) {
            $lines = self::made($by);
            $handling = $by->getInt(0, 1) * 35;
            foreach ([SourcingPreference::Cheapest, SourcingPreference::Quickest, SourcingPreference::FewestParcels] as $preference) {
                $best = Sharing::of($lines, [$preference], $handling)->best;
                self::assertSame(
                    self::leastByHand($lines, $preference, $handling),
                    [$best?->late, $best?->by($preference), $best?->landed()],
                    $preference->value.' in case '.$case,
                );
            }
        }
    }

    /**
     * @param  list<SourcedLine>  $lines
     * @return array{int, int|string, int} lines too late, what is preferred, and the cost, of the best there is
     */
    private static function leastByHand(array $lines, SourcingPreference $preference, int $handling): array
    {
        $least = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX];
        $total = array_product(array_map(static fn (SourcedLine $line): int => count($line->sources), $lines));
        for ($n = 0; $n < $total; $n++) {
            $rest = $n;
            $late = $cost = 0;
            $by = '';
            $parcels = [];
            foreach ($lines as $line) {
                $source = $line->sources[$rest % count($line->sources)];
                $rest = intdiv($rest, count($line->sources));
                if ($source->pieces < $line->pieces) {
                    continue 2;
                }
                $late += (int) ($line->promised !== null && $source->by > $line->promised);
                $by = max($by, $source->by);
                $cost += $line->pieces * $source->goods;
                for ($piece = 0; $piece < $line->pieces; $piece++) {
                    $parcels[$source->parcel()][] = $source;
                }
            }
            foreach ($parcels as $pieces) {
                // Whichever piece is taken for the first: the dearest way counts.
                $cost += $handling + max(array_map(static fn (int $first): int => array_sum(array_map(
                    static fn (Source $s, int $k): int => $k === $first ? $s->first : $s->further,
                    $pieces,
                    array_keys($pieces),
                )), array_keys($pieces)));
            }
            $preferred = match ($preference) {
                SourcingPreference::Cheapest => $cost,
                SourcingPreference::Quickest => $by,
                default => count($parcels),
            };
            $least = min($least, [$late, $preferred, $cost]);
        }

        return $least;
    }

    /** @return list<SourcedLine> */
    private static function made(Randomizer $by): array
    {
        $lines = [];
        for ($n = 1, $count = $by->getInt(1, 4); $n <= $count; $n++) {
            $sources = [];
            for ($k = 0, $of = $by->getInt(1, 4); $k < $of; $k++) {
                $supplier = $by->getInt(1, 3);
                $sources[] = new Source(
                    variant: $n * 10 + $k,
                    supplier: $supplier,
                    warehouse: ['GB', 'DE'][$by->getInt(0, 1)],
                    pieces: $k === 0 ? 9 : $by->getInt(1, 9),
                    goods: $by->getInt(50, 999),
                    first: $by->getInt(100, 500),
                    further: $by->getInt(0, 100),
                    by: '2026-12-0'.$by->getInt(1, 9),
                );
            }
            $lines[] = new SourcedLine($n, $by->getInt(1, 3), $by->getInt(0, 2) === 0 ? null : '2026-12-05', $sources);
        }

        return $lines;
    }

    private static function source(
        int $variant,
        int $supplier,
        int $goods,
        int $first,
        int $further,
        string $by = '2026-12-02',
        bool $sold = false,
        int $pieces = 9,
    ): Source {
        return new Source($variant, $supplier, 'GB', $pieces, $goods, $first, $further, $by, $sold);
    }
}
