<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Guards;

use WindowStall\Core\Money\Money;

/**
 * Counts what a pull would do to a supplier's goods, variant by variant, before any of it is used. Only what changed is
 * told it; how many there are in all is told with the question.
 */
final class Tally
{
    private const SAMPLES = 5;

    /** A cost that is "a hundred times" another lies within this band around a hundred. */
    private const HUNDRED = [50, 200];

    private int $emptied = 0;

    private int $halved = 0;

    private int $currencies = 0;

    private int $larger = 0;

    private int $smaller = 0;

    /** @var array<string, list<string>> guard → sentences */
    private array $samples = [];

    /** @var array<string, string> barcode that stands at another variant than before → that variant's label */
    private array $barcodes = [];

    public function changed(VariantGlance $before, VariantGlance $after): void
    {
        if ($before->pieces > 0 && $after->pieces === 0) {
            $this->emptied++;
            $this->sample(Guard::Emptied, sprintf('%s: %d in stock → sold out', $after->label, $before->pieces));
        }
        if ($after->barcode !== null && $after->barcode !== $before->barcode) {
            $this->barcodes[$after->barcode] = $after->label;
        }
        if ($before->currency !== $after->currency) {
            $this->currencies++;
            $this->sample(Guard::Currency, self::costs($before, $after));

            return;
        }
        $this->cost($before, $after);
    }

    /**
     * @return array<string, string> barcodes new to their variants → its label; whose they were is for the caller to
     *     find
     */
    public function barcodes(): array
    {
        return $this->barcodes;
    }

    /** A barcode that belonged to another variant of the supplier's. */
    public function movedBarcode(string $barcode, string $from, string $to): void
    {
        $this->sample(Guard::Barcodes, sprintf('%s: %s → %s', $barcode, $from, $to));
    }

    /**
     * @param  int  $goods  the supplier's goods before the pull
     * @param  int  $missing  of them that aren't in it
     * @param  int  $variants  their variants before the pull
     * @param  int  $inStock  of them that could be sold
     * @param  int  $moved  barcodes that belonged to another variant
     * @param  int  $met  goods in the pull
     */
    public function weigh(int $goods, int $missing, int $variants, int $inStock, int $moved, int $met): Weighed
    {
        return new Weighed(
            goods: $goods,
            missing: $missing,
            met: $met,
            variants: $variants,
            inStock: $inStock,
            emptied: $this->emptied,
            halved: $this->halved,
            currencies: $this->currencies,
            larger: $this->larger,
            smaller: $this->smaller,
            moved: $moved,
        );
    }

    /** @return list<Suspicion> in the order in which they weigh */
    public function judge(GuardLimits $limits, Weighed $weighed): array
    {
        return array_map(
            fn (array $one): Suspicion => new Suspicion(
                guard: $one[0],
                words: $one[3],
                count: $one[1],
                of: $one[2],
                samples: $this->samples[$one[0]->value] ?? [],
            ),
            $weighed->trips($limits),
        );
    }

    private function cost(VariantGlance $before, VariantGlance $after): void
    {
        [$was, $is] = [$before->cost, $after->cost];
        if ($was === $is || $was === 0) {
            return;
        }
        [$least, $most] = self::HUNDRED;
        $larger = $is >= $was * $least && $is <= $was * $most;
        $smaller = $is > 0 && $was >= $is * $least && $was <= $is * $most;
        $this->larger += $larger ? 1 : 0;
        $this->smaller += $smaller ? 1 : 0;
        if ($larger || $smaller) {
            $this->sample(Guard::Hundredfold, self::costs($before, $after));
        }
        if ($is * 2 <= $was) {
            $this->halved++;
            $this->sample(Guard::Halved, self::costs($before, $after));
        }
    }

    private static function costs(VariantGlance $before, VariantGlance $after): string
    {
        $words = static fn (VariantGlance $v): string => Money::of($v->cost, $v->currency)->digits().
            ' '.
            $v->currency;

        return $after->label.': '.$words($before).' → '.$words($after);
    }

    private function sample(Guard $guard, string $sentence): void
    {
        if (count($this->samples[$guard->value] ?? []) < self::SAMPLES) {
            $this->samples[$guard->value][] = $sentence;
        }
    }
}
