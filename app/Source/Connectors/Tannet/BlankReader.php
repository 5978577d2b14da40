<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Tannet;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Print\Plates\PlateForm;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\BlankFacts;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintLimits;
use WindowStall\Core\Source\PrintMethod;
use WindowStall\Core\Source\PrintPlate;
use WindowStall\Core\Source\PrintSheet;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SupplierTrouble;

/**
 * Reads what can be printed on a blank, and what is known of it.
 *
 * @phpstan-import-type SaidForm from PlateForm
 */
final class BlankReader
{
    private const MOST_CENTS = 10_000_000;

    /** Millimetres that a blank may be long. */
    private const LONGEST = 5000;

    public static function blank(Reading $blank, string $currency): Blank
    {
        $areas = array_map(self::area(...), $blank->list('areas', 50));
        $colours = $dark = [];
        foreach ($blank->list('variants') as $variant) {
            $colour = $variant->text('colour', 60);
            $hex = $variant->textOrNull('hex', 7);
            $colours[$colour] = $hex !== null && preg_match('/^#[0-9a-f]{6}$/iD', $hex) === 1 ? $hex : '#ffffff';
            if ($variant->flag('dark') && ! in_array($colour, $dark, true)) {
                $dark[] = $colour;
            }
        }

        return new Blank(
            $areas,
            array_map(static fn (Reading $m): PrintMethod => self::method($m, $currency), $blank->list('methods', 50)),
            self::sheet($blank->mapOrNone('sheet')),
            $colours,
            $dark,
            $blank->wholeMap('scales'),
            array_map(static fn (Reading $p): PrintPlate => self::plate($p, $areas), $blank->listOrNone('plates', 20)),
            new BlankFacts(
                $blank->textOrNull('material', 300) ?? '',
                $blank->textOrNull('care', 300) ?? '',
                $blank->textOrNull('made', 300) ?? '',
                self::sizes($blank->mapOrNone('sizes_mm')),
            ),
        );
    }

    private static function area(Reading $area): PrintArea
    {
        return new PrintArea(
            $area->text('code', 40),
            $area->text('name', 80),
            $area->whole('width_mm', 1, self::LONGEST),
            $area->whole('height_mm', 1, self::LONGEST),
            $area->wholeOrNull('left_mm', 0, self::LONGEST) ?? 0,
            $area->wholeOrNull('top_mm', 0, self::LONGEST) ?? 0,
            $area->wholeOrNull('safe_mm', 0, 200) ?? 0,
            $area->wholeOrNull('bleed_mm', 0, 200) ?? 0,
            $area->textOrNull('from', 60) ?? 'the edge',
            $area->wholeOrNull('from_top_mm', 0, self::LONGEST),
        );
    }

    private static function method(Reading $method, string $currency): PrintMethod
    {
        $money = static fn (int $cents): Money => Money::of(min($cents, self::MOST_CENTS), $currency);
        $dpi = $method->wholesOrNone('dpi', 3);
        $breaks = array_map(
            static fn (array $b): array => [$b[0] ?? 0, min(10_000, $b[1] ?? 0)],
            $method->wholeListsOrNone('breaks', 20),
        );

        return new PrintMethod(
            $method->text('code', 40),
            $method->text('name', 80),
            $money($method->whole('first', 0, self::MOST_CENTS)),
            $money($method->whole('further', 0, self::MOST_CENTS)),
            $method->texts('areas'),
            array_map($money, $method->wholeMapOrNone('by_area')),
            ($method->wholeOrNull('underbase') ?? 0) === 0 ? null : $money($method->whole('underbase')),
            new PrintLimits(
                max(1, $dpi[0] ?? 150),
                max(1, min(1200, $dpi[1] ?? 300)),
                max(1, $dpi[2] ?? 600),
                $method->wholeOrNull('line', 0, 1000) ?? 0,
                $method->wholeOrNull('threads', 1, 1000),
                $method->wholeOrNull('reach', 0, 1000),
                $method->flag('soft', true),
                $method->textOrNull('format', 10) === 'pdf' ? 'pdf' : 'png',
                $breaks,
            ),
        );
    }

    private static function sheet(?Reading $sheet): ?PrintSheet
    {
        if ($sheet === null) {
            return null;
        }
        $outline = $sheet->text('outline', 8000);

        // It is drawn in the workshop: path data and nothing else.
        return preg_match('/^[MmLlHhVvCcSsQqTtAaZz0-9eE,.\s+-]+$/D', $outline) === 1
            ? new PrintSheet(
                $sheet->whole('width_mm', 1, self::LONGEST),
                $sheet->whole('height_mm', 1, self::LONGEST),
                $outline,
            )
            : throw SupplierTrouble::strange(TannetConnector::NAME);
    }

    /** @param  list<PrintArea>  $areas */
    private static function plate(Reading $plate, array $areas): PrintPlate
    {
        $forms = [];
        $said = $plate->mapOrNone('areas');
        foreach ($areas as $area) {
            $form = $said?->mapOrNone($area->code);
            if ($form !== null) {
                $forms[$area->code] = self::form($form, $area);
            }
        }

        return new PrintPlate(
            $plate->text('scene', 40),
            $plate->text('name', 80),
            $plate->whole('side', 100, 20_000),
            $plate->textMap('pictures'),
            $plate->text('mask', 600),
            $plate->text('shading', 600),
            $plate->text('displacement', 600),
            $plate->whole('reach', 0, 500),
            $forms,
        );
    }

    /** @return SaidForm */
    private static function form(Reading $said, PrintArea $area): array
    {
        $form = $said->text('form', 20) === 'round'
            ? ['form' => 'round'] + array_filter([
                'left' => $said->numberOrNull('left'),
                'right' => $said->numberOrNull('right'),
                'top' => $said->numberOrNull('top'),
                'bottom' => $said->numberOrNull('bottom'),
                'span' => $said->numberOrNull('span'),
            ], static fn (?float $n): bool => $n !== null)
            : ['form' => 'flat', 'corners' => $said->points('corners')];
        try {
            PlateForm::fromArray($form, $area);
        } catch (\InvalidArgumentException) {
            throw SupplierTrouble::strange(TannetConnector::NAME);
        }

        return $form;
    }

    /** @return array<string, array<string, int>> */
    private static function sizes(?Reading $said): array
    {
        $sizes = [];
        foreach ($said?->keys() ?? [] as $size) {
            $sizes[$size] = $said?->wholeMap($size) ?? [];
        }

        return $sizes;
    }
}
