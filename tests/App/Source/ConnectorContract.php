<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Sleep;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\FetchesByLink;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\TakesOrders;
use WindowStall\Source\Connectors\TellsWhatMoves;
use WindowStall\Tests\App\AppTestCase;

/**
 * What every kind of supplier keeps to, whoever wrote it. A new kind gets a class here that says where it answers well;
 * docs/connectors.md.
 */
abstract class ConnectorContract extends AppTestCase
{
    private static ?Process $odd = null;

    private static string $kind = '';

    private static int $port = 0;

    /** The kind that is held to it. */
    abstract protected function kind(): string;

    /** Where a supplier of this kind answers well. */
    abstract protected function well(): Access;

    /** Where one of this kind would lie at another address. */
    protected function at(string $address): Access
    {
        return new Access($address, 'key', seconds: 1);
    }

    /** How long a kind waits that fetches whole files; null for one that asks. */
    protected function isFile(): bool
    {
        return false;
    }

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$kind = (string) tempnam(sys_get_temp_dir(), 'odd');
        self::$odd = new Process([PHP_BINARY, __DIR__.'/Odd/serve.php', self::$kind]);
        self::$odd->start();
        self::$odd->waitUntil(static fn (string $type, string $said): bool => str_contains($said, "\n"));
        self::$port = (int) self::$odd->getOutput();
    }

    public static function tearDownAfterClass(): void
    {
        self::$odd?->stop(0);
        @unlink(self::$kind);
        parent::tearDownAfterClass();
    }

    protected function setUp(): void
    {
        parent::setUp();
        config([
            'stall.standins.names' => [...(array) config('stall.standins.names'), 'odd'],
            'stall.standins.ports' => [...(array) config('stall.standins.ports'), self::$port],
        ]);
    }

    public function test_it_says_of_itself_what_one_has_to_know_to_connect_it(): void
    {
        $card = $this->connector()->card();
        self::assertSame($this->kind(), $card->kind);
        self::assertMatchesRegularExpression('/^[a-z]{3,20}$/', $card->kind);
        self::assertStringEndsWith('.', $card->about);
        self::assertTrue($card->named || $card->address !== '', 'either one names it, or one knows where it is');
        self::assertContains($card->kind, array_column(Connectors::shipped()->cards(), 'kind'));
    }

    public function test_its_goods_come_page_by_page_each_once_and_the_same_again(): void
    {
        $first = $this->goods();
        self::assertNotSame([], $first);
        self::assertSame(array_unique(array_keys($first)), array_keys($first));
        self::assertSame($first, $this->goods(), 'what is unchanged is said in the same words');
    }

    public function test_every_item_has_what_everything_else_is_reckoned_from(): void
    {
        foreach ($this->pages() as $page) {
            foreach ($page->items as $item) {
                self::assertNotSame('', $item->id);
                self::assertNotSame([], $item->variants, $item->id);
                $ids = [];
                foreach ($item->variants as $variant) {
                    self::assertSame($item->currency, $variant->cost->currency->code);
                    self::assertGreaterThanOrEqual(0, $variant->cost->minor, $item->id);
                    self::assertGreaterThanOrEqual(0, $variant->pieces(), $item->id);
                    $ids[] = $variant->id;
                }
                self::assertSame($ids, array_values(array_unique($ids)), 'variants are told apart');
            }
        }
    }

    public function test_each_parcel_is_answered_in_its_turn_and_none_where_nothing_is_sent(): void
    {
        $parcels = [
            new ParcelToQuote('GB', 'GB', 300),
            new ParcelToQuote('GB', 'AQ', 300),
            new ParcelToQuote('GB', 'GB', 3_000),
            new ParcelToQuote('GB', 'GB', 300),
        ];
        $quotes = $this->connector()->quotes($this->well(), $parcels);
        self::assertCount(4, $quotes);
        self::assertEquals($quotes[0], $quotes[3], 'the same is asked the same');
        foreach (array_merge(...$quotes) as $quote) {
            self::assertInstanceOf(Quote::class, $quote);
        }
        self::assertSame([], $this->connector()->quotes($this->well(), []));
    }

    public function test_an_item_is_found_by_its_link_and_nobody_elses_is(): void
    {
        $connector = $this->connector();
        if (! $connector instanceof FetchesByLink) {
            self::assertNotContains(FetchesByLink::class, class_implements($connector));

            return;
        }
        $access = $this->well();
        foreach (['https://elsewhere.example/goods/OD-1048', '', 'javascript:alert(1)', $access->address] as $foreign) {
            self::assertNull($connector->idIn($access, $foreign), $foreign);
        }
        $id = (string) array_key_first($this->goods());
        self::assertSame($id, $connector->item($access, $id)->id);
        $this->expectException(SupplierTrouble::class);
        $connector->item($access, 'no-such/../thing');
    }

    public function test_pieces_are_told_of_those_that_are_known_alone(): void
    {
        $connector = $this->connector();
        if (! $connector instanceof TakesOrders) {
            self::assertNotContains(TakesOrders::class, class_implements($connector));

            return;
        }
        $known = $this->anyItem()->variants[0]->id;
        self::assertSame([$known], array_keys($connector->stock($this->well(), [$known, 'no-such'])));
        self::assertSame([], $connector->stock($this->well(), []));
    }

    /** @return iterable<string, array{string, string}> what is answered, and what the seller reads of it */
    public static function odd(): iterable
    {
        yield 'nothing, and then it hangs up' => ['silent', '/./'];
        yield 'half of an answer' => ['torn', '/./'];
        yield 'not even HTTP' => ['no http', '/./'];
        yield 'half a head' => ['half a head', '/./'];
        yield 'a page for people' => ['html', '/can’t be read|isn’t|no list|page|column/'];
        yield 'what can’t be unpacked' => ['bad gzip', '/./'];
        yield 'that the key is wrong' => ['no key', '/key|401|may not|refused|password|answered/i'];
        yield 'that it is broken' => ['broken', '/500|trouble of its own|answered/'];
        yield 'that it is asked too often' => ['too often', '/too often|429|pause|answered/'];
        yield 'to go elsewhere' => ['elsewhere', '/./'];
        yield 'a drop at a time' => ['dripping', '/within|long|slow|answer|empty/'];
        foreach (self::JSON as $json) {
            yield $json => [$json, '/./'];
        }
    }

    /** Right JSON that says nothing of use. */
    private const JSON = [
        '',
        'null',
        '[]',
        '{}',
        '"text"',
        '7',
        '{"items": null, "blanks": null}',
        '{"items": 7, "blanks": 7, "pages": 1}',
        '{"items": [7], "blanks": [7], "pages": 1}',
        '{"items": [[]], "blanks": [[]], "pages": 1}',
        '{"items": [{"code": "x"}], "blanks": [{"code": "x"}], "pages": 1}',
        '{"account": [], "studio": []}',
        '{"quotes": 7, "answers": 7}',
        '{"quotes": [7], "answers": [7]}',
        '{"quotes": [], "answers": []}',
        '{"stock": 7, "variants": 7}',
        '{"stock": {"v": "many"}, "variants": {"v": "many"}}',
        '{"stock": {"v": {"GB": "many"}}, "variants": {"v": {"cost": "dear", "stock": 7}}}',
    ];

    #[DataProvider('odd')]
    public function test_whatever_else_answers_is_trouble_in_a_sentence_and_never_a_fault_of_ours(
        string $kind,
        string $says,
    ): void {
        Sleep::fake();
        file_put_contents(self::$kind, $kind);
        $access = $this->at('http://odd.standins.localhost:'.self::$port);
        foreach ($this->ways($access) as $way => $ask) {
            $before = hrtime(true);
            try {
                $ask();
            } catch (SupplierTrouble $trouble) {
                self::assertMatchesRegularExpression('/^\S.*\.$/su', $trouble->getMessage(), $way);
                self::assertMatchesRegularExpression($says.'u', $trouble->getMessage(), $way);
            }
            self::assertLessThan(20e9, hrtime(true) - $before, $way.' never ends');
        }
        $this->addToAssertionCount(1);
    }

    public function test_an_address_in_our_own_network_is_never_called(): void
    {
        foreach (['http://127.0.0.1:'.self::$port, 'http://localhost', 'https://10.0.0.8', 'ftp://files.example'] as $inside) {
            foreach ($this->ways($this->at($inside)) as $way => $ask) {
                try {
                    $ask();
                    self::fail($way.' called '.$inside);
                } catch (SupplierTrouble $trouble) {
                    self::assertStringEndsWith('.', $trouble->getMessage());
                }
            }
        }
    }

    /** @return array<string, callable(): mixed> everything that goes over the network */
    private function ways(Access $access): array
    {
        $connector = $this->connector();
        $parcels = [new ParcelToQuote('GB', 'GB', 300)];
        $ways = [
            'check' => static fn () => $connector->check($access),
            'catalogue' => static fn () => iterator_to_array($connector->catalogue($access), false),
        ];
        if (! $this->isFile()) {
            $ways['quotes'] = static fn () => $connector->quotes($access, $parcels);
        }
        if ($connector instanceof FetchesByLink) {
            $ways['item'] = static fn () => $connector->item($access, 'OD-1048');
        }
        if ($connector instanceof TellsWhatMoves) {
            $ways['moving'] = static fn () => $connector->moving($access, ['v']);
        }
        if ($connector instanceof TakesOrders) {
            $ways += [
                'stock' => static fn () => $connector->stock($access, ['v']),
                'order state' => static fn () => $connector->orderState($access, 'o-1'),
                'order' => static fn () => $connector->order(
                    $access,
                    'key',
                    'Q-1',
                    [['variant' => 'v', 'quantity' => 1]],
                    ['name' => 'A', 'street' => 'B', 'town' => 'C', 'postcode' => 'D', 'country' => 'GB'],
                ),
            ];
        }

        return $ways;
    }

    private function connector(): Connector
    {
        return Connectors::shipped()->get($this->kind());
    }

    /** @return iterable<CataloguePage> */
    private function pages(): iterable
    {
        return $this->connector()->catalogue($this->well());
    }

    /** @return array<string, string> what is said of each item */
    private function goods(): array
    {
        $goods = [];
        foreach ($this->pages() as $page) {
            foreach ($page->items as $item) {
                $goods[$item->id] = $item->canonical();
            }
        }

        return $goods;
    }

    private function anyItem(): Item
    {
        foreach ($this->pages() as $page) {
            foreach ($page->items as $item) {
                return $item;
            }
        }
        self::fail('It has no goods.');
    }
}
