<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** One item of a supplier that changes its mind every night: words, pictures, costs, stock, and what there is at all. */
final class RandomNights
{
    public Item $item;

    /** Whether it offers nothing tonight. */
    public bool $gone = false;

    private Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
        $this->item = self::says('Trowel', '<p>Good</p>', 'p', 2, [
            self::variant('a', 540, 12, null),
            self::variant('b', 620, 3, null),
            self::variant('c', 700, 30, null),
        ]);
    }

    /** @return bool whether the item is gone */
    public function next(): bool
    {
        $this->gone = $this->chance(9);
        if ($this->gone) {
            return true;
        }
        $variants = array_values(array_filter(array_map($this->variantNow(...), ['a', 'b', 'c', 'd'])));
        $this->item = self::says(
            $this->chance(4) ? ['Trowel', 'Spade', 'Rake'][$this->one(3)] : $this->item->title,
            $this->chance(4) ? ['<p>Good</p>', '<p>Better</p>'][$this->one(2)] : $this->item->description,
            $this->chance(6) ? ['p', 'q'][$this->one(2)] : basename($this->item->pictures[0], '.png'),
            $this->chance(6) ? 2 + $this->one(3) : $this->item->processing->max,
            $variants === [] ? $this->item->variants : $variants,
        );

        return false;
    }

    /** Once in so many. */
    public function chance(int $of): bool
    {
        return $this->one($of) === 0;
    }

    public function one(int $of): int
    {
        return $this->chance->getInt(0, $of - 1);
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> none of them one time in three
     */
    public function some(array $ids): array
    {
        if ($ids === [] || $this->chance(3)) {
            return [];
        }
        $keys = $this->chance->pickArrayKeys($ids, $this->chance->getInt(1, count($ids)));

        return array_values(array_intersect_key($ids, array_flip($keys)));
    }

    private function variantNow(string $id): ?Variant
    {
        $was = $this->item->variant($id);
        if ($this->chance(10)) {
            return $was === null ? self::variant($id, 500 + $this->one(300), 5, null) : null;
        }
        if ($was === null) {
            return null;
        }
        $cost = $was->cost->minor;

        return self::variant(
            $id,
            $this->chance(3) ? max(100, intdiv($cost * $this->chance->getInt(60, 160), 100)) : $cost,
            $this->chance(4) ? $this->one(2) * 7 : $was->pieces(),
            $this->chance(5) ? 1000 + $this->one(500) : $was->rrp?->minor,
        );
    }

    private static function variant(string $id, int $cost, int $stock, ?int $rrp): Variant
    {
        $options = ['Clr' => $id < 'c' ? 'Moss' : 'Chalk', 'Ship' => $id === 'a' || $id === 'c' ? 'GB' : 'CN'];
        $rrp = $rrp === null ? null : Money::of($rrp, 'USD');

        return new Variant($id, 'SKU-'.$id, null, $options, Money::of($cost, 'USD'), $rrp, 300, ['GB' => $stock], 0);
    }

    /** @param  list<Variant>  $variants */
    private static function says(string $title, string $words, string $picture, int $days, array $variants): Item
    {
        $pictures = ['http://oakum.standins.localhost/'.$picture.'.png'];

        return new Item('T-1', $title, $words, 'Hand tools', $pictures, 'USD', new DayRange(1, $days), 46, $variants);
    }
}
