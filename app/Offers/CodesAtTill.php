<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Basket\Codes\Allotment;
use WindowStall\Core\Basket\Codes\Code as CoreCode;
use WindowStall\Core\Basket\Codes\DiscountedLine;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

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
                ? sprintf('“%s” is no code of this shop.', $one)
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
            array_map(static fn (CodedLine $l): DiscountedLine => new DiscountedLine($l->key, $l->pieces, $l->total), $lines),
            array_values($codes->map(fn (Code $code): CoreCode => $this->core($stall, $code, $lines))->all()),
            $delivery,
        );
        $names = array_flip($typed);
        $used = [];
        foreach ($codes as $code) {
            if (isset($allotment->codes[$code->id])) {
                $used[$code->id] = ['typed' => (string) ($names[$code->id] ?? ''), 'words' => CodeWords::off($stall, $code)];
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
            $code->starts_at !== null && $code->starts_at > now() => sprintf(
                'The code %s counts from %s on.',
                $typed,
                Clock::of($stall)->day($code->starts_at),
            ),
            $code->ends_at !== null && $code->ends_at <= now() => sprintf(
                'The code %s counted until %s.',
                $typed,
                Clock::of($stall)->moment($code->ends_at),
            ),
            $code->countries !== [] && ! in_array($asked->country, $code->countries, true) => sprintf(
                'The code %s doesn’t count for %s.',
                $typed,
                Stall::countrySaid($asked->country),
            ),
            $this->isUsedUp($code, $typed, $asked->basket) => sprintf(
                'The code %s has been used as often as it may be.',
                $typed,
            ),
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
            $code->first_only && $this->uses->bought($email) => sprintf(
                'The code %s is for a first order, and you have bought here before.',
                $typed,
            ),
            $code->most_each !== null && $each >= $code->most_each => sprintf(
                'You have used the code %s as often as it may be.',
                $typed,
            ),
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

        return new CoreCode(
            $code->id,
            $code->off($stall),
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
            return sprintf('The code %s doesn’t go together with the other one. What saves you more counts.', $typed);
        }
        $held = $this->held($code, $lines) ?? $lines;
        $sum = array_sum(array_map(static fn (CodedLine $l): int => $l->total, $held));
        $least = self::least($stall, $code);

        return match (true) {
            $held === [] => sprintf('The code %s doesn’t count for any of these goods.', $typed),
            $least !== null && $sum < $least->minor => sprintf(
                'The code %s counts from %s on. %s more and it does.',
                $typed,
                MoneyView::text($least),
                MoneyView::text($least->with($least->minor - $sum)),
            ),
            default => sprintf('The code %s takes nothing off these goods.', $typed),
        };
    }
}
