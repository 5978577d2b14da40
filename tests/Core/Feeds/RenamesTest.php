<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Feeds;

use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\Renames;

final class RenamesTest extends TestCase
{
    public function test_renamed_columns_are_recognised_by_name_and_content(): void
    {
        $renames = Renames::between(
            Samples::mapping(),
            $this->header(['Article' => 'Article no', 'Trade price' => 'Net price', 'Free stock' => 'Available']),
            Samples::ROWS,
        );
        self::assertSame(
            ['Article' => 'Article no', 'Trade price' => 'Net price', 'Free stock' => 'Available'],
            $renames->found,
        );
        self::assertSame([], $renames->lost);
        $renamed = Samples::mapping()->renamed($renames->found);
        self::assertSame('Net price', $renamed->columns[6]->name);
        self::assertEquals($renamed, Mapping::fromArray($renamed->toArray()), 'and survive being kept');
    }

    public function test_nothing_is_taken_over_by_what_isnt_sure(): void
    {
        $renames = Renames::between(Samples::mapping(), $this->header(['Trade price' => 'X7']), Samples::ROWS);
        self::assertSame([], $renames->found);
        self::assertSame(['Trade price'], array_map(static fn ($c): string => $c->name, $renames->fatal()));
    }

    public function test_a_column_one_can_do_without_is_lost_but_not_fatal(): void
    {
        $renames = Renames::between(Samples::mapping(), $this->header(['RRP' => 'Q']), Samples::ROWS);
        self::assertSame([1, []], [count($renames->lost), $renames->fatal()]);
    }

    /**
     * @param  array<string, string>  $renames
     * @return list<string>
     */
    private function header(array $renames): array
    {
        return array_map(static fn (string $name): string => $renames[$name] ?? $name, Samples::HEADER);
    }
}
