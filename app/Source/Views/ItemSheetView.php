<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Delivery\WorkCalendar;
use WindowStall\Core\Landing\Caution;
use WindowStall\Core\Landing\CautionAcross;
use WindowStall\Core\Landing\CautionKind;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\ProductGroup;
use WindowStall\Core\Source\ProductGroups;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\TakesRequests;
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
     * @param  list<TwinView>  $twins  the same barcode at other suppliers
     * @param  string  $asksAt  whom a sample, a change or pieces ahead can be asked of; "" where that can't be
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
        public string $market,
        public array $twins,
        public ?BlankView $blank,
        public string $asksAt,
    ) {
    }

    /**
     * @param  list<Offer>  $offers
     * @param  array<int, LandedCost>  $landed  of the variant in hand, by number of pieces
     * @param  array<string, LandedCost>  $variants  by the supplier's id
     */
    public static function of(
        Stall $stall,
        SupplierItem $row,
        string $market,
        Variant $inHand,
        array $offers,
        array $landed,
        array $variants,
        ?string $trouble,
    ): self {
        $item = $row->words?->item() ?? throw new \LogicException('An item always has words.');
        $rate = $stall->rateFrom($item->currency);
        $place = WorkCalendar::of($market);
        usort(
            $offers,
            static fn (Offer $a, Offer $b): int => [$a->delivery->minor, $a->days->max] <=> [
                $b->delivery->minor,
                $b->days->max,
            ],
        );

        return new self(
            id: $row->id,
            code: $item->id,
            title: $item->title,
            words: (new RichText())->clean($item->description),
            pictures: array_map(
                static fn (string $p): string => PictureAddress::small($p, 320),
                array_slice($item->pictures, 0, 6),
            ),
            about: sprintf(
                '%s · %s · leaves in %s%s',
                $row->connection?->name,
                $item->category,
                $item->processing->words(),
                $item->ratingTenths === null
                    ? ''
                    : sprintf(' · rated %d.%d', intdiv($item->ratingTenths, 10), $item->ratingTenths % 10),
            ),
            inHand: $inHand->id,
            variants: array_map(
                static fn (Variant $v): SheetVariantView => SheetVariantView::of($v, $variants[$v->id] ?? null),
                $item->variants,
            ),
            ways: array_map(static fn (Offer $o): WayView => WayView::of($o, $rate, $place), $offers),
            quantities: array_map(
                static fn (int $pieces, LandedCost $l): QuantityView => QuantityView::of($pieces, $l),
                array_keys($landed),
                $landed,
            ),
            cautions: self::cautions($item, $stall, $market, $variants),
            trouble: $trouble ??
                ($landed === []
                    ? sprintf('%s doesn’t deliver this to %s.', $row->connection?->name, Stall::countrySaid($market))
                    : null),
            taken: $row->isTaken(),
            market: Stall::countryName($market),
            twins: self::twins($stall, $row),
            blank: $item->blank === null ? null : BlankView::of($item->blank),
            asksAt: $row->connection?->connector() instanceof TakesRequests ? $row->connection->name : '',
        );
    }

    /**
     * Of all its variants, whichever is in hand.
     *
     * @param  array<string, LandedCost>  $landed  by the supplier's id of the variant
     * @return list<string>
     */
    private static function cautions(Item $item, Stall $stall, string $market, array $landed): array
    {
        $rate = $stall->rateFrom($item->currency);
        $variants = [];
        foreach ($item->variants as $variant) {
            if (isset($landed[$variant->id])) {
                $variants[] = [
                    'label' => $variant->label(),
                    'landed' => $landed[$variant->id],
                    'rrp' => $variant->rrp === null ? null : $rate->convert($variant->rrp),
                    'stock' => $variant->stock,
                ];
            }
        }
        $said = array_map(
            static fn (CautionAcross $c): string => $c->all()
                ? self::caution($c->worst, $market)
                : self::cautionOfSome($c, $market),
            CautionAcross::of($variants, $market, $stall->promise_days),
        );
        $groups = ProductGroups::of($item);
        if ($groups->several()) {
            $said[] = sprintf(
                'Its variants look like %d different products: %s. They can be split on the bench.',
                count($groups->groups),
                implode(', ', array_map(static fn (ProductGroup $g): string => $g->name, $groups->groups)),
            );
        }

        return $said;
    }

    /** @return list<TwinView> */
    private static function twins(Stall $stall, SupplierItem $row): array
    {
        $barcodes = $row->variants->pluck('barcode')->filter()->unique()->values();
        $found = $barcodes->isEmpty()
            ? collect()
            : SupplierItem::query()
                ->with('connection')
                ->where('stall_id', $stall->id)
                ->whereNull('gone_at')
                ->whereKeyNot($row->id)
                ->whereHas('variants', fn ($q) => $q->whereIn('barcode', $barcodes)->whereNull('gone_at'))
                ->limit(3)
                ->get();

        return array_values(
            $found
                ->map(
                    static fn (SupplierItem $i): TwinView => new TwinView(
                        id: $i->id,
                        title: $i->title,
                        supplier: (string) $i->connection?->name,
                    ),
                )
                ->all(),
        );
    }

    private static function cautionOfSome(CautionAcross $across, string $market): string
    {
        $c = $across->worst;
        $one = $c->one === null ? '' : MoneyView::text($c->one);
        $other = $c->other === null ? '' : MoneyView::text($c->other);
        $n = count($across->labels);
        $some = sprintf('%d of its %d variants', $n, $across->of);
        $named = implode(', ', array_slice($across->labels, 0, 3)).($n > 3 ? ' …' : '');

        return match ($c->kind) {
            CautionKind::DearDelivery => sprintf(
                'For %s (%s) delivery costs as much as %s, the goods only %s.',
                $some,
                $named,
                $one,
                $other,
            ),
            CautionKind::RrpUnderLanded => sprintf(
                'For %s (%s) the recommended price is under what it costs landed: %s under %s.',
                $some,
                $named,
                $one,
                $other,
            ),
            CautionKind::NothingNear => sprintf(
                'Of its %d variants, %d %s in %s; %d %s from %s in %s (%s).',
                $across->of,
                $across->of - $n,
                $across->of - $n === 1 ? 'lies' : 'lie',
                Stall::countrySaid($market),
                $n,
                $n === 1 ? 'comes' : 'come',
                Stall::countrySaid((string) $c->warehouse),
                $c->days?->words(),
                $named,
            ),
            CautionKind::SoldOut => sprintf('%s (%s) %s sold out.', $some, $named, $n === 1 ? 'is' : 'are'),
            CautionKind::SlowerThanPromised => sprintf(
                'For %s (%s) it takes up to %s; your shop promises %d.',
                $some,
                $named,
                $c->days?->words(),
                $c->promise,
            ),
        };
    }

    private static function caution(Caution $c, string $market): string
    {
        $one = $c->one === null ? '' : MoneyView::text($c->one);
        $other = $c->other === null ? '' : MoneyView::text($c->other);

        return match ($c->kind) {
            CautionKind::DearDelivery => sprintf('Delivery costs %s, the goods only %s.', $one, $other),
            CautionKind::RrpUnderLanded => sprintf(
                'The recommended price is %s, under the %s it costs landed.',
                $one,
                $other,
            ),
            CautionKind::NothingNear => sprintf(
                'None lies in %s: it comes from %s in %s.',
                Stall::countrySaid($market),
                Stall::countrySaid((string) $c->warehouse),
                $c->days?->words(),
            ),
            CautionKind::SoldOut => 'It is sold out.',
            CautionKind::SlowerThanPromised => sprintf(
                'It takes %s; your shop promises %d.',
                $c->days?->words(),
                $c->promise,
            ),
        };
    }
}
