<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Pricing;

use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Sale\PriceQuestion;
use WindowStall\Support\Api\Schema;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Support\Described;

/** POST /api/v1/price-trials: what a sale would come to, from nothing but what is asked. */
final class PriceTrialsApiTest extends AppTestCase
{
    use Described;

    private const ASKED = [
        'currency' => 'GBP',
        'quantity' => 1,
        'sale' => ['tax_rate' => '0.20', 'tax_included' => true, 'delivery_charged' => '0.00'],
        'cost' => [
            'goods' => ['amount' => '4.20', 'currency' => 'USD'],
            'delivery_first' => ['amount' => '6.10', 'currency' => 'USD'],
            'delivery_next' => ['amount' => '1.50', 'currency' => 'USD'],
            'duty_rate' => '0.025',
            'duty_on' => 'goods_and_delivery',
            'handling' => ['amount' => '0.30', 'currency' => 'GBP'],
        ],
        'rates' => ['USD' => '0.78'],
        'cushion' => '0.02',
        'fees' => [
            'payment_rate' => '0.019',
            'payment_fixed' => '0.20',
            'platform_rate' => '0',
            'returns_rate' => '0.03',
            'advertising' => '0.00',
        ],
        'recipe' => [
            'basis' => 'landed',
            'steps' => [['up_to' => '5.00', 'factor' => '3.2'], ['factor' => '2.4']],
            'ending' => ['part' => '0.95', 'direction' => 'up'],
            'floor' => ['margin' => '0.15'],
            'cap' => null,
        ],
    ];

