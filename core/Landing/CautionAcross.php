<?php

declare(strict_types=1);

namespace WindowStall\Core\Landing;

use WindowStall\Core\Money\Money;

/** A caution that holds for some of an item's variants, or for all, with the figures of the worst of them. */
final readonly class CautionAcross
{
    /**
     * @param  list<string>  $labels  the variants it holds for
     * @param  int  $of  how many variants there are
     */
    private function __construct(public Caution $worst, public array $labels, public int $of)
    {
    }

    public function all(): bool
    {
        return count($this->labels) === $this->of;
    }

    /**
     * @param  list<array{label: string, landed: LandedCost, rrp: Money|null, stock: array<string, int>}>  $variants
     *     those that are delivered to the market; RRP in the stall's currency, stock by warehouse
     * @param  string  $market  ISO 3166 country
     * @param  int|null  $promise  working days within which the shop promises delivery
     * @return list<self> the costliest mistake first
     */
    public static function of(array $variants, string $market, ?int $promise = null): array
    {
        $found = [];
        foreach ($variants as $variant) {
            foreach (Caution::about($variant['landed'], $variant['rrp'], $variant['stock'], $market, $promise) as $caution) {
                $found[$caution->kind->value][] = ['caution' => $caution, 'label' => $variant['label']];
            }
        }
        $across = [];
        foreach (CautionKind::cases() as $kind) {
            $held = $found[$kind->value] ?? [];
            if ($held !== []) {
                $across[] = new self(
                    self::worst(array_column($held, 'caution')),
                    array_column($held, 'label'),
                    count($variants),
                );
            }
        }

        return $across;
    }

    /** @param  non-empty-list<Caution>  $cautions  of one kind */
    private static function worst(array $cautions): Caution
    {
        return array_reduce(
            $cautions,
            static fn (Caution $worst, Caution $c): Caution => self::weight($c) > self::weight($worst) ? $c : $worst,
            $cautions[0],
        );
    }

    /** How bad one of a kind is beside another of that kind. */
    private static function weight(Caution $caution): int
    {
        return match ($caution->kind) {
            CautionKind::DearDelivery => ($caution->one->minor ?? 0) - ($caution->other->minor ?? 0),
            CautionKind::RrpUnderLanded => ($caution->other->minor ?? 0) - ($caution->one->minor ?? 0),
            CautionKind::NothingNear, CautionKind::SlowerThanPromised => $caution->days->max ?? 0,
            CautionKind::SoldOut => 0,
        };
    }
}
