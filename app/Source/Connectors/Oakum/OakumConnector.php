<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Oakum;

use Illuminate\Http\Request;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\AccountStanding;
use WindowStall\Source\Connectors\AlreadyPacked;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\ConnectorCard;
use WindowStall\Source\Connectors\FetchesByLink;
use WindowStall\Source\Connectors\JoinsParcels;
use WindowStall\Source\Connectors\JsonSupplier;
use WindowStall\Source\Connectors\KeepsAccount;
use WindowStall\Source\Connectors\OffersExtras;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Connectors\Reading;
use WindowStall\Source\Connectors\SaidRequest;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\Connectors\SupplierNews;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\SupplierWish;
use WindowStall\Source\Connectors\TakesRequests;
use WindowStall\Source\Connectors\TellsWhatMoves;
use WindowStall\Source\Connectors\TriesOrders;

/** Speaks Oakum Depot's JSON interface. What it can't read, in whole or in part, is trouble, never a guess. */
final readonly class OakumConnector implements Connector, FetchesByLink, JoinsParcels, KeepsAccount, OffersExtras, TakesRequests, TellsWhatMoves, TriesOrders
{
    public const NAME = 'Oakum Depot';

    /** News signed longer ago than this may be a replay; seconds. */
    private const NEWS_AGE = 300;

    /** Letters that the number of a piece of news may have. */
    private const LONGEST = 80;

    private const PAGE = 50;

    private const PAGES_AT_MOST = 20_000;

    private JsonSupplier $oakum;

    public function __construct(int $seconds = 6)
    {
        $this->oakum = new JsonSupplier(self::NAME, $seconds);
    }

    public function card(): ConnectorCard
    {
        return new ConnectorCard(
            'oakum',
            self::NAME,
            'A wholesaler with warehouses in Britain, Germany, China and the United States. It posts each parcel '.
                'straight to the shopper.',
            (string) config('stall.oakum.address'),
            'From your account at Oakum Depot. Beside the demo’s stand-in, oakum-second-key is one.',
            order: 10,
        );
    }

    public function check(Access $access): void
    {
        $said = $this->oakum->ask($access, 'get', '/v1/account');
        if (! is_string($said['account'] ?? null)) {
            throw SupplierTrouble::strange(self::NAME);
        }
    }

    public function catalogue(Access $access): iterable
    {
        $after = null;
        for ($page = 0; $page < self::PAGES_AT_MOST; $page++) {
            $said = $this->oakum->ask(
                $access,
                'get',
                '/v1/items',
                array_filter(['after' => $after, 'limit' => self::PAGE]),
            );
            if (! is_array($said['items'] ?? null)) {
                throw SupplierTrouble::strange(self::NAME);
            }
            yield new CataloguePage(
                array_map(OakumReader::item(...), array_values($said['items'])),
                is_int($said['total'] ?? null) ? $said['total'] : null,
            );
            $next = $said['next'] ?? null;
            if (! is_string($next) || $next === $after) {
                return;
            }
            $after = $next;
        }
    }

    public function quotes(Access $access, array $parcels): array
    {
        $quotes = [];
        foreach (array_chunk($parcels, 200) as $some) {
            $said = $this->oakum->ask($access, 'post', '/v1/quotes', [
                'parcels' => array_map(
                    static fn (ParcelToQuote $p): array => [
                        'warehouse' => $p->warehouse,
                        'destination' => $p->destination,
                        'grams' => $p->grams,
                    ],
                    $some,
                ),
            ]);
            if (! is_array($said['quotes'] ?? null) || count($said['quotes']) !== count($some)) {
                throw SupplierTrouble::strange(self::NAME);
            }
            foreach ($said['quotes'] as $methods) {
                $quotes[] = OakumReader::quotes($methods);
            }
        }

        return $quotes;
    }

    public function idIn(Access $access, string $address): ?string
    {
        return preg_match(
            '~^'.preg_quote($access->address, '~').'/goods/(OD-[\w-]{1,30})(?:[/?#]|$)~',
            $address,
            $m,
        ) === 1
            ? $m[1]
            : null;
    }

    public function item(Access $access, string $id): Item
    {
        return OakumReader::item($this->oakum->ask($access, 'get', '/v1/items/'.rawurlencode($id)));
    }

    public function stock(Access $access, array $variants): array
    {
        $said = $this->oakum->ask($access, 'get', '/v1/stock', ['variants' => implode(',', $variants)]);

        return array_map(
            static fn (mixed $pieces): int => array_sum(self::pieces($pieces)),
            self::map($said['stock'] ?? []),
        );
    }

    public function moving(Access $access, array $variants): array
    {
        $said = $this->oakum->ask($access, 'get', '/v1/moving', ['variants' => implode(',', $variants)]);
        $moving = [];
        foreach (self::map($said['variants'] ?? []) as $id => $now) {
            if (! is_array($now) || ! is_int($now['cost'] ?? null) || $now['cost'] < 0) {
                throw SupplierTrouble::strange(self::NAME);
            }
            $moving[(string) $id] = ['cost' => $now['cost'], 'stock' => self::pieces($now['stock'] ?? null)];
        }

        return $moving;
    }

    /** @return array<mixed> */
    private static function map(mixed $said): array
    {
        return is_array($said) ? $said : throw SupplierTrouble::strange(self::NAME);
    }

    /** @return array<string, int> by warehouse; what isn't a count is trouble, for nothing must look sold out by it */
    private static function pieces(mixed $said): array
    {
        foreach (self::map($said) as $pieces) {
            if (! is_int($pieces)) {
                throw SupplierTrouble::strange(self::NAME);
            }
        }

        return array_map(static fn (int $n): int => max(0, $n), self::map($said));
    }

    public function order(
        Access $access,
        string $idempotencyKey,
        string $reference,
        array $lines,
        array $address,
        array $extras = [],
    ): SupplierAnswer {
        return OakumReader::answer(
            $this->oakum->ask(
                $access,
                'post',
                '/v1/orders',
                ['reference' => $reference, 'lines' => $lines, 'address' => $address, 'extras' => $extras],
                ['Idempotency-Key' => $idempotencyKey],
            ),
        );
    }

    public function tryOrder(Access $access, string $reference, array $lines, array $address, array $extras = []): array
    {
        $asked = ['reference' => $reference, 'lines' => $lines, 'address' => $address, 'extras' => $extras];
        $would = $this->oakum->ask($access, 'post', '/v1/orders/test', $asked)['would'] ?? null;

        return is_array($would) ? array_map(OakumReader::answer(...), array_values($would)) : throw SupplierTrouble::strange(self::NAME);
    }

    public function join(
        Access $access,
        string $idempotencyKey,
        string $reference,
        array $lines,
        array $address,
        string $into,
    ): SupplierAnswer {
        try {
            return OakumReader::answer($this->oakum->ask(
                $access,
                'post',
                '/v1/orders',
                ['reference' => $reference, 'lines' => $lines, 'address' => $address, 'joins' => (int) $into],
                ['Idempotency-Key' => $idempotencyKey],
            ));
        } catch (SupplierTrouble $trouble) {
            throw $trouble->kind === 'packed' ? new AlreadyPacked($trouble->getMessage(), previous: $trouble) : $trouble;
        }
    }

    public function orderState(Access $access, string $externalId): SupplierAnswer
    {
        return OakumReader::answer($this->oakum->ask($access, 'get', '/v1/orders/'.rawurlencode($externalId)));
    }

    public function cancel(Access $access, string $externalId): SupplierAnswer
    {
        try {
            $said = $this->oakum->ask($access, 'post', '/v1/orders/'.rawurlencode($externalId).'/cancel');
        } catch (SupplierTrouble $trouble) {
            // Refused for good is an answer, too: how it stands says why.
            return $trouble->passing ? throw $trouble : $this->orderState($access, $externalId);
        }

        return OakumReader::answer($said);
    }

    public function standing(Access $access): AccountStanding
    {
        return OakumAccount::standing($this->oakum->ask($access, 'get', '/v1/account'));
    }

    public function extras(Access $access): array
    {
        return OakumAccount::extras($this->oakum->ask($access, 'get', '/v1/extras'));
    }

    public function request(Access $access, string $key, SupplierWish $wish): SaidRequest
    {
        return OakumAccount::request($this->oakum->ask($access, 'post', '/v1/requests', array_filter([
            'kind' => $wish->kind->value,
            'words' => $wish->words,
            'item' => $wish->item,
            'variant' => $wish->variant,
            'pieces' => $wish->pieces,
            'wished' => $wish->wished?->minor,
            'link' => $wish->link,
            'picture' => $wish->picture,
        ], static fn (mixed $one): bool => $one !== null), ['Idempotency-Key' => $key]));
    }

    public function requestState(Access $access, string $externalId): SaidRequest
    {
        return OakumAccount::request($this->oakum->ask($access, 'get', '/v1/requests/'.rawurlencode($externalId)));
    }

    public function writeTo(Access $access, string $externalId, string $key, string $words): void
    {
        $this->oakum->ask(
            $access,
            'post',
            '/v1/requests/'.rawurlencode($externalId).'/messages',
            ['words' => $words],
            ['Idempotency-Key' => $key],
        );
    }

    public function takeOffer(Access $access, string $externalId, string $offer, ?array $address): SaidRequest
    {
        return OakumAccount::request($this->oakum->ask(
            $access,
            'post',
            '/v1/requests/'.rawurlencode($externalId).'/offers/'.rawurlencode($offer).'/take',
            $address === null ? [] : ['address' => $address],
        ));
    }

    public function listen(Access $access, string $address, #[\SensitiveParameter] string $secret): void
    {
        $this->oakum->ask($access, 'put', '/v1/hook', ['address' => $address, 'secret' => $secret]);
    }

    public function listensAt(Access $access): ?string
    {
        $said = Reading::of(self::NAME, $this->oakum->ask($access, 'get', '/v1/hook'));

        return $said->textOrNull('address', 300);
    }

    public function news(Request $request, #[\SensitiveParameter] string $secret): ?SupplierNews
    {
        $time = (string) $request->header('Oakum-Time');
        $right = hash_hmac('sha256', $time.'.'.$request->getContent(), $secret);
        if (
            ! ctype_digit($time) ||
            abs(time() - (int) $time) > self::NEWS_AGE ||
            ! hash_equals($right, (string) $request->header('Oakum-Signature'))
        ) {
            return null;
        }
        $said = json_decode($request->getContent(), true);
        if (
            ! is_array($said) ||
            ! is_string($said['event'] ?? null) ||
            ! is_string($said['kind'] ?? null) ||
            mb_strlen($said['event']) > self::LONGEST ||
            mb_strlen($said['kind']) > self::LONGEST / 2
        ) {
            return null;
        }
        $item = $said['item'] ?? null;
        if (is_string($item) && preg_match('/^OD-[\w-]{1,30}$/D', $item) === 1) {
            return new SupplierNews($said['event'], $said['kind'], null, $item);
        }

        return is_array($said['order'] ?? null)
            ? new SupplierNews($said['event'], $said['kind'], OakumReader::answer($said['order']))
            : null;
    }
}
