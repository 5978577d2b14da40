<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\SupplierOrderState as State;

final class SupplierOrderStateTest extends TestCase
{
    public function test_news_only_ever_moves_an_order_forward(): void
    {
        self::assertTrue(State::ToSend->canBecome(State::Sent));
        self::assertTrue(State::Sent->canBecome(State::Posted), 'news in between may be lost');
        self::assertFalse(State::Posted->canBecome(State::Accepted), 'late news changes nothing');
        self::assertFalse(State::Accepted->canBecome(State::Accepted), 'nor does news that comes twice');
        self::assertFalse(State::Posted->canBecome(State::Refused), 'what is posted can’t be refused');
        self::assertFalse(State::Refused->canBecome(State::Accepted));
    }

    public function test_only_what_is_under_way_is_asked_after(): void
    {
        self::assertSame(
            [State::Sent, State::Accepted],
            array_values(array_filter(State::cases(), static fn (State $s): bool => $s->open())),
        );
    }
}
