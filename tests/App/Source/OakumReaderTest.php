<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Source\Connectors\Oakum\OakumReader;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Tests\App\AppTestCase;

final class OakumReaderTest extends AppTestCase
{
    private const VARIANT = [
        'id' => 'v',
        'sku' => 's',
        'barcode' => null,
        'options' => ['Clr' => 'X'],
        'cost' => 540,
        'rrp' => null,
        'grams' => 300,
        'stock' => ['GB' => 3],
        'picture' => 0,
    ];

    private const ITEM = [
        'code' => 'i',
        'title' => 'T',
        'description' => '',
        'category' => '',
        'currency' => 'USD',
        'pictures' => [],
        'processing_days' => [1, 2],
        'rating' => 4.7,
        'variants' => [self::VARIANT],
    ];

    public function test_an_item_is_read_into_the_programs_own_values(): void
    {
        $item = OakumReader::item(self::ITEM);
        self::assertSame(
            ['i', 47, 'Clr', 540, 'USD', 3],
            [
                $item->id,
                $item->ratingTenths,
                array_key_first($item->variants[0]->options),
                $item->variants[0]->cost->minor,
                $item->currency,
                $item->variants[0]->pieces(),
            ],
        );
        self::assertSame(400, mb_strlen(OakumReader::item(['title' => str_repeat('é', 900)] + self::ITEM)->title));
    }

    /** @return iterable<string, array{mixed}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => [null];
        yield 'text' => ['<html>'];
        yield 'no code' => [['code' => ''] + self::ITEM];
        yield 'a cost in words' => [['variants' => [['cost' => 'free'] + self::VARIANT]] + self::ITEM];
        yield 'a cost below nothing' => [['variants' => [['cost' => -1] + self::VARIANT]] + self::ITEM];
        yield 'stock that is no number' => [
            ['variants' => [['stock' => ['GB' => '1.234,00']] + self::VARIANT]] + self::ITEM,
        ];
        yield 'weightless' => [['variants' => [['grams' => 0] + self::VARIANT]] + self::ITEM];
        yield 'options that nest' => [['variants' => [['options' => ['Clr' => ['x']]] + self::VARIANT]] + self::ITEM];
        yield 'too many variants' => [['variants' => array_fill(0, 10_001, [])] + self::ITEM];
    }

    #[DataProvider('unreadable')]
    public function test_what_cant_be_read_is_trouble_never_a_guess(mixed $said): void
    {
        $this->expectException(SupplierTrouble::class);
        OakumReader::item($said);
    }

    public function test_an_order_is_read_with_its_state_and_cost(): void
    {
        $said = [
            'id' => 7,
            'state' => 'posted',
            'goods' => 100,
            'delivery' => 20,
            'currency' => 'USD',
            'tracking' => 'LF1',
        ];
        $answer = OakumReader::answer($said);
        self::assertSame(
            ['7', SupplierOrderState::Posted, 100, 'LF1', null],
            [$answer->externalId, $answer->state, $answer->goods->minor, $answer->tracking, $answer->carrier],
        );
        self::assertSame(SupplierOrderState::Sent, OakumReader::answer(['state' => 'received'] + $said)->state);
        $this->expectException(SupplierTrouble::class);
        OakumReader::answer(['state' => 'dancing'] + $said);
    }

    public function test_quotes_are_read_and_an_empty_list_means_no_delivery(): void
    {
        self::assertSame([], OakumReader::quotes([]));
        self::assertEquals(
            new \WindowStall\Core\Landing\Quote('Economy', 300, 2, 4),
            OakumReader::quotes([['method' => 'Economy', 'price' => 300, 'days' => [2, 4]]])[0],
        );
        $this->expectException(SupplierTrouble::class);
        OakumReader::quotes([['method' => 'Economy', 'price' => 'x', 'days' => [2, 4]]]);
    }
}
