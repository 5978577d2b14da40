<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Tannet;

use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\ConnectorCard;
use WindowStall\Source\Connectors\FetchesByLink;
use WindowStall\Source\Connectors\JsonSupplier;
use WindowStall\Source\Connectors\Parcel;
use WindowStall\Source\Connectors\Quote;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Speaks Tannet Print Works' JSON interface: blanks, what can be printed on them, and delivery. */
final readonly class TannetConnector implements Connector, FetchesByLink
{
    public const NAME = 'Tannet Print Works';

    private const PAGES_AT_MOST = 5_000;

    private JsonSupplier $tannet;

    public function __construct(int $seconds = 8)
    {
        $this->tannet = new JsonSupplier(self::NAME, $seconds);
    }

    public function card(): ConnectorCard
    {
        return new ConnectorCard(
            'tannet',
            self::NAME,
            'A print house. It prints your artwork on shirts, totes, mugs and paper when they are ordered, and posts '.
                'them.',
            (string) config('stall.tannet.address'),
            'From your studio’s page at Tannet Print Works. Beside the demo’s stand-in, tannet-second-key is one.',
            order: 20,
        );
    }

    public function check(Access $access): void
    {
        Reading::of(self::NAME, $this->tannet->ask($access, 'get', '/api/account'))->text('studio');
    }

    public function catalogue(Access $access): iterable
    {
        for ($page = 1; $page <= self::PAGES_AT_MOST; $page++) {
            $said = Reading::of(self::NAME, $this->tannet->ask($access, 'get', '/api/blanks', ['page' => $page]));
            yield new CataloguePage(
                array_map(TannetReader::item(...), $said->list('blanks')),
                $said->wholeOrNull('count'),
            );
            if ($page >= $said->whole('pages')) {
                return;
            }
        }
    }

    public function quotes(Access $access, array $parcels): array
    {
        $quotes = [];
        foreach (array_chunk($parcels, 200) as $some) {
            $said = $this->tannet->ask($access, 'post', '/api/delivery', [
                'parcels' => array_map(
                    static fn (Parcel $p): array => ['to' => $p->destination, 'grams' => $p->grams],
                    $some,
                ),
            ]);
            if (! is_array($said['answers'] ?? null) || count($said['answers']) !== count($some)) {
                throw SupplierTrouble::strange(self::NAME);
            }
            foreach ($said['answers'] as $methods) {
                $quotes[] = array_map(
                    static fn (Reading $q): Quote => new Quote(
                        $q->text('method', 40),
                        $q->whole('price'),
                        ...[...$q->days('days'), $q->wholeOrNull('further')],
                    ),
                    Reading::of(self::NAME, ['m' => $methods])->list('m', 50),
                );
            }
        }

        return $quotes;
    }

    public function idIn(Access $access, string $address): ?string
    {
        return preg_match('~^'.preg_quote($access->address, '~').'/#?(TP-[A-Z]{2,10})$~', $address, $m) === 1
            ? $m[1]
            : null;
    }

    public function item(Access $access, string $id): Item
    {
        return TannetReader::item(
            Reading::of(self::NAME, $this->tannet->ask($access, 'get', '/api/blanks/'.rawurlencode($id))),
        );
    }
}
