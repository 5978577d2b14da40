<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Contracts\Container\Container;
use Throwable;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Opening\Rehearsal\Cast;
use WindowStall\Core\Opening\Rehearsal\Roll;
use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Core\Opening\Rehearsal\RolledStep;
use WindowStall\Core\Opening\Rehearsal\StepOutcome;
use WindowStall\Core\Opening\Seen\SeenPage;
use WindowStall\Core\Payment\MethodTerms;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;

/**
 * Has shoppers made up for it go through a stall's real shop, from the front page to something sent back: one in each market it
 * sells to, and one by each way of paying. What they order is seen by nobody ({@see OneStall::rehearse}), paid as a test, asked of
 * suppliers as a test, and gone when they leave; what they did and read stays.
 *
 * @phpstan-import-type StoredPage from SeenPage
 */
final readonly class Rehearse
{
    /** In the order in which a shopper takes them. */
    private const STEPS = [
        Steps\ComesIn::class, Steps\FindsOnShelf::class, Steps\FindsByWord::class, Steps\PutsInBasket::class,
        Steps\ChecksOut::class, Steps\Pays::class, Steps\IsOrdered::class, Steps\ReadsLetters::class, Steps\Arrives::class,
        Steps\SendsBack::class,
    ];

    public function __construct(private ReachesShop $way, private Container $steps, private ReadsHeads $heads)
    {
    }

    public function __invoke(Stall $stall, Rehearsal $rehearsal): void
    {
        OneStall::rehearse();
        // What one that broke off left behind.
        ForgetRehearsed::of($stall);
        try {
            $done = [];
            foreach (Cast::of(self::offered($stall)) as $shopper) {
                $done[] = $this->send($stall, $shopper, static fn (RolledShopper $now) => $rehearsal->update([
                    'roll' => (new Roll([...$done, $now]))->toArray(),
                ]));
            }
            $rehearsal->update(['seen' => $this->seen($stall)]);
        } finally {
            ForgetRehearsed::of($stall);
            OneStall::rehearse(false);
        }
        $rehearsal->update(['ended_at' => now()]);
        TellBroke::of($stall, $rehearsal);
    }

    /** @return list<StoredPage> none where the shop doesn't answer: who went through it said so */
    private function seen(Stall $stall): array
    {
        try {
            return array_map(static fn (SeenPage $page): array => $page->toArray(), ($this->heads)($stall));
        } catch (Stuck) {
            return [];
        }
    }

    /** @return array<string, list<PayMethod>> country → how can be paid there */
    private static function offered(Stall $stall): array
    {
        $payment = PaymentConnection::of($stall);
        $offered = [];
        foreach (ShopMarket::all($stall) as $market) {
            $offered[$market->country] ??= array_values(array_filter(
                PayMethod::cases(),
                static fn (PayMethod $method): bool => self::isOffered($payment->terms($method, $stall), $market->country, $stall),
            ));
        }

        return $offered;
    }

    /** Whether some sum can be paid so there. */
    private static function isOffered(MethodTerms $terms, string $country, Stall $stall): bool
    {
        return $terms->isOffered($country, $terms->least ?? $terms->most ?? Money::of(1, $stall->currency));
    }

    /**
     * @param  callable(RolledShopper): mixed  $note
     */
    private function send(Stall $stall, RolledShopper $shopper, callable $note): RolledShopper
    {
        $there = $stall->seenFrom($shopper->country);
        $browser = new ShopBrowser($there, $this->way);
        $visit = new Visit($there, $shopper->country, $shopper->method, $browser, WantedGoods::of($there));
        $begun = microtime(true);
        foreach (self::STEPS as $class) {
            $step = $this->steps->make($class);
            $said = static fn (StepOutcome $how, string $words, string $read = ''): RolledStep => new RolledStep(
                $step->kind(),
                (int) round((microtime(true) - $begun) * 1_000),
                $how,
                $words,
                mb_substr($read, 0, 300),
            );
            $shopper = $shopper->with(self::take($step, $visit, $said));
            $note($shopper);
            if ($shopper->isAtTheEnd()) {
                break;
            }
        }
        $visit->leave();

        return $shopper;
    }

    /** @param  callable(StepOutcome, string, string=): RolledStep  $said */
    private static function take(Step $step, Visit $visit, callable $said): RolledStep
    {
        try {
            return $said(StepOutcome::Fine, $step($visit));
        } catch (Untested $untested) {
            return $said(StepOutcome::Untested, $untested->getMessage());
        } catch (Stuck $stuck) {
            return $said(StepOutcome::Broken, $stuck->getMessage(), $stuck->read);
        } catch (Throwable $e) {
            report($e);

            return $said(StepOutcome::Broken, 'Something went wrong here. It has been noted.');
        }
    }
}
