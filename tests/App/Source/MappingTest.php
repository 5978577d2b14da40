<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use WindowStall\Runs\RunState;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Kilnfold\Books;
use WindowStall\Tests\App\AppTestCase;

/** From an address or a file to goods: connecting, saying what columns mean, seeing what will be, pulling. */
final class MappingTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_kilnfolds_table_is_guessed_previewed_saved_and_pulled(): void
    {
        $connection = $this->kilnfold('/trade/goods.csv');
        $page = $this->pageProps($this->get(route('source.mapping', [$this->stall, $connection])))['mapping'];
        self::assertSame(
            [
                'Range' => 'item',
                'Article' => 'sku',
                'EAN' => 'barcode',
                'Name' => 'title',
                'Glaze' => 'option',
                'Size' => 'option',
                'Section' => 'category',
                'Description' => 'words',
                'Trade price' => 'cost',
                'RRP' => 'rrp',
                'Free stock' => 'stock',
                'Weight kg' => 'weight',
                'Picture' => 'picture',
            ],
            array_column($page['columns'], 'field', 'name'),
        );
        self::assertSame(
            [',', true, 'GBP', false],
            [$page['figures']['decimal'], $page['figures']['kilograms'], $page['currency']['code'], $page['known']],
        );
        self::assertSame(['14 items with 49 variants', 2], [$page['preview']['words'], $page['preview']['rejected']]);
        self::assertStringContainsString('Nothing can be delivered', $page['preview']['delivery']);

        $said = $this->said($page, [
            'delivery' => \Illuminate\Support\Facades\Http::get(
                config('stall.kilnfold.address').'/trade/delivery.txt',
            )
                ->throw()
                ->body(),
        ]);
        $this->preview($connection, $said)
            ->assertOk()
            ->assertJsonPath('lacks', null)
            ->assertJsonPath('delivered', true)
            ->assertJsonPath('items.0.title', 'Hand-thrown flower pots, a pair');
        $this->put(route('source.mapping.update', [$this->stall, $connection]), $said)->assertRedirect(
            route('source.supplier', [$this->stall, $connection]),
        );
        $run = $connection->runs()->latest('id')->firstOrFail();
        self::assertSame([RunState::Done, 2], [$run->state, $run->rejects]);
        self::assertSame(49, (int) SupplierItem::of($this->stall)->sum('variants_count'));
        $this->get(route('source.supplier', [$this->stall, $connection]))
            ->assertOk()
            ->assertInertia(
                fn ($p) => $p
                    ->where('supplier.has.items', 14)
                    ->has('supplier.pulls.rejects', 2)
                    ->where('supplier.pulls.rejects.0.value', 'on request')
                    ->where('supplier.table.ready', true),
            );
    }

    public function test_a_broken_row_spoils_no_guess_and_amounts_name_their_currency(): void
    {
        $this->post(route('source.connections.store', $this->stall), [
            'kind' => 'feed',
            'name' => 'Orrin Pots',
            'file' => UploadedFile::fake()->createWithContent(
                'list.csv',
                "Autumn list\nSKU;Name;Cost;Stock\nP-1;Pot 5\" wide;4,20 €;10+\nP-2;\"Pan, deep;5,10 €;in stock\n".
                    "P-3;Dish;1 234,50 €;sold out\n",
            ),
        ])->assertSessionHasNoErrors();
        $connection = SupplierConnection::of($this->stall)->where('name', 'Orrin Pots')->firstOrFail();
        $page = $this->pageProps($this->get(route('source.mapping', [$this->stall, $connection])))['mapping'];
        self::assertSame(
            ['SKU' => 'sku', 'Name' => 'title', 'Cost' => 'cost', 'Stock' => 'stock'],
            array_column($page['columns'], 'field', 'name'),
        );
        self::assertSame(['P-1', 'P-3'], $page['columns'][0]['values']);
        self::assertSame([',', 'EUR'], [$page['figures']['decimal'], $page['currency']['code']]);
        self::assertSame(['2 items with 2 variants', 1], [$page['preview']['words'], $page['preview']['rejected']]);
    }

    public function test_another_list_of_the_file_is_looked_at_and_counts_once_its_columns_are_said(): void
    {
        $goods = fn (string $letter): array => array_map(
            static fn (int $n): array => ['sku' => $letter.'-'.$n, 'name' => 'Pot '.$n, 'price' => '4.20'],
            range(1, 3),
        );
        // Were all others missing, the pull would be set aside.
        $late = $goods('A') + [3 => ['sku' => 'B-4', 'name' => 'Late', 'price' => '5.00']];
        $this->post(route('source.connections.store', $this->stall), [
            'kind' => 'feed',
            'name' => 'Orrin Pots',
            'file' => UploadedFile::fake()->createWithContent(
                'list.json',
                (string) json_encode(['pots' => $goods('A'), 'bowls' => $late]),
            ),
        ])->assertSessionHasNoErrors();
        $connection = SupplierConnection::of($this->stall)->where('name', 'Orrin Pots')->firstOrFail();
        $look = fn (): array => $this->pageProps(
            $this->get(route('source.mapping', [$this->stall, $connection])),
        )['mapping'];
        $save = fn (array $page) => $this->put(
            route('source.mapping.update', [$this->stall, $connection]),
            $this->said($page, ['delivery' => 'GB; 30 kg; 4.95; 2-4']),
        )->assertSessionHasNoErrors();
        $codes = fn (): array => SupplierItem::of($this->stall)->whereNull('gone_at')->orderBy('external_id')
            ->pluck('external_id')->all();
        $page = $look();
        self::assertSame([['pots', 'bowls'], 'pots'], [$page['source']['parts'], $page['source']['part']]);
        $save($page);
        self::assertSame(['A-1', 'A-2', 'A-3'], $codes());

        $part = fn (string $name) => $this->put(route('source.mapping.part', [$this->stall, $connection]), ['part' => $name]);
        $part('jugs')->assertSessionHasErrors('said');
        $part('bowls')->assertRedirect();
        $other = $look();
        self::assertSame(['bowls', false], [$other['source']['part'], $other['known']]);
        $this->postJson(route('source.pull', [$this->stall, $connection]))->assertOk();
        self::assertSame(['A-1', 'A-2', 'A-3'], $codes(), 'until it is saved pulls go on as before');
        $save($look());
        self::assertSame(['A-1', 'A-2', 'A-3', 'B-4'], $codes());
        self::assertSame('bowls', $connection->refresh()->settings['part']);
    }

    public function test_how_a_table_is_read_is_put_right_where_the_guess_is_wrong(): void
    {
        $this->post(route('source.connections.store', $this->stall), [
            'kind' => 'feed',
            'name' => 'Orrin Ropes',
            'file' => UploadedFile::fake()->createWithContent(
                'list.csv',
                "A1;Rope;1,20;3\nA2;Cr\xC3\xA8me twine;2,50;4\nA3;Peg;0,40;9\n",
            ),
        ])->assertSessionHasNoErrors();
        $connection = SupplierConnection::of($this->stall)->where('name', 'Orrin Ropes')->firstOrFail();
        $at = route('source.mapping', [$this->stall, $connection]);
        $look = fn (): mixed => $this->pageProps($this->get($at))['mapping'];
        $read = fn (string $parted, string $letters, string $head) => $this->put(
            route('source.mapping.part', [$this->stall, $connection]),
            ['delimiter' => $parted, 'encoding' => $letters, 'head' => $head],
        )->assertSessionHasNoErrors();
        $names = static fn (mixed $page): array => array_column(is_array($page) ? $page['columns'] : [], 'name');
        self::assertSame(['A1', 'Rope', '1,20', '3'], $names($look()), 'goods for names');

        $read('semicolons', 'Windows-1252', '0');
        self::assertStringContainsString('CrÃ¨me twine', (string) json_encode($look(), JSON_UNESCAPED_UNICODE));
        $read('tabs', 'UTF-8', '0');
        // Nothing can be told apart so, which is said.
        $this->get($at)->assertInertia(fn ($page) => $page->where('mapping', null)->where('looking.state', 'failed'));
        $read('semicolons', 'UTF-8', '0');
        $page = $look();
        self::assertIsArray($page);
        self::assertSame(
            [
                ['Column 1', 'Column 2', 'Column 3', 'Column 4'],
                ['delimiter' => 'semicolons', 'encoding' => 'UTF-8', 'head' => '0'],
                3,
            ],
            [$names($page), $page['source']['reading'], $page['source']['rows']],
        );
        $means = ['sku', 'title', 'cost', 'stock'];
        $this->put(route('source.mapping.update', [$this->stall, $connection]), $this->said($page, [
            'columns' => array_map(
                static fn (int $n): array => ['name' => 'Column '.($n + 1), 'field' => $means[$n]],
                array_keys($means),
            ),
            'decimal' => ',',
            'delivery' => 'GB; 30 kg; 4.95; 2-4',
        ]))->assertSessionHasNoErrors();
        self::assertSame(
            ['Crème twine', 'Peg', 'Rope'],
            SupplierItem::query()->where('connection_id', $connection->id)->orderBy('title')->pluck('title')->all(),
        );
        $known = $look();
        self::assertIsArray($known);
        self::assertTrue($known['known'], 'and is remembered');
    }

    public function test_a_column_met_late_comes_in_with_a_note(): void
    {
        $goods = array_map(
            static fn (int $n): array => ['sku' => 'R-'.$n, 'name' => 'Pot '.$n, 'price' => '4.20'],
            range(1, 230),
        );
        $goods[219] += ['glaze' => 'Ash'];
        $this->post(route('source.connections.store', $this->stall), [
            'kind' => 'feed',
            'name' => 'Orrin Pots',
            'file' => UploadedFile::fake()->createWithContent('list.json', (string) json_encode($goods)),
        ])->assertSessionHasNoErrors();
        $connection = SupplierConnection::of($this->stall)->where('name', 'Orrin Pots')->firstOrFail();
        $look = fn (): array => $this->pageProps(
            $this->get(route('source.mapping', [$this->stall, $connection])),
        )['mapping'];
        $this->put(
            route('source.mapping.update', [$this->stall, $connection]),
            $this->said($look(), ['delivery' => 'GB; 30 kg; 4.95; 2-4']),
        )->assertSessionHasNoErrors();
        self::assertContains(
            'The column “glaze” first stands in row 220. It is among the columns now; say what it means in the mapping.',
            $connection->runs()->latest('id')->firstOrFail()->notes,
        );
        $this->get(route('source.mapping', [$this->stall, $connection, 'afresh' => 1]));
        self::assertContains('glaze', array_column($look()['columns'], 'name'));
    }

    public function test_the_same_as_xml_comes_to_the_same_goods(): void
    {
        $connection = $this->kilnfold('/trade/goods.xml');
        $page = $this->pageProps($this->get(route('source.mapping', [$this->stall, $connection])))['mapping'];
        self::assertStringStartsWith('XML', $page['source']['about']);
        $this->put(
            route('source.mapping.update', [$this->stall, $connection]),
            $this->said($page, ['delivery' => 'GB; 30 kg; 4,95; 2-4']),
        )->assertSessionHasNoErrors();
        self::assertSame(
            [14, 49],
            [SupplierItem::of($this->stall)->count(), (int) SupplierItem::of($this->stall)->sum('variants_count')],
        );
    }

    public function test_kilnfold_renames_its_columns_and_the_pull_follows(): void
    {
        $connection = $this->kilnfold('/trade/goods.csv');
        $page = $this->pageProps($this->get(route('source.mapping', [$this->stall, $connection])))['mapping'];
        $this->put(
            route('source.mapping.update', [$this->stall, $connection]),
            $this->said($page, ['delivery' => 'GB; 30 kg; 4,95; 2-4']),
        );
        Books::rename(true);
        try {
            $this->postJson(route('source.pull', [$this->stall, $connection]))->assertOk();
            $run = $connection->runs()->latest('id')->firstOrFail();
            self::assertSame([RunState::Done, 4], [$run->state, count($run->notes)], (string) $run->trouble);
            self::assertSame(14, SupplierItem::of($this->stall)->whereNull('gone_at')->count());
        } finally {
            Books::rename(false);
        }
    }

    public function test_a_file_is_sent_and_a_newer_one_takes_its_place(): void
    {
        $send = fn (string $bytes, string $name): UploadedFile => UploadedFile::fake()->createWithContent($name, $bytes);
        $this->post(route('source.connections.store', $this->stall), [
            'kind' => 'feed',
            'name' => 'Hedgerow',
            'file' => $send("sku;name;price\nH-1;Peg;1,20\n", 'list.xls'),
        ])->assertSessionHasNoErrors();
        $connection = SupplierConnection::of($this->stall)->where('name', 'Hedgerow')->firstOrFail();
        $page = $this->pageProps($this->get(route('source.mapping', [$this->stall, $connection])))['mapping'];
        $this->put(
            route('source.mapping.update', [$this->stall, $connection]),
            $this->said($page, ['delivery' => 'GB; 30 kg; 4,95; 2-4']),
        )->assertSessionHasNoErrors();
        self::assertSame(
            ['H-1'],
            SupplierItem::of($this->stall)->pluck('external_id')->all(),
            'a wrong ending matters to nobody',
        );
        $this->post(route('source.file', [$this->stall, $connection]), [
            'file' => $send("sku;name;price\nH-1;Peg;1,30\nH-2;Line;4,10\n", 'new.csv'),
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [2, 130],
            [SupplierItem::of($this->stall)->count(), SupplierItem::of($this->stall)->where('external_id', 'H-1')->value('cost_minor')],
        );
    }

    public function test_what_is_said_wrongly_gets_a_sentence_and_saves_nothing(): void
    {
        $connection = $this->kilnfold('/trade/goods.csv');
        $page = $this->pageProps($this->get(route('source.mapping', [$this->stall, $connection])))['mapping'];
        $said = $this->said($page, []);
        $without =
            [
                'columns' => array_values(
                    array_filter($said['columns'], static fn (array $c): bool => $c['field'] !== 'cost'),
                ),
            ] + $said;
        $this->preview($connection, $without)->assertJsonPath('lacks', 'Say which column is the unit cost.');
        $this->put(route('source.mapping.update', [$this->stall, $connection]), $without)->assertSessionHasErrors([
            'said' => 'Say which column is the unit cost; without it no row can be used.',
        ]);
        $twice = ['columns' => [...$said['columns'], ['name' => 'RRP', 'field' => 'cost']]] + $said;
        $this->put(route('source.mapping.update', [$this->stall, $connection]), $twice)->assertSessionHasErrors([
            'said' => '2 columns are said to be the unit cost. Only one can be.',
        ]);
        foreach (
            [
                'ZZ; 2 kg; 4; 2' => 'Line 1 of the delivery table: “ZZ” is no country. Write GB, IE, NL.',
                "GB; 2 kg; 4; 2\nGB; heavy; 4; 2" => 'Line 2 of the delivery table: “heavy” is no weight. Write 2 kg or 500 g.',
                'GB; 2 kg; free; 2' => 'Line 1 of the delivery table: “free” is no price.',
                'GB; 2 kg; 4; soon' => 'Line 1 of the delivery table: “soon” are no days. Write 2-4.',
                'GB 4.95' => 'Line 1 of the delivery table isn’t “country; up to weight; price; days”: GB 4.95',
            ] as $table => $sentence
        ) {
            $this->put(
                route('source.mapping.update', [$this->stall, $connection]),
                ['delivery' => $table] + $said,
            )->assertSessionHasErrors(['said' => $sentence]);
        }
        self::assertArrayNotHasKey('mapping', $connection->refresh()->settings);
        $this->postJson(route('source.pull', [$this->stall, $connection]));
        self::assertSame(
            'Nobody has said yet what the columns of this file mean. Open its mapping.',
            $connection->refresh()->trouble,
        );
    }

    public function test_an_address_that_gives_no_list_is_said_before_anything_is_kept(): void
    {
        $try = fn (string $address): TestResponse => $this->from('/')->post(
            route('source.connections.store', $this->stall),
            ['kind' => 'feed', 'name' => 'X', 'address' => $address],
        );
        $try(config('stall.kilnfold.address').'/')->assertSessionHasErrors([
            'said' => 'This is a web page, not a list of goods. Perhaps the address needs a key, or leads to a page '.
                'from which the file is fetched.',
        ]);
        $try(config('stall.kilnfold.address').'/none.csv')->assertSessionHasErrors([
            'said' => 'kilnfold.standins.localhost didn’t give the file (it answered 404). Check the address.',
        ]);
        $try('http://127.0.0.1/list.csv')->assertSessionHasErrors([
            'said' => 'An address that is called from here begins with https://.',
        ]);
        $try('https://169.254.169.254/list.csv')->assertSessionHasErrors([
            'said' => '169.254.169.254 lies in a private network; only public addresses are called.',
        ]);
        $try('https://[::1]/list.csv')->assertSessionHasErrors('said');
        $try('')->assertSessionHasErrors(['said' => 'Send a file, or give the address it is fetched from.']);
        self::assertSame(0, SupplierConnection::of($this->stall)->count());
    }

    private function kilnfold(string $path): SupplierConnection
    {
        $this->post(route('source.connections.store', $this->stall), [
            'kind' => 'feed',
            'name' => 'Kilnfold',
            'address' => config('stall.kilnfold.address').$path,
        ])->assertSessionHasNoErrors();

        return SupplierConnection::of($this->stall)->where('name', 'Kilnfold')->firstOrFail();
    }

    /**
     * What the screen sends back when nothing is changed but this.
     *
     * @param  array<string, mixed>  $page
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private function said(array $page, array $other): array
    {
        return $other + [
            'columns' => array_values(
                array_map(
                    static fn (array $c): array => ['name' => $c['name'], 'field' => $c['field']],
                    array_filter($page['columns'], static fn (array $c): bool => $c['field'] !== null),
                ),
            ),
            'decimal' => $page['figures']['decimal'],
            'kilograms' => $page['figures']['kilograms'],
            'currency' => $page['currency']['code'],
            'warehouse' => 'GB',
            'stock' => 0,
            'grams' => 500,
            'processing_min' => 1,
            'processing_max' => 3,
            'delivery' => '',
        ];
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function preview(SupplierConnection $connection, array $said): TestResponse
    {
        return $this->postJson(route('source.mapping.preview', [$this->stall, $connection]), $said);
    }
}
