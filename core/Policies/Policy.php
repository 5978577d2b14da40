<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

use WindowStall\Core\Words\Plural;

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
            $besides === '' ? null : new Clause('besides', $besides),
        ])));
    }

    /** @return list<Blank> each once */
    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->clauses as $clause) {
            foreach ($clause->blanks as $blank) {
                $blanks[$blank->value] = $blank;
            }
        }

        return array_values($blanks);
    }

    /** @return array<string, string> key → words */
    public function words(): array
    {
        return array_column($this->clauses, 'words', 'key');
    }

    /**
     * Where a published version says otherwise than the stall is set up now.
     *
     * @param  array<string, string>  $published  key → words
     * @return list<array{said: string, now: string}> "" where it said nothing, or says nothing any more
     */
    public function differs(array $published): array
    {
        $differs = [];
        $now = $this->words();
        foreach (array_keys($published + $now) as $key) {
            $said = $published[$key] ?? '';
            $says = $now[$key] ?? '';
            if ($said !== $says) {
                $differs[] = ['said' => $said, 'now' => $says];
            }
        }

        return $differs;
    }

    /** @return list<Clause|null> */
    private static function delivery(PolicyFacts $f): array
    {
        $cost = match (true) {
            $f->delivery === null => 'Delivery is free.',
            $f->freeOver === null => sprintf('Delivery costs %s an order, however much you buy.', $f->delivery),
            default => sprintf('Delivery costs %s an order, and nothing from %s on.', $f->delivery, $f->freeOver),
        };

        return [
            new Clause('where', sprintf('We send to %s.', self::list($f->sendsTo))),
            new Clause('cost', $cost),
            $f->days === null ? null : new Clause(
                'days',
                sprintf('An order is with you in %s. Each page says how long its goods take.', $f->days->words()),
            ),
            $f->postsFrom === [] ? null : new Clause('from', sprintf(
                'Goods are posted to you straight from where they lie, in %s. What lies in different places comes in '.
                    'parcels of its own.',
                self::list($f->postsFrom),
            )),
            $f->printed ? new Clause(
                'printed',
                'Printed goods are made when you order them; that is part of the time each page says.',
            ) : null,
            self::clause('late', sprintf(
                'If something hasn’t come within %s, write to {email}: we send it again or give your money back.',
                Plural::of($f->promiseDays, 'working day'),
            ), $f),
        ];
    }

    /** @return list<Clause|null> */
    private static function returns(PolicyFacts $f): array
    {
        return [
            self::clause('period', 'You can send things back within {return_days} of getting them, without saying why.', $f),
            self::clause('how', 'Write to {email} first, and we tell you where it goes.', $f),
            self::clause('pays', '{return_by}', $f),
            new Clause('refund', sprintf(
                'We give back what you paid for it within %d days of having it back, the plain delivery to you included '.
                    'when a whole order comes back.',
                Withdrawal::DAYS,
            )),
            new Clause(
                'faulty',
                'What arrives broken or wrong is ours to put right: we send another or give your money back, and you '.
                    'pay nothing for the post.',
            ),
            $f->byLaw ? new Clause('law', 'All this stands beside the rights the law gives you.') : null,
        ];
    }

    /** @return list<Clause|null> */
    private static function privacy(PolicyFacts $f): array
    {
        return [
            self::clause('who', '{trader}, {street}, {town} {postcode}, '.$f->country.
                ', answers for what is kept about you. Write to {email}.', $f),
            self::clause('orders', 'To send your order we keep your name, address and e-mail and what you bought, for '.
                '{keep_years}, as the tax office asks of us.', $f),
            $f->postsFrom === [] ? null : new Clause('suppliers', sprintf(
                'Your name and address go to whoever posts your parcel, in %s, and to the carrier, for nothing else.',
                self::list($f->postsFrom),
            )),
            new Clause('payment', 'You pay on the page of a payment service; we never see your card.'),
            new Clause(
                'cookies',
                'One cookie remembers your basket. Nobody follows you about here, so there is nothing to agree to.',
            ),
            $f->letters ? new Clause(
                'letters',
                'If you sign up for our letters, we keep your e-mail and when you agreed, until you say stop.',
            ) : null,
            $f->form ? new Clause('form', 'What you write to us is kept with our answers, so that we know what was said.') : null,
            $f->byLaw ? new Clause(
                'rights',
                'You can ask what we keep, have it put right, given to you or removed, and complain to the authority '.
                    'that watches over it where you live.',
            ) : null,
        ];
    }

    /** @return list<Clause|null> */
    private static function terms(PolicyFacts $f): array
    {
        return [
            self::clause('who', 'You buy from {trader}, {street}, {town} {postcode}, '.$f->country.'.', $f),
            new Clause('contract', 'A sale is agreed when your payment has gone through. Until then nothing is charged.'),
            new Clause('prices', $f->taxOnTop
                ? 'Prices are without VAT; it is added before you pay.'
                : 'Prices include VAT. What you see before you pay is all you pay.'),
            new Clause('gone', 'If something turns out to be sold out, you aren’t charged for it.'),
            new Clause('others', 'How things reach you stands under Delivery; how they go back, under Returns.'),
            new Clause('law', sprintf('The law of %s counts%s.', $f->country, $f->byLaw
                ? '; where the law of your own country protects you further, that stays'
                : '')),
        ];
    }

    /** @return list<Clause|null> */
    private static function legal(PolicyFacts $f): array
    {
        return [
            self::clause('who', sprintf('%s is run by {trader}.', $f->shop), $f),
            self::clause('address', '{street}, {town} {postcode}, '.$f->country, $f),
            self::clause('email', 'Write to {email}.', $f),
            $f->phone === null ? null : new Clause('phone', 'Ring '.$f->phone.'.'),
            $f->register === null ? null : new Clause('register', 'Registered as '.$f->register.'.'),
            $f->taxNumber === null ? null : new Clause('tax', 'VAT number '.$f->taxNumber.'.'),
        ];
    }

    /** A clause with what only the seller knows in its place, or a blank. */
    private static function clause(string $key, string $words, PolicyFacts $facts): Clause
    {
        $blanks = [];
        $written = (string) preg_replace_callback('/\{(\w+)\}/', function (array $place) use ($facts, &$blanks): string {
            $blank = Blank::from($place[1]);
            $known = self::known($blank, $facts);
            if ($known === null) {
                $blanks[] = $blank;
            }

            return $known ?? '['.$blank->words().']';
        }, $words);

        return new Clause($key, $written, $blanks);
    }

    private static function known(Blank $blank, PolicyFacts $f): ?string
    {
        $said = match ($blank) {
            Blank::Trader => $f->trader,
            Blank::Street => $f->street,
            Blank::Town => $f->town,
            Blank::Postcode => $f->postcode,
            Blank::Email => $f->email,
            Blank::ReturnDays => $f->returnDays === null ? null : Plural::of($f->returnDays, 'day'),
            Blank::KeepYears => $f->keepYears === null ? null : Plural::of($f->keepYears, 'year'),
            Blank::ReturnBy => match ($f->returnBy) {
                'shopper' => 'You pay for sending it back, unless it is broken or wrong.',
                'stall' => 'We pay for sending it back.',
                default => null,
            },
        };

        return $said === null || trim($said) === '' ? null : trim($said);
    }

    /** @param  list<string>  $names */
    private static function list(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }
}