    private string $token;

    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('stall:token', ['handle' => $this->world->stall()->handle]);
        $this->token = trim(Artisan::output());
    }

    public function test_a_sale_is_worked_out_line_by_line(): void
    {
        // Rate 0.78 × 1.02 = 0.7956. Goods 3.34152; delivery 4.85316; duty 2.5% of 8.19468 = 0.204867; handling 0.30:
        // landed 8.69. 8.69 × 2.4 = 20.856 → 20.95. Tax 3.4917; R 17.46; payment 0.39805 + 0.20; returns 0.5238. K =
        // 17.46 − 8.69 − 0.60 − 0.52.
        $answer = $this->ask([])->assertOk();
        $answer->assertJson([
            'currency' => 'GBP',
            'price' => '20.95',
            'landed' => '8.69',
            'receipts' => '17.46',
            'keep' => '7.65',
            'margin' => '0.4381',
            'markup' => '1.0090',
            'break_even_advertising' => '7.65',
            'lines' => [
                'goods' => '3.34',
                'delivery' => '4.85',
                'duty' => '0.20',
                'handling' => '0.30',
                'tax' => '3.49',
                'payment_fee' => '0.60',
                'platform_fee' => '0.00',
                'returns' => '0.52',
                'advertising' => '0.00',
            ],
            'reasons' => [
                'Landed cost 8.69 × 2.4 makes 20.86.',
                'Ends .95: 20.95.',
                'The floor of 15% of the receipts is kept.',
            ],
        ]);
        self::assertSame(['Delivery at 4.85 costs more than the goods at 3.34.'], $answer->json('warnings'));
        self::assertDescribed($answer, 'post', '/price-trials');
        self::assertFits(Schema::named('PriceTrial'), (string) json_encode(self::ASKED));
    }

    public function test_the_break_even_price_keeps_nothing_and_loses_nothing(): void
    {
        $price = $this->ask([])->json('break_even_price');
        $at = $this->ask(['price' => $price, 'recipe' => null])->assertOk();
        self::assertSame('0.00', $at->json('keep'));
        self::assertSame(
            '-0.01',
            $this->ask(['price' => number_format((float) $price - 0.01, 2, '.', ''), 'recipe' => null])->json('keep'),
        );
        self::assertSame(['The price of '.$price.' was given.'], $at->json('reasons'));
    }

    public function test_quantity_takes_the_first_parcel_and_each_further_piece(): void
    {
        // 3 × 4.20 and 6.10 + 2 × 1.50
        $this->ask(['quantity' => 3, 'price' => '60', 'recipe' => null])->assertJson([
            'lines' => ['goods' => '10.02', 'delivery' => '7.24', 'duty' => '0.43', 'handling' => '0.30'],
        ]);
    }

    public function test_tax_on_top_and_currencies_with_other_decimals(): void
    {
        $cost = [
            'goods' => ['amount' => '800', 'currency' => 'JPY'],
            'delivery_first' => ['amount' => '300', 'currency' => 'JPY'],
        ];
        $this->ask([
            'currency' => 'JPY',
            'sale' => ['tax_rate' => '0.1', 'tax_included' => false],
            'cost' => $cost,
            'fees' => ['payment_rate' => '0.036'],
            'price' => '2000',
            'recipe' => null,
        ])->assertJson(['receipts' => '2000', 'lines' => ['tax' => '200', 'payment_fee' => '79'], 'keep' => '821']);
        $this->ask([
            'currency' => 'KWD',
            'rates' => ['USD' => '0.3075'],
            'cost' => array_diff_key(self::ASKED['cost'], ['handling' => 0]),
            'recipe' => ['steps' => [['keep' => '1.250']]],
        ])->assertJson(['keep' => '1.250']);
    }

    public function test_a_floor_against_a_cap_is_said(): void
    {
        $answer = $this->ask(['recipe' => ['cap' => '9.00'] + self::ASKED['recipe']])->assertOk();
        self::assertSame('9.00', $answer->json('price'));
        self::assertContains('The floor of 15% of the receipts can’t be kept under 9.00.', $answer->json('warnings'));
        self::assertContains('This loses 1.79 on every sale.', $answer->json('warnings'));
    }

    #[TestWith([['currency' => 'pounds'], 'currency'])]
    #[TestWith([['quantity' => 0], 'quantity'])]
    #[TestWith([['quantity' => '2'], 'quantity'])]
    #[TestWith([['sale' => ['tax_rate' => '1.2']], 'sale.tax_rate'])]
    #[TestWith([['sale' => ['tax_rate' => 0.2]], 'sale.tax_rate'], 'a number where a string belongs')]
    #[TestWith([['rates' => []], 'rates'], 'no rate from the dollar')]
    #[TestWith([['rates' => ['USD' => '-1']], 'rates.USD'])]
    #[TestWith([['cost' => ['goods' => ['amount' => '4,20', 'currency' => 'USD']]], 'cost.goods.amount'])]
    #[TestWith([['cost' => ['goods' => ['amount' => '4.205', 'currency' => 'USD']]], 'cost.goods.amount'])]
    #[TestWith([['cost' => ['goods' => ['amount' => '4.20', 'currency' => 'USD']]], 'cost.delivery_first.amount'])]
    #[TestWith([['price' => '9.95'], 'recipe'], 'both a recipe and a price')]
    #[TestWith([['recipe' => null], 'recipe'], 'neither')]
    #[TestWith([['recipe' => ['steps' => []]], 'recipe.steps'])]
    #[TestWith([['recipe' => ['steps' => [['factor' => '2', 'keep' => '1.00']]]], 'recipe.steps.0'])]
    #[TestWith([['recipe' => ['steps' => [['factor' => '0']]]], 'recipe.steps.0.factor'])]
    #[
        TestWith([
            [
                'recipe' => [
                    'steps' => [
                        ['up_to' => '9.00', 'factor' => '2'],
                        ['up_to' => '5.00', 'factor' => '2'],
                        ['factor' => '2'],
                    ],
                ],
            ],
            'recipe.steps',
        ]),
    ]
    #[TestWith([['recipe' => ['steps' => [['factor' => '2']], 'ending' => ['part' => '1.00']]], 'recipe.ending.part'])]
    #[
        TestWith([
            ['recipe' => ['steps' => [['factor' => '2']], 'ending' => ['part' => '0.95', 'direction' => 'sideways']]],
            'recipe.ending.direction',
        ]),
    ]
    #[
        TestWith([
            ['recipe' => ['steps' => [['factor' => '2']], 'floor' => ['margin' => '0.1', 'keep' => '1.00']]],
            'recipe.floor',
        ]),
    ]
    #[TestWith([['recipe' => ['steps' => [['margin' => '0.99']]]], 'recipe'], 'no price meets it')]
    #[TestWith([['fees' => ['payment_rate' => 'lots']], 'fees.payment_rate'])]
    #[TestWith([['fees' => []], 'fees'], 'a list where fields belong')]
    public function test_bad_input_is_refused_with_a_path_and_a_sentence(mixed $other, string $path): void
    {
        self::assertIsArray($other);
        $answer = $this->ask($other)->assertUnprocessable();
        self::assertArrayHasKey($path, $answer->json('errors'));
        self::assertMatchesRegularExpression('/\S+ \S+.*[.”]$/u', $answer->json('errors')[$path][0]);
        $errors = (array) $answer->json('errors');
        self::assertSame(key($errors).': '.current($errors)[0], $answer->json('message'));
        self::assertDescribed($answer, 'post', '/price-trials');
    }

    /** Thousands of questions, each spoilt in one place (an empty list is an empty object to PHP, and left out here). */
    public function test_what_the_server_takes_the_description_takes_and_what_that_refuses_the_server_refuses(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $odd = [
            null, '', 'x', '0', '1', '00.50', '1.0000000', '0.1234567', '1.5', '-1', '-0.01', '4.205', '1e3', '.5', '5.',
            0, 1, -1, 1.5, 10_001, true, false, ['x' => '1'], 'gbp', 'EUR', 'goods', 'rrp', '9999999999', '0.0',
        ];
        $paths = array_keys(Arr::dot(self::ASKED));
        array_push($paths, 'price', 'rrp', 'rates', 'fees', 'cost.delivery_next', 'recipe', 'recipe.steps', 'recipe.floor',
            'recipe.floor.keep', 'recipe.ending.every', 'recipe.steps.0.keep', 'recipe.steps.1.add', 'rates.EUR');
        $taken = $refused = 0;
        for ($n = 0; $n < 3_000; $n++) {
            $asked = self::ASKED;
            if ($n % 3 === 0) {
                $asked['recipe'] = null;
                $asked['price'] = '20.00';
            }
            $value = $odd[$random->getInt(0, count($odd) - 1)];
            Arr::set($asked, $paths[$random->getInt(0, count($paths) - 1)], $value);
            $fields = new Fields($asked);
            $question = PriceQuestion::read($fields);
            $misfit = self::misfit(Schema::named('PriceTrial'), (string) json_encode($asked));
            $question === null ? $refused++ : $taken++;
            if ($question !== null) {
                self::assertNull($misfit, json_encode($asked).' '.$misfit);
            }
        }
        self::assertGreaterThan(300, $taken);
        self::assertGreaterThan(1_000, $refused);
    }

    #[TestWith([['price' => '9.95']], 'a recipe and a price')]
    #[TestWith([['recipe' => null]], 'neither')]
    #[TestWith([['recipe' => ['steps' => [['factor' => '2', 'keep' => '1']]]]], 'two ways in a step')]
    #[TestWith([['currency' => 'pounds']])]
    #[TestWith([['fees' => ['payment_rate' => '1.2']]])]
    #[TestWith([['rates' => ['USD' => '0']]])]
    public function test_what_the_server_refuses_for_its_form_the_description_refuses(mixed $other): void
    {
        self::assertIsArray($other);
        $asked = array_filter($other + self::ASKED, static fn (mixed $v): bool => $v !== null);
        self::assertNotNull(self::misfit(Schema::named('PriceTrial'), (string) json_encode($asked)));
        $this->ask($other)->assertUnprocessable();
    }

    public function test_what_is_no_object_and_who_has_no_token_is_refused(): void
    {
        $this->withToken($this->token)
            ->call(
                'POST',
                '/api/v1/price-trials',
                [],
                [],
                [],
                $this->transformHeadersToServerVars([
                    'Accept' => 'application/json',
                    'Authorization' => 'Bearer '.$this->token,
                ]),
                'not json',
            )
            ->assertUnprocessable();
        $this->app?->make('auth')->forgetGuards();
        $this->withToken('1|wrong')->postJson(route('api.price-trials'), self::ASKED)->assertUnauthorized();
    }

    public function test_six_hundred_times_a_minute_is_no_trouble(): void
    {
        for ($n = 0; $n < 610; $n++) {
            $this->ask([])->assertOk();
        }
    }

    /**
     * @param  array<mixed>  $other
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function ask(array $other): TestResponse
    {
        return $this->withToken($this->token)->postJson(
            route('api.price-trials'),
            array_filter($other + self::ASKED, static fn (mixed $v): bool => $v !== null),
        );
    }
}
