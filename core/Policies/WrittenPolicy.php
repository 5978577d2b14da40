<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/**
 * A policy written from how the stall is set up: each clause stands there exactly when its setting says so, and what
 * only the seller knows is a blank until they say it. A start, and no legal advice.
 */
final readonly class WrittenPolicy
{
    /** @param  list<PolicyClause>  $clauses */
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
            $besides === '' ? null : new PolicyClause('besides', '', ['words' => $besides]),
        ])));
    }

    /** @return list<MissingFact> each once */
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

    /** @return list<PolicyClause|null> */
    private static function delivery(PolicyFacts $f): array
    {
        $charge = ['charge' => $f->delivery];

        return [
            new PolicyClause('where', 'delivery.where', ['places' => $f->sendsTo]),
            match (true) {
                $f->delivery === null => new PolicyClause('cost', 'delivery.depends'),
                $f->delivery->minor === 0 => new PolicyClause('cost', 'delivery.free'),
                $f->freeOver === null => new PolicyClause('cost', 'delivery.flat', $charge),
                default => new PolicyClause('cost', 'delivery.free_over', $charge + ['over' => $f->freeOver]),
            },
            $f->days === null ? null : new PolicyClause('days', 'delivery.days', ['days' => $f->days]),
            $f->postsFrom === [] ? null : new PolicyClause('from', 'delivery.from', ['places' => $f->postsFrom]),
            $f->printed ? new PolicyClause('printed', 'delivery.printed') : null,
            new PolicyClause('late', 'delivery.late', ['days' => $f->promiseDays] + self::known($f, MissingFact::Email)),
        ];
    }

    /** @return list<PolicyClause|null> */
    private static function returns(PolicyFacts $f): array
    {
        return [
            new PolicyClause('period', 'returns.period', self::known($f, MissingFact::ReturnDays)),
            new PolicyClause('how', 'returns.how', self::known($f, MissingFact::Email)),
            new PolicyClause('pays', 'returns.pays', self::known($f, MissingFact::ReturnBy)),
            new PolicyClause('refund', 'returns.refund', ['days' => Withdrawal::DAYS]),
            new PolicyClause('faulty', 'returns.faulty'),
            $f->byLaw ? new PolicyClause('law', 'returns.law') : null,
        ];
    }

    /** @return list<PolicyClause|null> */
    private static function privacy(PolicyFacts $f): array
    {
        return [
            new PolicyClause('who', 'privacy.who', self::trader($f) + self::known($f, MissingFact::Email)),
            new PolicyClause('orders', $f->asksPhone ? 'privacy.orders_and_phone' : 'privacy.orders', self::known($f, MissingFact::KeepYears)),
            $f->postsFrom === [] ? null : new PolicyClause('suppliers', 'privacy.suppliers', ['places' => $f->postsFrom]),
            new PolicyClause('payment', 'privacy.payment'),
            new PolicyClause('cookies', 'privacy.cookies'.($f->speaks ? '_and_language' : '').($f->scripts === '' ? '' : '_alone')),
            $f->scripts === '' ? null : new PolicyClause('scripts', 'privacy.scripts', ['names' => $f->scripts]),
            $f->grownUps ? new PolicyClause('grown_up', 'privacy.grown_up') : null,
            $f->halves ? new PolicyClause('halves', 'privacy.halves') : null,
            $f->letters ? new PolicyClause('letters', 'privacy.letters') : null,
            $f->form ? new PolicyClause('form', 'privacy.form') : null,
            $f->byLaw ? new PolicyClause('rights', 'privacy.rights') : null,
        ];
    }

    /** @return list<PolicyClause|null> */
    private static function terms(PolicyFacts $f): array
    {
        return [
            new PolicyClause('who', 'terms.who', self::trader($f)),
            new PolicyClause('contract', 'terms.contract'),
            new PolicyClause('prices', $f->taxOnTop ? 'terms.prices_on_top' : 'terms.prices'),
            new PolicyClause('gone', 'terms.gone'),
            new PolicyClause('others', 'terms.others'),
            new PolicyClause('law', $f->byLaw ? 'terms.law_of_yours' : 'terms.law', ['country' => [$f->country]]),
        ];
    }

    /** @return list<PolicyClause|null> */
    private static function legal(PolicyFacts $f): array
    {
        return [
            new PolicyClause('who', 'legal.who', ['shop' => $f->shop] + self::known($f, MissingFact::Trader)),
            new PolicyClause('address', 'legal.address', array_diff_key(self::trader($f), ['trader' => true])),
            new PolicyClause('email', 'legal.email', self::known($f, MissingFact::Email)),
            $f->phone === null ? null : new PolicyClause('phone', 'legal.phone', ['phone' => $f->phone]),
            $f->register === null ? null : new PolicyClause('register', 'legal.register', ['register' => $f->register]),
            $f->taxNumber === null ? null : new PolicyClause('tax', 'legal.tax', ['number' => $f->taxNumber]),
        ];
    }

    /** @return array<string, string|int|list<string>|null> who sells, and where that is */
    private static function trader(PolicyFacts $f): array
    {
        return ['country' => [$f->country]] + self::known($f, MissingFact::Trader, MissingFact::Street, MissingFact::Town, MissingFact::Postcode);
    }

    /** @return array<string, string|int|null> what only the seller knows, or null where they haven't said */
    private static function known(PolicyFacts $f, MissingFact ...$blanks): array
    {
        $known = [];
        foreach ($blanks as $blank) {
            $said = match ($blank) {
                MissingFact::Trader => $f->trader,
                MissingFact::Street => $f->street,
                MissingFact::Town => $f->town,
                MissingFact::Postcode => $f->postcode,
                MissingFact::Email => $f->email,
                MissingFact::ReturnDays => $f->returnDays,
                MissingFact::KeepYears => $f->keepYears,
                MissingFact::ReturnBy => $f->returnBy,
            };
            $said = is_string($said) ? trim($said) : $said;
            $known[$blank->value] = $said === '' ? null : $said;
        }

        return $known;
    }
}
