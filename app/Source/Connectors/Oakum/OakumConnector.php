<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Oakum;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Http;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\CataloguePage;
use WindowStall\Source\Connectors\Connector;
use WindowStall\Source\Connectors\Parcel;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\Connectors\SupplierNews;
use WindowStall\Source\Connectors\SupplierTrouble;

/** Speaks Oakum Depot's JSON interface. What it can't read, in whole or in part, is trouble, never a guess. */
final readonly class OakumConnector implements Connector
{
    /** News signed longer ago than this may be a replay; seconds. */
    private const NEWS_AGE = 300;

    private const PAGES_AT_MOST = 20_000;

    public function __construct(private int $seconds)
    {
    }

    public function kind(): string
    {
        return 'oakum';
    }

    public function name(): string
    {
        return 'Oakum Depot';
    }

    public function check(Access $access): void
    {
        $said = $this->ask($access, 'get', '/v1/account');
        if (! is_string($said['account'] ?? null)) {
            throw SupplierTrouble::strange($this->name());
        }
    }

    public function catalogue(Access $access): iterable
    {
        $after = null;
        for ($page = 0; $page < self::PAGES_AT_MOST; $page++) {
            $said = $this->ask($access, 'get', '/v1/items', array_filter(['after' => $after]));
            if (! is_array($said['items'] ?? null)) {
                throw SupplierTrouble::strange($this->name());
            }
            yield new CataloguePage(array_map(OakumReader::item(...), array_values($said['items'])), is_int($said['total'] ?? null) ? $said['total'] : null);
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
            $said = $this->ask($access, 'post', '/v1/quotes', ['parcels' => array_map(static fn (Parcel $p): array => ['warehouse' => $p->warehouse, 'destination' => $p->destination, 'grams' => $p->grams], $some)]);
            if (! is_array($said['quotes'] ?? null) || count($said['quotes']) !== count($some)) {
                throw SupplierTrouble::strange($this->name());
            }
            foreach ($said['quotes'] as $methods) {
                $quotes[] = OakumReader::quotes($methods);
            }
        }

        return $quotes;
    }

    public function stock(Access $access, array $variants): array
    {
        $said = $this->ask($access, 'get', '/v1/stock', ['variants' => implode(',', $variants)]);

        return array_map(static fn (array $byWarehouse): int => array_sum($byWarehouse), array_filter((array) ($said['stock'] ?? []), is_array(...)));
    }

    public function order(Access $access, string $idempotencyKey, string $reference, array $lines, array $address): SupplierAnswer
    {
        return OakumReader::answer($this->ask($access, 'post', '/v1/orders', ['reference' => $reference, 'lines' => $lines, 'address' => $address], ['Idempotency-Key' => $idempotencyKey]));
    }

    public function orderState(Access $access, string $externalId): SupplierAnswer
    {
        return OakumReader::answer($this->ask($access, 'get', '/v1/orders/'.rawurlencode($externalId)));
    }

    public function listen(Access $access, string $address, #[\SensitiveParameter] string $secret): void
    {
        $this->ask($access, 'put', '/v1/hook', ['address' => $address, 'secret' => $secret]);
    }

    public function news(Request $request, #[\SensitiveParameter] string $secret): ?SupplierNews
    {
        $time = (string) $request->header('Oakum-Time');
        $right = hash_hmac('sha256', $time.'.'.$request->getContent(), $secret);
        if (! ctype_digit($time) || abs(time() - (int) $time) > self::NEWS_AGE || ! hash_equals($right, (string) $request->header('Oakum-Signature'))) {
            return null;
        }
        $said = json_decode($request->getContent(), true);
        if (! is_array($said) || ! is_string($said['event'] ?? null) || ! is_string($said['kind'] ?? null) || ! is_array($said['order'] ?? null)) {
            return null;
        }

        return new SupplierNews($said['event'], $said['kind'], OakumReader::answer($said['order']));
    }

    /**
     * @param  'get'|'post'|'put'  $verb
     * @param  array<string, mixed>  $data
     * @param  array<string, string>  $headers
     * @return array<mixed>
     */
    private function ask(Access $access, string $verb, string $path, array $data = [], array $headers = []): array
    {
        try {
            /** @var Response $response */
            $response = $this->http($access)->withHeaders($headers)->{$verb}($path, $data);
        } catch (ConnectionException $e) {
            throw str_contains($e->getMessage(), 'timed out') || str_contains($e->getMessage(), 'cURL error 28')
                ? SupplierTrouble::slow($this->name(), $this->seconds)
                : SupplierTrouble::dead($this->name(), (string) parse_url($access->address, PHP_URL_HOST));
        }
        if (! $response->successful()) {
            $reason = $response->json('error');
            throw match (true) {
                in_array($response->status(), [401, 403], true) => SupplierTrouble::key($this->name()),
                in_array($response->status(), [409, 422], true) && is_string($reason) => SupplierTrouble::refused($this->name(), $reason),
                $response->serverError() || $response->status() === 429 => SupplierTrouble::broken($this->name(), $response->status()),
                default => SupplierTrouble::strange($this->name()),
            };
        }
        $said = $response->json();
        if (! is_array($said)) {
            throw SupplierTrouble::strange($this->name());
        }

        return $said;
    }

    private function http(Access $access): PendingRequest
    {
        return Http::baseUrl($access->address)->withToken($access->key)->acceptJson()->timeout($this->seconds)->connectTimeout(3)->withOptions(['allow_redirects' => false]);
    }
}
