<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Opening\Steps;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Opening\Steps\Beginning;
use WindowStall\Core\Opening\Steps\FirstStep;
use WindowStall\Core\Opening\Steps\StepsDone;

/** The next step of a new stall, in the order of its work. */
final class StepsTest extends TestCase
{
    public function test_each_beginning_ends_with_an_open_shop_by_way_of_a_rehearsal(): void
    {
        foreach (Beginning::cases() as $begins) {
            $done = [];
            while (($next = (new StepsDone($done))->next($begins, [])) !== null) {
                self::assertNotContains($next, $done);
                self::assertSame(count($done), (new StepsDone($done))->count($begins));
                $done[] = $next;
            }
            self::assertSame([FirstStep::Rehearsal, FirstStep::Open], array_slice($done, -2));
            self::assertLessThan(array_search(FirstStep::Shop, $done, true), array_search(FirstStep::Window, $done, true));
        }
    }

    public function test_who_prints_is_not_sent_to_suppliers_and_who_brings_not_to_print_houses(): void
    {
        self::assertNotContains(FirstStep::Supplier, Beginning::Print->steps());
        self::assertNotContains(FirstStep::Printer, Beginning::Bring->steps());
        self::assertContains(FirstStep::Printer, Beginning::Client->steps());
    }

    public function test_what_is_done_out_of_order_or_left_out_is_passed_by(): void
    {
        $steps = new StepsDone([FirstStep::Supplier, FirstStep::Window]);
        self::assertSame(FirstStep::Goods, $steps->next(Beginning::Bring, []));
        self::assertSame(FirstStep::Shop, $steps->next(Beginning::Bring, [FirstStep::Goods]));
        self::assertSame(2, $steps->count(Beginning::Bring));
        self::assertNull($steps->next(Beginning::Bring, FirstStep::cases()));
    }
}
