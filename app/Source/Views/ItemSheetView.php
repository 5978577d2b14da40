<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Landing\Caution;
use WindowStall\Core\Landing\CautionKind;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Source\SupplierVariant as Variant;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;
use WindowStall\Support\Views\MoneyView;

/** A supplier item looked at closely, one variant of it in hand. HTML in it is sanitised. */
final readonly class ItemSheetView
{
    /**
     * @param  list<string>  $pictures
     * @param  list<SheetVariantView>  $variants
     * @param  list<WayView>  $ways
     * @param  list<QuantityView>  $quantities
     * @param  list<string>  $cautions  with figures
     * @param  string|null  $trouble  why ways and quantities are missing
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $title,
        public string $words,
        public array $pictures,
        public string $about,
        public string $inHand,
        public array $variants,
        public array $ways,
        public array $quantities,
        public array $cautions,
        public ?string $trouble,
        public bool $taken,
    ) {
    }

    /**
     * @param  list<Offer>  $offers
     * @param  array<int, LandedCost>  $landed
     */
    public static function of(Stall $stall, SupplierItem $row, Variant $inHand, array $offers, array $landed, ?string $trouble): self
    {
        $item = $row->words?->item() ?? throw new \LogicException('An item always has words.');
        $rate = $stall->rateFrom($item->currency);
        usort($offers, static fn (Offer $a, Offer $b): int => [$a->delivery->minor, $a->days->max] <=> [$b->delivery->minor, $b->days->max]);
        $rrp = $inHand->rrp === null ? null : $rate->convert($inHand->rrp);

        return new self(
            $row->id, $item->id, $item->title, (new RichText)->clean($item->description), array_map(static fn (string $p): string => $p.'?px=320', array_slice($item->pictures, 0, 6)),
            sprintf('%s · %s · leaves in %s%s', $row->connection?->name, $item->category, $item->processing->words(), $item->ratingTenths === null ? '' : sprintf(' · rated %d.%d', intdiv($item->ratingTenths, 10), $item->ratingTenths % 10)),
            $inHand->id,
            array_map(static fn (Variant $v): SheetVariantView => SheetVariantView::of($v, $row->variants->firstWhere('external_id', $v->id), $stall), $item->variants),
            array_map(static fn (Offer $o): WayView => WayView::of($o, $rate), $offers),
            array_map(static fn (int $pieces, LandedCost $l): QuantityView => QuantityView::of($pieces, $l), array_keys($landed), $landed),
            isset($landed[1]) ? array_map(static fn (Caution $c): string => self::caution($c, $stall), Caution::about($landed[1], $rrp, $inHand->stock, $stall->home_market)) : [],
            $trouble ?? ($landed === [] ? sprintf('%s doesn’t deliver this to %s.', $row->connection?->name, $stall->marketName()) : null),
            $row->listings->isNotEmpty(),
        );
    }

    private static function caution(Caution $c, Stall $stall): string
    {
        $one = $c->one === null ? '' : MoneyView::text($c->one);
        $other = $c->other === null ? '' : MoneyView::text($c->other);

        return match ($c->kind) {
            CautionKind::DearDelivery => sprintf('Delivery costs %s, the goods only %s.', $one, $other),
            CautionKind::RrpUnderLanded => sprintf('The recommended price is %s, under the %s it costs landed.', $one, $other),
            CautionKind::NothingNear => sprintf('None lies in %s: it comes from %s in %s.', $stall->marketName(), $c->warehouse, $c->days?->words()),
            CautionKind::SoldOut => 'It is sold out.',
        };
    }
}
