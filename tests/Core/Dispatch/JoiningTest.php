<?php

declare(strict_types=1);

namespace Tests\Core\Dispatch;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\Joining;

final class JoiningTest extends TestCase
{
    /** @return iterable<string, array{string, int, string|null, string, string|null}> */
    public static function cases(): iterable
    {
        yield 'the stall ends it first' => ['10:00', 15, '10:30', '10:05', '10:15'];
        yield 'the supplier ends it first' => ['10:00', 60, '10:30', '10:05', '10:30'];
        yield 'over for the stall' => ['10:00', 15, '10:30', '10:15', null];
        yield 'over for the supplier' => ['10:00', 60, '10:30', '10:30', null];
        yield 'a second before' => ['10:00', 15, '10:30', '10:14:59', '10:15'];
        yield 'never offered' => ['10:00', 0, '10:30', '10:00', null];
        yield 'a supplier that takes nothing along' => ['10:00', 15, null, '10:00', null];
    }

    #[DataProvider('cases')]
    public function test_both_have_to_wait(string $paid, int $minutes, ?string $waits, string $now, ?string $until): void
    {
        $at = static fn (?string $time): ?DateTimeImmutable => $time === null ? null : new DateTimeImmutable('2026-12-02 '.$time.' UTC');

        self::assertEquals($at($until), Joining::until(
            $at($paid) ?? self::fail(),
            $minutes,
            $at($waits),
            $at($now) ?? self::fail(),
        ));
    }
}
