<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Dispatch\ByMail;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Dispatch\ByMail\AnswerKind;
use WindowStall\Core\Dispatch\ByMail\AnswerSheet;

/** What a supplier answers in a table. */
final class AnswerSheetTest extends TestCase
{
    public function test_columns_in_any_order_with_commas_or_semicolons(): void
    {
        foreach ([
            "order,article,pieces,answer,carrier,tracking\r\n1013/7,KF-POT,2,posted,Longfurrow Parcels,LF1\r\n",
            "\u{FEFF}Answer;Tracking;Order;Carrier;Pieces;Article\nPosted;LF1;1013/7;\"Longfurrow Parcels\";2;KF-POT\n\n",
        ] as $text) {
            $sheet = AnswerSheet::read($text);
            self::assertSame(
                ['1013/7', 'KF-POT', 2, AnswerKind::Posted, 'Longfurrow Parcels', 'LF1'],
                array_values((array) ($sheet->rows[0] ?? null)),
            );
            self::assertSame([1, []], [count($sheet->rows ?? []), $sheet?->unread]);
        }
    }

    public function test_rows_that_cant_be_understood_are_named_and_the_others_count(): void
    {
        $sheet = AnswerSheet::read("order,article,pieces,answer\n1,A,1,taken\n2,B,some,taken\n3,C,1,maybe\n4,D\n,E,1,short\n5,F,0,short");
        self::assertSame([['1', '5'], [3, 4, 5, 6]], [array_column($sheet->rows ?? [], 'order'), $sheet?->unread]);
    }

    #[TestWith([''])]
    #[TestWith(['Dear stall, all is well.'])]
    #[TestWith(["order,article,pieces\n1,A,1"])]
    #[TestWith(["order,article,pieces,answer\n\xFF\xFE"])]
    public function test_what_is_no_such_table_is_none(string $text): void
    {
        self::assertNull(AnswerSheet::read($text));
    }
}
