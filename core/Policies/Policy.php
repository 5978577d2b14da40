<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/**
 * A policy written from how the stall is set up: each clause stands there exactly when its setting says so, and what
 * only the seller knows is a blank until they say it. A start, and no legal advice.
 */
final readonly class Policy
{
    /** @param  list<Clause>  $clauses */
    private function __construct(public PolicyKind $kind, public array $clauses)
    {
    }

    public static function of(PolicyKind $kind, PolicyFacts $facts): self
    {
        $clauses = match ($kind) {
            PolicyKind::Delivery => self::delivery($facts),
            PolicyKind::Returns => self::returns($facts),
            PolicyKind::Privacy => self::privacy($facts),
            PolicyKind::Terms => self::terms($facts),
            PolicyKind::Legal => self::legal($facts),
        };
        $besides = trim($facts->besides[$kind->value] ?? '');

        return new self($kind, array_values(array_filter([
            ...$clauses,
            $besides === '' ? null : new Clause('besides', '', ['words' => $besides]),
        ])));
    }

    /** @return list<Blank> each once */
    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->clauses as $clause) {
            foreach ($clause->blanks() as $blank) {
                $blanks[$blank->value] = $blank;
            }
        }

        return array_values($blanks);
    }

    /** @return list<Clause|null> */
    private static function delivery(PolicyFacts $f): array
    {
        $charge = ['charge' => $f->delivery];

        return [
            new Clause('where', 'delivery.where', ['places' => $f->sendsTo]),
            match (true) {
                $f->delivery === null => new Clause('cost', 'delivery.depends'),
                $f->delivery->minor === 0 => new Clause('cost', 'delivery.free'),
                $f->freeOver === null => new Clause('cost', 'delivery.flat', $charge),
                default => new Clause('cost', 'delivery.free_over', $charge + ['over' => $f->freeOver]),
            },
            $f->days === null ? null : new Clause('days', 'delivery.days', ['days' => $f->days]),
            $f->postsFrom === [] ? null : new Clause('from', 'delivery.from', ['places' => $f->postsFrom]),
            $f->printed ? new Clause('printed', 'delivery.printed') : null,
            new Clause('late', 'delivery.late', ['days' => $f->promiseDays] + self::known($f, Blank::Email)),
        ];
    }

    /** @return list<Clause|null> */
    private static function returns(PolicyFacts $f): array
    {
        return [
            new Clause('period', 'returns.period', self::known($f, Blank::ReturnDays)),
            new Clause('how', 'returns.how', self::known($f, Blank::Email)),
            new Clause('pays', 'returns.pays', self::known($f, Blank::ReturnBy)),
            new Clause('refund', 'returns.refund', ['days' => Withdrawal::DAYS]),
            new Clause('faulty', 'returns.faulty'),
            $f->byLaw ? new Clause('law', 'returns.law') : null,
        ];
    }

    /** @return list<Clause|null> */
    private static function privacy(PolicyFacts $f): array
    {
        return [
            new Clause('who', 'privacy.who', self::trader($f) + self::known($f, Blank::Email)),
            new Clause('orders', $f->asksPhone ? 'privacy.orders_and_phone' : 'privacy.orders', self::known($f, Blank::KeepYears)),
            $f->postsFrom === [] ? null : new Clause('suppliers', 'privacy.suppliers', ['places' => $f->postsFrom]),
            new Clause('payment', 'privacy.payment'),
            new Clause('cookies', $f->speaks ? 'privacy.cookies_and_language' : 'privacy.cookies'),
            $f->letters ? new Clause('letters', 'privacy.letters') : null,
            $f->form ? new Clause('form', 'privacy.form') : null,
            $f->byLaw ? new Clause('rights', 'privacy.rights') : null,
        ];
    }

    /** @return list<Clause|null> */
    private static function terms(PolicyFacts $f): array
    {
        return [
            new Clause('who', 'terms.who', self::trader($f)),
            new Clause('contract', 'terms.contract'),
            new Clause('prices', $f->taxOnTop ? 'terms.prices_on_top' : 'terms.prices'),
            new Clause('gone', 'terms.gone'),
            new Clause('others', 'terms.others'),
            new Clause('law', $f->byLaw ? 'terms.law_of_yours' : 'terms.law', ['country' => [$f->country]]),
        ];
    }

    /** @return list<Clause|null> */
    private static function legal(PolicyFacts $f): array
    {
        return [
            new Clause('who', 'legal.who', ['shop' => $f->shop] + self::known($f, Blank::Trader)),
            new Clause('address', 'legal.address', array_diff_key(self::trader($f), ['trader' => true])),
            new Clause('email', 'legal.email', self::known($f, Blank::Email)),
            $f->phone === null ? null : new Clause('phone', 'legal.phone', ['phone' => $f->phone]),
            $f->register === null ? null : new Clause('register', 'legal.register', ['register' => $f->register]),
            $f->taxNumber === null ? null : new Clause('tax', 'legal.tax', ['number' => $f->taxNumber]),
        ];
    }

    /** @return array<string, string|int|list<string>|null> who sells, and where that is */
    private static function trader(PolicyFacts $f): array
    {
        return ['country' => [$f->country]] + self::known($f, Blank::Trader, Blank::Street, Blank::Town, Blank::Postcode);
    }

    /** @return array<string, string|int|null> what only the seller knows, or null where they haven't said */
    private static function known(PolicyFacts $f, Blank ...$blanks): array
    {
        $known = [];
        foreach ($blanks as $blank) {
            $said = match ($blank) {
                Blank::Trader => $f->trader,
                Blank::Street => $f->street,
                Blank::Town => $f->town,
                Blank::Postcode => $f->postcode,
                Blank::Email => $f->email,
                Blank::ReturnDays => $f->returnDays,
                Blank::KeepYears => $f->keepYears,
                Blank::ReturnBy => $f->returnBy,
            };
            $said = is_string($said) ? trim($said) : $said;
            $known[$blank->value] = $said === '' ? null : $said;
        }

        return $known;
    }
}
