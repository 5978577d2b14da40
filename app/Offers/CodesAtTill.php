<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Basket\Codes\Allotment;
use WindowStall\Core\Basket\Codes\Discount as CoreCode;
use WindowStall\Core\Basket\Codes\DiscountedLine;
use WindowStall\Core\Basket\Codes\Gift;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** What the codes that were typed, and those that count by themselves, take off a basket. */
final readonly class CodesAtTill
{
    /** Codes a basket takes. */
    public const MOST = 5;

    public function __construct(private CodeUses $uses)
    {
    }

    /**
     * @param  list<CodedLine>  $lines
     * @param  int  $delivery  what delivery would cost; minor units
     */
    public function __invoke(Stall $stall, AskedCodes $asked, array $lines, int $delivery): TillCodes
    {
        $refused = [];
        $typed = [];
        $codes = Code::of($stall)->where('singles', false)->whereNull('code')->get()
            ->filter(static fn (Code $code): bool => $code->runsAt(now()));
        foreach (array_slice($asked->typed, 0, self::MOST) as $one) {
            $code = Code::called($stall, $one);
            $why = $code === null
                ? Speech::say('till.codes.unknown', code: $one)
                : $this->why($stall, $code, $one, $asked);
            if ($why !== null) {
                $refused[$one] = $why;
            } elseif ($code !== null && ! in_array($code->id, $typed, true)) {
                $typed[$one] = $code->id;
                $codes->push($code);
            }
        }
        $codes = $codes->filter(fn (Code $code): bool => ! $code->byItself() || $this->why($stall, $code, '', $asked) === null);
        if ($codes->isEmpty() || $lines === []) {
            return new TillCodes(Allotment::none(), [], $refused);
        }
        $allotment = Allotment::of(
            array_map(static fn (CodedLine $l): DiscountedLine => new DiscountedLine($l->key, $l->pieces, $l->total, $l->listing), $lines),
            array_values($codes->map(fn (Code $code): CoreCode => $this->core($stall, $code, $lines))->all()),
            $delivery,
        );
        $names = array_flip($typed);
        $used = [];
        foreach ($codes as $code) {
            if (isset($allotment->codes[$code->id])) {
                $used[$code->id] = ['typed' => (string) ($names[$code->id] ?? ''), 'words' => CodeWords::forShopper($stall, $code)];
            } elseif (isset($names[$code->id])) {
                $one = (string) $names[$code->id];
                $refused[$one] = $this->idle($stall, $code, $one, $allotment, $lines);
            }
        }

        return new TillCodes($allotment, $used, $refused);
    }

    /** Why it doesn't count for this shopper now; null where it does. */
    private function why(Stall $stall, Code $code, string $typed, AskedCodes $asked): ?string
    {
        return match (true) {
            $code->starts_at !== null && $code->starts_at > now() => Speech::say(
                'till.codes.begins',
                code: $typed,
                day: Spoken::date(Clock::of($stall)->local($code->starts_at)),
            ),
            $code->ends_at !== null && $code->ends_at <= now() => Speech::say(
                'till.codes.ended',
                code: $typed,
                day: Spoken::date(Clock::of($stall)->local($code->ends_at), 'dates.moment'),
            ),
            $code->countries !== [] && ! in_array($asked->country, $code->countries, true) => Speech::say(
                'till.codes.country',
                code: $typed,
                country: Spoken::countrySaid($asked->country),
            ),
            $this->isUsedUp($code, $typed, $asked->basket) => Speech::say('till.codes.used', code: $typed),
            default => $asked->email === null ? null : $this->whyNotThem($code, $typed, $asked->email, $asked->basket),
        };
    }

    private function isUsedUp(Code $code, string $typed, string $butFor): bool
    {
        $uses = $code->most_uses === null ? 0 : $this->uses->of([$code->id], $butFor)[$code->id] ?? 0;

        return ($code->most_uses !== null && $uses >= $code->most_uses)
            || ($code->singles && $this->uses->single($code->id, $typed, $butFor));
    }

    /** Why it doesn't count for this customer. */
    private function whyNotThem(Code $code, string $typed, string $email, string $butFor): ?string
    {
        $each = $code->most_each === null ? 0 : $this->uses->by($email, [$code->id], $butFor)[$code->id] ?? 0;

        return match (true) {
            $code->first_only && $this->uses->bought($email) => Speech::say('till.codes.first', code: $typed),
            $code->most_each !== null && $each >= $code->most_each => Speech::say('till.codes.used_by_you', code: $typed),
            default => null,
        };
    }

    public function holdsFor(Code $code, CodedLine $line): bool
    {
        return $this->held($code, [$line]) !== [];
    }

    /** @param  list<CodedLine>  $lines */
    private function core(Stall $stall, Code $code, array $lines): CoreCode
    {
        $held = $this->held($code, $lines);
        $off = $code->off($stall);
        if ($off instanceof Gift) {
            return self::gift($stall, $code, $off, $lines, $held ?? $lines);
        }

        return new CoreCode(
            $code->id,
            $off,
            $held === null ? null : array_map(static fn (CodedLine $l): int => $l->key, $held),
            self::least($stall, $code),
            $code->together,
            $code->under_floor ? [] : array_column(
                array_map(static fn (CodedLine $l): array => [$l->key, $l->floor], $lines),
                1,
                0,
            ),
        );
    }

    /**
     * What is given away is under its floor by its nature; what is bought beside it has to come to the least.
     *
     * @param  list<CodedLine>  $lines
     * @param  list<CodedLine>  $held
     */
    private static function gift(Stall $stall, Code $code, Gift $gift, array $lines, array $held): CoreCode
    {
        $isGift = static fn (CodedLine $l): bool => $l->listing === $gift->goods;

        return new CoreCode(
            $code->id,
            $gift,
            self::keys(array_filter($lines, $isGift)),
            self::least($stall, $code),
            $code->together,
            beside: self::keys(array_filter($held, static fn (CodedLine $l): bool => ! $isGift($l))),
        );
    }

    /**
     * @param  array<CodedLine>  $lines
     * @return list<int>
     */
    private static function keys(array $lines): array
    {
        return array_values(array_map(static fn (CodedLine $l): int => $l->key, $lines));
    }

    /** What goods have to be worth for it, as the market shows amounts. */
    private static function least(Stall $stall, Code $code): ?Money
    {
        return $code->least_minor === null ? null : $stall->seen()->show($stall->money($code->least_minor));
    }

    /**
     * @param  list<CodedLine>  $lines
     * @return list<CodedLine>|null null where it holds for all
     */
    private function held(Code $code, array $lines): ?array
    {
        $values = $code->holds['values'] ?? [];
        $listings = match ($code->holds['by']) {
            'goods' => array_map(intval(...), $values),
            'shelves' => DB::table('shelf_goods')
                ->whereIn('shelf_id', $values)
                ->whereIn('listing_id', array_map(static fn (CodedLine $l): int => $l->listing, $lines))
                ->pluck('listing_id')
                ->map(intval(...))
                ->all(),
            default => [],
        };
        $tags = array_map(static fn (string|int $tag): string => mb_strtolower((string) $tag), $values);

        return match ($code->holds['by']) {
            'all' => null,
            'tags' => array_values(array_filter(
                $lines,
                static fn (CodedLine $l): bool => array_intersect(array_map(mb_strtolower(...), $l->tags), $tags) !== [],
            )),
            default => array_values(array_filter(
                $lines,
                static fn (CodedLine $l): bool => in_array($l->listing, $listings, true),
            )),
        };
    }

    /**
     * Why a code that counts takes nothing off.
     *
     * @param  list<CodedLine>  $lines
     */
    private function idle(Stall $stall, Code $code, string $typed, Allotment $allotment, array $lines): string
    {
        if (in_array($code->id, $allotment->unused, true)) {
            return Speech::say('till.codes.not_together', code: $typed);
        }
        $off = $code->off($stall);
        $held = $this->held($code, $lines) ?? $lines;
        if ($off instanceof Gift) {
            if (array_filter($lines, static fn (CodedLine $l): bool => $l->listing === $off->goods) === []) {
                return Speech::say('till.codes.gift_missing', code: $typed, gift: CodeWords::gift($stall, $off));
            }
            $held = array_values(array_filter($held, static fn (CodedLine $l): bool => $l->listing !== $off->goods));
        }
        if ($off instanceof SetPrice && array_diff($off->goods, array_map(static fn (CodedLine $l): int => $l->listing, $held)) !== []) {
            return Speech::say('till.codes.set_missing', code: $typed, set: CodeWords::forShopper($stall, $code));
        }
        $sum = array_sum(array_map(static fn (CodedLine $l): int => $l->total, $held));
        $least = self::least($stall, $code);

        return match (true) {
            $held === [] => Speech::say('till.codes.not_these', code: $typed),
            $least !== null && $sum < $least->minor => Speech::say(
                'till.codes.least',
                code: $typed,
                least: $least,
                more: $least->with($least->minor - $sum),
            ),
            default => Speech::say('till.codes.nothing', code: $typed),
        };
    }
}
