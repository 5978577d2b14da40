<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Pricing;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Sale\PriceQuestion;

/** Whatever is asked gets an answer that adds up, or a sentence for each field; never anything else. */
final class PriceQuestionTest extends TestCase
{
    private const ASKED = [
        'currency' => 'GBP',
        'quantity' => 2,
        'sale' => ['tax_rate' => '0.20', 'tax_included' => true, 'delivery_charged' => '2.95'],
        'cost' => [
            'goods' => ['amount' => '4.20', 'currency' => 'USD'],
            'delivery_first' => ['amount' => '6.10', 'currency' => 'USD'],
            'delivery_next' => ['amount' => '1.50', 'currency' => 'USD'],
            'duty_rate' => '0.025',
            'duty_on' => 'goods_and_delivery',
            'handling' => ['amount' => '0.30', 'currency' => 'GBP'],
        ],
        'rates' => ['USD' => '0.78', 'EUR' => '0.86'],
        'cushion' => '0.02',
        'fees' => [
            'payment_rate' => '0.019',
            'payment_fixed' => '0.20',
            'platform_rate' => '0.05',
            'returns_rate' => '0.03',
            'advertising' => '0.40',
        ],
        'rrp' => '60.00',
        'recipe' => [
            'basis' => 'landed',
            'steps' => [['up_to' => '5.00', 'factor' => '3.2'], ['factor' => '2.4']],
            'ending' => ['part' => '0.95', 'direction' => 'up'],
            'floor' => ['margin' => '0.15'],
            'cap' => 'rrp',
        ],
    ];

    /** Another kind, another size, another writing. */
    private const JUNK = [
        null,
        '',
        'x',
        '1e5',
        '-1',
        '-0.00',
        '0',
        '0.0000001',
        '999999999999999999999999',
        '1,50',
        ' 2 ',
        '٣',
        "\0",
        'GBP',
        'JPY',
        'KWD',
        'XXXX',
        'goods',
        'landed',
        'rrp',
        'up',
        true,
        false,
        0,
        -3,
        7,
        1.5,
        1.0e308,
        PHP_INT_MAX,
        PHP_INT_MIN,
        [],
        ['x'],
        ['amount' => []],
        [[]],
        ['amount' => '1', 'currency' => 'EUR'],
        [['margin' => '0.5']],
        [['keep' => '2']],
        [['add' => '1.00']],
        ['margin' => '0.99999'],
        ['keep' => '1000000'],
    ];

    #[Group('long')]
    public function test_anything_at_all_is_answered_or_refused_field_by_field(): void
    {
        mt_srand(21);
        $answered = $refused = 0;
        for ($n = 0; $n < 6_000; $n++) {
            $asked = self::ASKED;
            for ($times = mt_rand(1, 3); $times > 0; $times--) {
                $asked = self::spoilt($asked);
            }
            $fields = new Fields($asked);
            $answer = PriceQuestion::read($fields)?->answer($fields);
            if ($answer === null) {
                $refused++;
                self::assertNotSame(
                    [],
                    $fields->problems(),
                    (string) json_encode($asked, JSON_PARTIAL_OUTPUT_ON_ERROR),
                );
                foreach ($fields->problems() as $path => $sentence) {
                    self::assertMatchesRegularExpression(
                        '/^[a-zA-Z_0-9.]*$/D',
                        preg_replace('/[^\x20-\x7e]/', '', $path) ?? '',
                    );
                    self::assertMatchesRegularExpression('/\S+ \S+.*[.}]$/us', $sentence, (string) $path);
                }
            } else {
                $answered++;
                self::assertSame([], $fields->problems());
                $this->addsUp($answer);
            }
        }
        self::assertGreaterThan(400, $answered);
        self::assertGreaterThan(600, $refused);
    }

    public function test_what_was_asked_as_it_stands(): void
    {
        $fields = new Fields(self::ASKED);
        $answer = PriceQuestion::read($fields)?->answer($fields);
        self::assertNotNull($answer);
        // 8.40 and 7.60 USD at 0.78 × 1.02; 2.5% of both; 0.30: 6.68 + 6.05 + 0.32 + 0.30; × 2.4 = 32.04 → 32.95
        self::assertSame(
            ['6.68', '6.05', '0.32', '13.35', '32.95'],
            [
                $answer['lines']['goods'],
                $answer['lines']['delivery'],
                $answer['lines']['duty'],
                $answer['landed'],
                $answer['price'],
            ],
        );
        $this->addsUp($answer);
    }

    /** @param  array<string, mixed>  $answer */
    private function addsUp(array $answer): void
    {
        $currency = Currency::of($answer['currency']);
        $minor = static fn (string $digits): int => (int) str_replace('.', '', $digits);
        $lines = array_map($minor, $answer['lines']);
        self::assertSame(
            $minor($answer['landed']),
            $lines['goods'] + $lines['delivery'] + $lines['duty'] + $lines['handling'],
        );
        self::assertSame(
            $minor($answer['keep']),
            $minor($answer['receipts']) -
                $minor($answer['landed']) -
                $lines['payment_fee'] -
                $lines['platform_fee'] -
                $lines['returns'] -
                $lines['advertising'],
        );
        self::assertSame($minor($answer['break_even_advertising']), $minor($answer['keep']) + $lines['advertising']);
        self::assertSame(
            $answer['price'],
            (new Money($minor($answer['price']), $currency))->digits(),
            'as many decimals as the currency has',
        );
        self::assertNotSame([], $answer['reasons']);
    }

    /**
     * One place of it taken out, or something else put there.
     *
     * @param  array<mixed>  $asked
     * @return array<mixed>
     */
    private static function spoilt(array $asked): array
    {
        if ($asked === []) {
            return $asked;
        }
        $key = array_rand($asked);
        if (is_array($asked[$key]) && mt_rand(0, 4) > 0) {
            $asked[$key] = self::spoilt($asked[$key]);
        } elseif (mt_rand(0, 3) === 0) {
            unset($asked[$key]);
        } else {
            $asked[$key] = self::JUNK[array_rand(self::JUNK)];
        }

        return $asked;
    }
}
