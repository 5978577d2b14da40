<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

use WindowStall\Bench\Listing;
use WindowStall\Core\Pricing\Listing\VariantPrice;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Core\Print\Colours\ClothContrast;
use WindowStall\Core\Print\Findings\Finding;
use WindowStall\Core\Print\Findings\FindingWords;
use WindowStall\Core\Print\Findings\Severity;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Print\Priced\PrintCost;
use WindowStall\Core\Print\Priced\TwoPrices;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;
use WindowStall\Core\Source\PrintPlate;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Placing\FaultsOf;
use WindowStall\Print\Placing\Placed;
use WindowStall\Print\Placing\SizesOf;
use WindowStall\Print\Placing\WhatItKeeps;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Artwork laid on a blank: to scale, with what was found, each cloth, and what each size keeps. */
final readonly class PlacingView
{
    /**
     * @param  int  $sheetWidth  millimetres
     * @param  string  $outline  SVG path data in millimetres
     * @param  list<PlacingAreaView>  $areas
     * @param  list<AreaWasView>  $were  areas that changed since it was laid
     * @param  list<LaidView>  $laid
     * @param  list<InsteadView>  $instead
     * @param  list<ArtworkView>  $artworks  all that can lie there
     * @param  list<PrintFindingView>  $findings
     * @param  list<ClothView>  $cloths
     * @param  list<PrintedSizeView>  $sizes
     * @param  list<PlacingSceneView>  $scenes
     * @param  string  $keeps  "keeps £4.36 to £7.62"
     * @param  string  $steps  what many at once cost less; "" where nothing does
     * @param  int|null  $listing  what was made of it
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $revision,
        public string $blank,
        public string $supplier,
        public int $sheetWidth,
        public int $sheetHeight,
        public string $outline,
        public array $areas,
        public array $were,
        public array $laid,
        public array $instead,
        public array $artworks,
        public array $findings,
        public array $cloths,
        public array $sizes,
        public array $scenes,
        public ?TwoPricesView $prices,
        public ?TwoPricesView $proposal,
        public string $keeps,
        public string $steps,
        public string $currency,
        public bool $stops,
        public ?int $listing,
        public bool $stands,
        public ?string $keptAs,
        public string $refusal,
    ) {
    }

    public static function of(Stall $stall, Placed $placed): self
    {
        $said = $placed->said();
        $blank = $placed->blank();
        $placing = $placed->placing();
        /** @var array<int, Artwork> $artworks */
        $artworks = Artwork::of($stall)->where('state', Artwork::READY)->orderBy('name')->orderBy('version')->get()->keyBy('id')->all();
        $facts = array_filter(array_map(static fn (Artwork $a): ?ArtworkFacts => $a->read(), $artworks));
        $found = FaultsOf::find($blank, $placing, $artworks);
        $prices = $placed->prices === null ? null : new TwoPrices(...$placed->prices);
        $keeps = new WhatItKeeps($stall, $placed->blankItem ?? throw new \LogicException('A placing has a blank.'), $said);
        $bySize = $keeps->bySize($placing, $prices);
        $proposal = $keeps->proposal($placing);

        return new self(
            id: $placed->id,
            name: $placed->name,
            revision: $placed->revision,
            blank: $said->title,
            supplier: $placed->blankItem->connection->name ?? '',
            sheetWidth: $blank->sheet->width ?? 0,
            sheetHeight: $blank->sheet->height ?? 0,
            outline: $blank->sheet->outline ?? '',
            areas: array_map(static fn (PrintArea $a): PlacingAreaView => self::area($blank, $a), $blank->areas),
            were: self::were($placed, $blank, $placing),
            laid: array_map(static fn (Laid $l): LaidView => self::laid($l, $facts), $placing->laid),
            instead: self::instead($placing),
            artworks: self::artworks($stall, $placing, $artworks),
            findings: array_map(
                static fn (int $n, Finding $f): PrintFindingView => self::finding($n, $f, $said->variants, $placing),
                array_keys($found),
                $found,
            ),
            cloths: self::cloths($blank, $placing, $facts),
            sizes: self::sizes($stall, SizesOf::item($said), $placing, $bySize),
            scenes: self::scenes($placed, $blank),
            prices: $prices === null ? null : self::prices($stall, $prices),
            proposal: $proposal === null || $proposal == $prices ? null : self::prices($stall, $proposal),
            keeps: self::keeps($stall, $bySize),
            steps: self::steps($blank, $placing),
            currency: $stall->currency,
            stops: array_filter($found, static fn (Finding $f): bool => $f->weight === Severity::Stops) !== [],
            listing: $placed->made_item_id === null
                ? null
                : Listing::of($stall)->where('supplier_item_id', $placed->made_item_id)->value('id'),
            stands: $placed->made_revision === $placed->revision,
            keptAs: $placed->kept_as,
            refusal: $placed->refusal,
        );
    }

    private static function area(Blank $blank, PrintArea $area): PlacingAreaView
    {
        return new PlacingAreaView(
            code: $area->code,
            name: $area->name,
            left: $area->left,
            top: $area->top,
            width: $area->width,
            height: $area->height,
            safe: $area->safe,
            bleed: $area->bleed,
            from: $area->from,
            fromTop: $area->fromTop ?? $area->top,
            methods: array_values(array_map(
                static fn (PrintMethod $m): PlacingMethodView => new PlacingMethodView($m->code, $m->name),
                array_filter($blank->methods, static fn (PrintMethod $m): bool => in_array($area->code, $m->areas, true)),
            )),
        );
    }

    /** @return list<AreaWasView> of areas on which something lies */
    private static function were(Placed $placed, Blank $blank, Placing $placing): array
    {
        $were = [];
        foreach ($placing->printed() as $laid) {
            $area = $blank->area($laid->area);
            $was = $placed->areas[$laid->area] ?? null;
            if ($area === null || $was === null) {
                continue;
            }
            ['left' => $left, 'top' => $top, 'width' => $width, 'height' => $height] = $was;
            if ([$left, $top, $width, $height] !== [$area->left, $area->top, $area->width, $area->height]) {
                $were[] = new AreaWasView($area->code, $left, $top, $width, $height, sprintf(
                    '%s was %d × %d mm when you laid this, and is %d × %d mm now.',
                    $area->name,
                    $width,
                    $height,
                    $area->width,
                    $area->height,
                ));
            }
        }

        return $were;
    }

    /** @param  array<int, ArtworkFacts>  $facts */
    private static function laid(Laid $laid, array $facts): LaidView
    {
        return new LaidView($laid->area, $laid->method, array_map(
            static fn (Piece $p): PrintedPieceView => new PrintedPieceView(
                artwork: $p->artwork,
                x: $p->x,
                y: $p->y,
                width: $p->width,
                height: isset($facts[$p->artwork]) ? $facts[$p->artwork]->heightAt($p->width) : $p->width,
                turn: $p->turn,
                repeat: $p->repeat,
            ),
            $laid->pieces,
        ), $laid->ground);
    }

    /** @return list<InsteadView> */
    private static function instead(Placing $placing): array
    {
        $all = [];
        foreach ($placing->instead as $colour => $swaps) {
            foreach ($swaps as $artwork => $other) {
                $all[] = new InsteadView($colour, $artwork, $other);
            }
        }

        return $all;
    }

    /**
     * @param  array<int, Artwork>  $artworks
     * @return list<ArtworkView> those that are kept, and those that lie there
     */
    private static function artworks(Stall $stall, Placing $placing, array $artworks): array
    {
        $newest = [];
        foreach ($artworks as $one) {
            $newest[$one->family()] = max($newest[$one->family()] ?? 0, $one->version);
        }
        $shown = array_filter(
            $artworks,
            static fn (Artwork $a): bool => in_array($a->id, $placing->artworks(), true) ||
                ($a->removed_at === null && $newest[$a->family()] === $a->version),
        );

        return array_values(array_map(
            static fn (Artwork $a): ArtworkView => ArtworkView::of($stall, $a, $newest[$a->family()] === $a->version),
            $shown,
        ));
    }

    /** @param  list<\WindowStall\Core\Source\Variant>  $variants */
    private static function finding(int $n, Finding $found, array $variants, Placing $placing): PrintFindingView
    {
        $all = $hit = 0;
        foreach ($variants as $variant) {
            [$colour, $size] = [$variant->options[Blank::COLOUR] ?? '', $variant->options[Blank::SIZE] ?? ''];
            if (! in_array($colour, $placing->colours, true) || ($size !== '' && ! in_array($size, $placing->sizes, true))) {
                continue;
            }
            $all++;
            $hit += ($found->colours === [] || in_array($colour, $found->colours, true)) &&
                ($found->sizes === [] || in_array($size, $found->sizes, true)) ? 1 : 0;
        }

        return new PrintFindingView(
            n: $n,
            weight: $found->weight->value,
            area: $found->area,
            of: $found->of,
            short: $found->short,
            rest: $found->rest,
            hits: $found->weight === Severity::Fine || $hit === $all ? '' : sprintf('It hits %d of %d variants.', $hit, $all),
            mend: $found->mend?->label,
        );
    }

    /**
     * @param  array<int, ArtworkFacts>  $facts
     * @return list<ClothView>
     */
    private static function cloths(Blank $blank, Placing $placing, array $facts): array
    {
        $cloths = [];
        foreach ($blank->colours as $colour => $hex) {
            $told = 1000;
            foreach ($placing->printed() as $laid) {
                foreach ($laid->pieces as $piece) {
                    $read = $facts[$placing->artworkOn($colour, $piece->artwork)] ?? null;
                    $told = min($told, $read === null ? 1000 : ClothContrast::share($read, $laid->ground ?? $hex));
                }
            }
            $cloths[] = new ClothView(
                $colour,
                $hex,
                in_array($colour, $placing->colours, true),
                intdiv($told, 10),
                $told < ClothContrast::ENOUGH,
            );
        }

        return $cloths;
    }

    /**
     * @param  list<string>  $all
     * @param  array<string, VariantPrice>  $bySize
     * @return list<PrintedSizeView>
     */
    private static function sizes(Stall $stall, array $all, Placing $placing, array $bySize): array
    {
        $money = static fn (?int $minor): string => $minor === null ? '–' : MoneyView::text($stall->money($minor));

        return array_map(static function (string $size) use ($placing, $bySize, $money): PrintedSizeView {
            $price = $bySize[$size] ?? null;
            $asks = $price->price->minor ?? 0;

            return new PrintedSizeView(
                name: $size,
                chosen: $size === '' || in_array($size, $placing->sizes, true),
                costs: $money($price?->landed?->total->minor),
                asks: $money($price?->price?->minor),
                keeps: $money($price?->keep),
                loses: ($price->keep ?? 0) < 0,
                short: $price?->underFloor() ?? false,
                share: $asks === 0 ? 0 : max(0, min(100, intdiv(100 * ($price->keep ?? 0), $asks))),
            );
        }, $all);
    }

    /** @return list<PlacingSceneView> those that are chosen first, in their order */
    private static function scenes(Placed $placed, Blank $blank): array
    {
        $names = array_column(array_map(static fn (PrintPlate $p): array => [$p->scene, $p->name], $blank->plates), 1, 0);
        $chosen = array_values(array_filter($placed->scenes, static fn (string $s): bool => isset($names[$s])));
        $order = array_unique([...$chosen, ...array_map(strval(...), array_keys($names))]);

        return array_values(array_map(
            static fn (string $s): PlacingSceneView => new PlacingSceneView($s, $names[$s], in_array($s, $chosen, true)),
            $order,
        ));
    }

    private static function steps(Blank $blank, Placing $placing): string
    {
        $said = [];
        foreach (PrintCost::steps($blank, $placing) as $from => $bp) {
            $said[] = sprintf('%s%% less from %d', rtrim(rtrim(number_format($bp / 100, 1), '0'), '.'), $from);
        }

        return $said === [] ? '' : sprintf('Of many pieces in one order, printing costs %s.', FindingWords::all($said));
    }

    private static function prices(Stall $stall, TwoPrices $prices): TwoPricesView
    {
        $text = static fn (int $minor): string => MoneyView::text($stall->money($minor));

        return new TwoPricesView(
            $stall->money($prices->low)->digits(),
            $prices->upTo,
            $stall->money($prices->high)->digits(),
            $prices->low === $prices->high
                ? $text($prices->low)
                : sprintf('%s up to %s and %s above', $text($prices->low), $prices->upTo, $text($prices->high)),
        );
    }

    /** @param  array<string, VariantPrice>  $bySize */
    private static function keeps(Stall $stall, array $bySize): string
    {
        $keeps = array_filter(array_map(static fn (VariantPrice $p): ?int => $p->keep, $bySize), static fn (?int $k): bool => $k !== null);
        if ($keeps === []) {
            return 'isn’t delivered to your home market';
        }
        $text = static fn (int $minor): string => MoneyView::text($stall->money($minor));

        return min($keeps) === max($keeps)
            ? 'keeps '.$text(min($keeps))
            : 'keeps '.$text(min($keeps)).' to '.$text(max($keeps));
    }
}
