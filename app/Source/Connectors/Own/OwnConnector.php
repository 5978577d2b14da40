<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Own;

use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\ConnectorCard;
use WindowStall\Source\Own\OwnGood;

/** Goods of a stall's own, of which nothing is posted: what the stall says of them is what a supplier would. */
final readonly class OwnConnector implements Connector
{
    public const KIND = 'own';

    public function card(): ConnectorCard
    {
        return new ConnectorCard(self::KIND, 'yourself', 'Files to download, and what is done at a time.', order: 90, offered: false);
    }

    public function check(Access $access): void
    {
    }

    public function catalogue(Access $access): iterable
    {
        foreach (OwnGood::query()->where('connection_id', $access->connection)->orderBy('id')->lazyById(200) as $good) {
            yield new CataloguePage([$good->item()], null);
        }
    }

    /** Nothing of it is sent. */
    public function quotes(Access $access, array $parcels): array
    {
        return array_map(static fn (): array => [], $parcels);
    }
}
