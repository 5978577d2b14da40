<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Tannet;

use Illuminate\Http\Request;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\ConnectorCard;
use WindowStall\Source\Connectors\Extra;
use WindowStall\Source\Connectors\FetchesByLink;
use WindowStall\Source\Connectors\JsonSupplier;
use WindowStall\Source\Connectors\OffersExtras;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Connectors\PrintOrder;
use WindowStall\Source\Connectors\PrintsArtwork;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\Connectors\SupplierNews;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\TriesOrders;

/** Speaks Tannet Print Works' JSON interface: blanks, what can be printed on them, and delivery. */
final readonly class TannetConnector implements Connector, FetchesByLink, OffersExtras, PrintsArtwork, TriesOrders
{
    public const NAME = 'Tannet Print Works';

    /** News signed longer ago than this may be a replay; seconds. */
    private const NEWS_AGE = 300;

    /** Seconds that sending a print file may take. */
    private const FILE_SECONDS = 40;

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
                    static fn (ParcelToQuote $p): array => ['to' => $p->destination, 'grams' => $p->grams],
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

    public function stock(Access $access, array $variants): array
    {
        $plain = array_map(self::plain(...), $variants);
        $said = Reading::of(
            self::NAME,
            $this->tannet->ask($access, 'get', '/api/stock', ['skus' => implode(',', array_unique($plain))]),
        );
        $stock = $said->wholeMap('stock');

        return array_filter(
            array_combine($variants, array_map(static fn (string $sku): ?int => $stock[$sku] ?? null, $plain)),
            static fn (?int $pieces): bool => $pieces !== null,
        );
    }

    public function hasFile(Access $access, string $sha256): bool
    {
        return Reading::of(self::NAME, $this->tannet->ask($access, 'get', '/api/files/'.$sha256))->flag('here');
    }

    public function sendFile(Access $access, string $sha256, string $bytes): void
    {
        (new JsonSupplier(self::NAME, self::FILE_SECONDS))->put($access, '/api/files/'.$sha256, $bytes);
    }

    public function order(
        Access $access,
        string $idempotencyKey,
        string $reference,
        array $lines,
        array $address,
        array $extras = [],
    ): SupplierAnswer {
        $asked = self::asked($reference, $lines, $address, $extras);

        return TannetReader::answer($this->tannet->ask($access, 'post', '/api/orders', $asked, ['Idempotency-Key' => $idempotencyKey]));
    }

    public function tryOrder(Access $access, string $reference, array $lines, array $address, array $extras = []): array
    {
        $would = $this->tannet->ask($access, 'post', '/api/orders/test', self::asked($reference, $lines, $address, $extras))['would'] ?? null;

        return is_array($would) ? array_map(TannetReader::answer(...), array_values($would)) : throw SupplierTrouble::strange(self::NAME);
    }

    /**
     * An order as Tannet reads it.
     *
     * @param  list<array{variant: string, quantity: int, warehouse?: string, prints?: list<PrintOrder>}>  $lines
     * @param  array<string, string>  $address
     * @param  list<string>  $extras
     * @return array<string, mixed>
     */
    private static function asked(string $reference, array $lines, array $address, array $extras): array
    {
        return [
            'reference' => $reference,
            'lines' => array_map(
                static fn (array $l): array => [
                    'sku' => self::plain($l['variant']),
                    'quantity' => $l['quantity'],
                    'prints' => array_map(
                        static fn (PrintOrder $p): array => [
                            'area' => $p->area,
                            'method' => $p->method,
                            'file' => $p->sha256,
                            'width_mm' => $p->width / 10,
                            'height_mm' => $p->height / 10,
                            'dpi' => $p->dpi,
                        ],
                        $l['prints'] ?? [],
                    ),
                ],
                $lines,
            ),
            'address' => $address,
            'extras' => $extras,
        ];
    }

    public function orderState(Access $access, string $externalId): SupplierAnswer
    {
        return TannetReader::answer($this->tannet->ask($access, 'get', '/api/orders/'.rawurlencode($externalId)));
    }

    public function cancel(Access $access, string $externalId): SupplierAnswer
    {
        try {
            $said = $this->tannet->ask($access, 'post', '/api/orders/'.rawurlencode($externalId).'/cancel');
        } catch (SupplierTrouble $trouble) {
            // Refused for good is an answer, too: how it stands says why.
            return $trouble->passing ? throw $trouble : $this->orderState($access, $externalId);
        }

        return TannetReader::answer($said);
    }

    public function extras(Access $access): array
    {
        $said = Reading::of(self::NAME, $this->tannet->ask($access, 'get', '/api/extras'));
        $currency = $said->text('currency', 3);

        return array_map(
            static fn (Reading $e): Extra => new Extra(
                $e->text('code', 40),
                $e->text('name', 120),
                Money::of($e->whole('cost'), $currency),
            ),
            $said->list('extras', 50),
        );
    }

    public function listen(Access $access, string $address, #[\SensitiveParameter] string $secret): void
    {
        $this->tannet->ask($access, 'put', '/api/hook', ['address' => $address, 'secret' => $secret]);
    }

    public function listensAt(Access $access): ?string
    {
        return Reading::of(self::NAME, $this->tannet->ask($access, 'get', '/api/hook'))->textOrNull('address', 300);
    }

    public function news(Request $request, #[\SensitiveParameter] string $secret): ?SupplierNews
    {
        $signed = preg_match('/^t=(\d{1,12}), v=([0-9a-f]{64})$/D', (string) $request->header('Tannet-Signature'), $m) === 1;
        if (
            ! $signed ||
            abs(time() - (int) $m[1]) > self::NEWS_AGE ||
            ! hash_equals(hash_hmac('sha256', $m[1].'.'.$request->getContent(), $secret), $m[2])
        ) {
            return null;
        }
        try {
            $said = Reading::of(self::NAME, json_decode($request->getContent(), true));
            $event = $said->text('event', 80);
            $blank = $said->textOrNull('blank', 80);

            return $blank !== null
                ? new SupplierNews($event, $said->text('kind', 40), null, $blank)
                : new SupplierNews($event, $said->text('kind', 40), TannetReader::answer($said->plain('order')));
        } catch (SupplierTrouble) {
            return null;
        }
    }

    /** Printed goods are made of a blank's variant: its SKU, and after a tilde which placing. */
    private static function plain(string $variant): string
    {
        return explode('~', $variant, 2)[0];
    }
}
