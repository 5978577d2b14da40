<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\Goods;
use WindowStall\Shelves\GoodsRow;
use WindowStall\Shelves\RuleSql;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Support\PgArray;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Shelves\RandomRules;
use WindowStall\Tests\Core\Source\Items;

/** The database takes the same goods onto a shelf as core does, whatever the rule and the goods. */
final class RuleSqlTest extends AppTestCase
{
    public function test_the_database_and_core_take_the_same_goods(): void
    {
        mt_srand(1_410);
        $stall = $this->world->stall($this->signIn());
        $goods = [];
        for ($n = 0; $n < 40; $n++) {
            $listing = $this->world->inWindow($stall, Items::item([Items::variant('a')], id: 'R-'.$n));
            $goods[$listing->id] = RandomRules::goods();
        }
        foreach ($goods as $id => $some) {
            $this->write($id, $some);
        }
        foreach (ShelfGoods::all($stall)->get() as $row) {
            self::assertEquals($goods[(int) $row->listing_id], GoodsRow::goods($row), 'a row reads back');
        }

        for ($n = 0; $n < 300; $n++) {
            $rule = RandomRules::rule();
            $sql = new RuleSql($rule);
            $found = ShelfGoods::all($stall)
                ->whereRaw($sql->condition, $sql->bindings)
                ->orderBy('facts.listing_id')
                ->pluck('facts.listing_id')
                ->all();
            $held = array_keys(array_filter($goods, static fn (Goods $g): bool => $rule->holds($g)));

            self::assertSame($held, array_map(intval(...), $found), $sql->condition);
        }
    }

    private function write(int $listing, Goods $goods): void
    {
        $low = static fn (array $texts): string => PgArray::texts(
            array_values(array_map(mb_strtolower(...), $texts)),
        );
        DB::table('goods_facts')->where('listing_id', $listing)->update([
            'tags' => PgArray::texts($goods->tags),
            'tags_low' => $low($goods->tags),
            'type' => $goods->type,
            'type_low' => mb_strtolower($goods->type),
            'suppliers' => PgArray::numbers(array_map(intval(...), $goods->suppliers)),
            'price_minor' => $goods->price,
            'keep_minor' => $goods->keep,
            'margin_bp' => $goods->marginBp,
            'stock' => $goods->stock,
            'buyable' => $goods->buyable,
            'shown_since' => $goods->newDays === null ? null : now()->subDays($goods->newDays)->subHour(),
            'sold_at' => $goods->soldDays === null ? null : now()->subDays($goods->soldDays)->subHour(),
            'options' => PgArray::texts($goods->options),
            'options_low' => $low($goods->options),
            'printed' => $goods->printed,
            'posted_from' => PgArray::texts($goods->postedFrom),
            'days_max' => $goods->days,
            'was' => $goods->was,
        ]);
    }
}
