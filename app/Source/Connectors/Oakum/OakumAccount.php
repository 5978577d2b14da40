<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Oakum;

use DateTimeImmutable;
use WindowStall\Core\Dispatch\Asking\OfferState;
use WindowStall\Core\Dispatch\Asking\WishState;
use WindowStall\Core\Money\Money;
use WindowStall\Source\Connectors\AccountStanding;
use WindowStall\Source\Connectors\Extra;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SaidOffer;
use WindowStall\Source\Connectors\SaidRequest;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Reads what Oakum Depot says of an account: how it stands, what can be laid in, what was asked for and offered. */
final class OakumAccount
{
    /** In which Oakum charges. */
    private const CURRENCY = 'USD';

    public static function standing(mixed $said): AccountStanding
    {
        $account = Reading::of(OakumConnector::NAME, $said);
        $balance = $account->wholeOrNull('balance');
        $ahead = [];
        foreach ($account->listOrNone('ahead', 1_000) as $lot) {
            $ahead[$lot->text('variant', 60)][] = [
                'pieces' => $lot->whole('pieces', 1, 1_000_000),
                'left' => $lot->whole('left', 0, 1_000_000),
                'cost' => Money::of($lot->whole('cost', 0, 100_000_000), self::CURRENCY),
            ];
        }

        return new AccountStanding(
            $balance === null ? null : Money::of($balance, self::CURRENCY),
            $account->wholeOrNull('most_pieces', 1, 1_000_000),
            $ahead,
        );
    }

    /** @return list<Extra> */
    public static function extras(mixed $said): array
    {
        return array_map(
            static fn (Reading $one): Extra => new Extra(
                $one->text('code', 20),
                $one->text('name', 80),
                Money::of($one->whole('cost', 0, 1_000_000), self::CURRENCY),
            ),
            Reading::of(OakumConnector::NAME, $said)->list('extras', 50),
        );
    }

    public static function request(mixed $said): SaidRequest
    {
        $request = Reading::of(OakumConnector::NAME, $said);

        return new SaidRequest(
            (string) $request->whole('id', 1),
            WishState::tryFrom($request->text('state', 12)) ?? throw SupplierTrouble::strange(OakumConnector::NAME),
            array_map(static fn (Reading $one): array => [
                'id' => (string) $one->whole('id', 1),
                'key' => $one->textOrNull('key', 80),
                'theirs' => $one->text('from', 12) === 'supplier',
                'words' => $one->text('words', 4_000),
                'at' => self::moment($one->text('at', 40)),
            ], $request->list('messages', 1_000)),
            array_map(self::offer(...), $request->list('offers', 100)),
        );
    }

    private static function offer(Reading $one): SaidOffer
    {
        $result = $one->mapOrNone('result');

        return new SaidOffer(
            id: (string) $one->whole('id', 1),
            cost: Money::of($one->whole('cost', 0, 100_000_000), self::CURRENCY),
            pieces: $one->whole('pieces', 1, 1_000_000),
            once: Money::of($one->whole('once', 0, 100_000_000), self::CURRENCY),
            days: $one->whole('days', 0, 400),
            words: $one->text('words', 600),
            state: OfferState::tryFrom($one->text('state', 12)) ?? throw SupplierTrouble::strange(OakumConnector::NAME),
            item: $result?->textOrNull('item', 60),
            order: self::number($result?->wholeOrNull('order', 1)),
        );
    }

    private static function number(?int $number): ?string
    {
        return $number === null ? null : (string) $number;
    }

    private static function moment(string $said): DateTimeImmutable
    {
        $at = DateTimeImmutable::createFromFormat(DATE_ATOM, $said);

        return $at === false ? throw SupplierTrouble::strange(OakumConnector::NAME) : $at;
    }
}
