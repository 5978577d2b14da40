<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Money\Money;

/**
 * One item exactly as its supplier says it: what every connector gives, and what is kept, in full, at each pull.
 *
 * @phpstan-type SaidVariant array{
 *     id: string, sku: string, barcode: string|null, options: array<string, string>, cost: int, rrp: int|null,
 *     grams: int, stock: array<string, int>, picture: int|null,
 * }
 * @phpstan-type SaidItem array{
 *     id: string, title: string, description: string, category: string, pictures: list<string>, currency: string,
 *     processing: array{int, int}, rating: int|null, variants: list<SaidVariant>, blank?: SaidBlank, giving?: string,
 * }
 *
 * @phpstan-import-type SaidBlank from Blank
 */
final readonly class Item
{
    /**
     * @param  string  $description  the supplier's HTML, untrusted
     * @param  list<string>  $pictures  addresses
     * @param  DayRange  $processing  working days before the parcel leaves
     * @param  int|null  $ratingTenths  47 for 4.7 of 5
     * @param  list<Variant>  $variants
     * @param  Blank|null  $blank  what can be printed on it, where it is a print house's
     * @param  Giving|null  $giving  how it reaches its shopper where it isn't posted
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $description,
        public string $category,
        public array $pictures,
        public string $currency,
        public DayRange $processing,
        public ?int $ratingTenths,
        public array $variants,
        public ?Blank $blank = null,
        public ?Giving $giving = null,
    ) {
    }

    /** @return SaidItem */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'title' => $this->title,
            'description' => $this->description,
            'category' => $this->category,
            'pictures' => $this->pictures,
            'currency' => $this->currency,
            'processing' => [$this->processing->min, $this->processing->max],
            'rating' => $this->ratingTenths,
            'variants' => array_map(
                static fn (Variant $v): array => [
                    'id' => $v->id,
                    'sku' => $v->sku,
                    'barcode' => $v->barcode,
                    'options' => $v->options,
                    'cost' => $v->cost->minor,
                    'rrp' => $v->rrp?->minor,
                    'grams' => $v->grams,
                    'stock' => $v->stock,
                    'picture' => $v->picture,
                ],
                $this->variants,
            ),
        ] + ($this->blank === null ? [] : ['blank' => $this->blank->toArray()])
            + ($this->giving === null ? [] : ['giving' => $this->giving->value]);
    }

    /** @param  SaidItem  $said */
    public static function fromArray(array $said): self
    {
        return new self(
            $said['id'],
            $said['title'],
            $said['description'],
            $said['category'],
            $said['pictures'],
            $said['currency'],
            new DayRange(...$said['processing']),
            $said['rating'],
            array_map(
                static fn (array $v): Variant => new Variant(
                    $v['id'],
                    $v['sku'],
                    $v['barcode'],
                    $v['options'],
                    Money::of($v['cost'], $said['currency']),
                    $v['rrp'] === null ? null : Money::of($v['rrp'], $said['currency']),
                    $v['grams'],
                    $v['stock'],
                    $v['picture'],
                ),
                $said['variants'],
            ),
            isset($said['blank']) ? Blank::fromArray($said['blank'], $said['currency']) : null,
            Giving::tryFrom($said['giving'] ?? ''),
        );
    }

    /** As JSON text: the same for the same words whatever the order in which warehouses were named. */
    public function canonical(): string
    {
        $said = $this->toArray();
        foreach ($said['variants'] as &$variant) {
            ksort($variant['stock']);
        }

        return json_encode($said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** By which an unchanged item is known. */
    public function hash(): string
    {
        return self::hashOf($this->canonical());
    }

    public static function hashOf(string $canonical): string
    {
        return hash('xxh128', $canonical);
    }

    public function variant(string $id): ?Variant
    {
        foreach ($this->variants as $variant) {
            if ($variant->id === $id) {
                return $variant;
            }
        }

        return null;
    }
}
