<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Weight;
use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Core\Words\Plural;

/** A rehearsal went well, and nothing that it goes by was changed since. */
final class Rehearsed implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        $stuck = $facts->rehearsed?->stuck() ?? [];

        return match (true) {
            $facts->rehearsed === null => new LeftItem(
                Weight::Pity,
                'Nobody has bought anything yet, not even as a test',
                'A rehearsal goes through the shop as a shopper would, from the front page to something sent back.',
                MendedAt::Opening,
                'Rehearse it',
            ),
            $stuck !== [] => self::stuck($stuck, $facts->changed),
            $facts->changed => new LeftItem(
                Weight::Pity,
                'No rehearsal since the last change',
                'It went well, and then something was changed that it goes by: prices, places, payment, suppliers or pages.',
                MendedAt::Opening,
                'Rehearse it again',
            ),
            default => null,
        };
    }

    public function stands(LeftFacts $facts): string
    {
        $all = count($facts->rehearsed->shoppers ?? []);

        return $all === 0 || $this->left($facts) !== null ? '' : Plural::spoken($all, 'shopper').' went through it and back';
    }

    public function rank(): int
    {
        return 45;
    }

    /** @param  non-empty-list<RolledShopper>  $stuck */
    private static function stuck(array $stuck, bool $changed): LeftItem
    {
        $step = $stuck[0]->broken() ?? throw new \LogicException('Who is stuck is stuck somewhere.');
        $read = $step->read === '' ? '' : sprintf(' They read: “%s”', $step->read);

        return new LeftItem(
            Weight::Stops,
            sprintf('A shopper of the rehearsal got stuck %s', $step->kind->where()),
            $step->words.$read.(count($stuck) > 1 ? sprintf(' So did %s more.', Plural::spoken(count($stuck) - 1, 'other')) : '')
                .($changed ? ' Something was changed since: rehearse it again.' : ''),
            $changed ? MendedAt::Opening : $step->kind->mendedAt(),
            $changed ? 'Rehearse it again' : 'Mend it',
        );
    }
}
