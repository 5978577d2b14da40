<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** What accounts ask Oakum for besides its range: goods, changes to an item, samples, pieces bought ahead. */
final class Requests
{
    public const KINDS = ['goods', 'change', 'sample', 'ahead'];

    /**
     * @param  array<string, mixed>  $about  {item?, variant?, pieces?, wished?, words, link?, picture?}
     * @return \stdClass the request, the same however often it is made
     */
    public static function make(string $key, string $idempotencyKey, string $kind, array $about): \stdClass
    {
        return Books::db()->transaction(function () use ($key, $idempotencyKey, $kind, $about): \stdClass {
            Books::db()->select('SELECT pg_advisory_xact_lock(hashtext(?))', ['request'.$key.$idempotencyKey]);
            $known = Books::table('requests')->where('key', $key)->where('idempotency_key', $idempotencyKey)->first();
            if ($known !== null) {
                return $known;
            }
            $id = Books::table('requests')->insertGetId([
                'key' => $key,
                'idempotency_key' => $idempotencyKey,
                'kind' => $kind,
                'about' => json_encode($about),
                'state' => 'asked',
                'created_at' => now(),
            ]);
            self::write($id, 'stall', (string) $about['words'], 'first');

            return Books::table('requests')->where('id', $id)->firstOrFail();
        });
    }

    public static function write(int $request, string $from, string $words, ?string $idempotencyKey = null): void
    {
        Books::table('messages')->insertOrIgnore([
            'request_id' => $request,
            'idempotency_key' => $idempotencyKey,
            'from' => $from,
            'words' => $words,
            'at' => now(),
        ]);
    }

    /** @param  array<string, mixed>  $makes  what comes of it when it is taken: {title?, drawing?} of goods */
    public static function offer(int $request, int $cost, int $pieces, int $once, int $days, string $words, array $makes): void
    {
        Books::table('offers')->where('request_id', $request)->where('state', 'open')->update(['state' => 'withdrawn']);
        Books::table('offers')->insert([
            'request_id' => $request,
            'cost' => $cost,
            'pieces' => $pieces,
            'once' => $once,
            'days' => $days,
            'words' => $words,
            'makes' => json_encode($makes),
            'state' => 'open',
            'at' => now(),
        ]);
        Books::table('requests')->where('id', $request)->update(['state' => 'offered']);
    }

    public static function decline(int $request, string $words): void
    {
        self::write($request, 'oakum', $words);
        Books::table('offers')->where('request_id', $request)->where('state', 'open')->update(['state' => 'withdrawn']);
        Books::table('requests')->where('id', $request)->update(['state' => 'declined']);
    }

    /**
     * Takes an offer; taking it again gives what came of it the first time.
     *
     * @param  array<string, string>  $address  where a sample goes
     *
     * @throws Refused
     */
    public static function take(\stdClass $request, int $offer, array $address, TakeOrder $order): void
    {
        Books::db()->transaction(function () use ($request, $offer, $address, $order): void {
            $row = Books::table('offers')->where('request_id', $request->id)->where('id', $offer)->lockForUpdate()->first()
                ?? throw new Refused('That offer isn’t known here.');
            if ($row->state === 'taken') {
                return;
            }
            if ($row->state !== 'open') {
                throw new Refused('That offer doesn’t stand any more.');
            }
            Terms::charge($request->key, (int) $row->once);
            $about = json_decode($request->about, true);
            $result = match ($request->kind) {
                'goods' => ['item' => Made::goods($request->key, json_decode($row->makes, true), (int) $row->cost, (int) $row->pieces)],
                'change' => ['item' => Made::changed($request->key, (string) $about['item'], (int) $row->cost, $row->words)],
                'ahead' => self::ahead($request->key, (string) $about['variant'], $row),
                default => ['order' => (int) $order(
                    $request->key,
                    'offer '.$offer,
                    'A sample for you',
                    [['variant' => (string) $about['variant'], 'quantity' => (int) $row->pieces]],
                    $address,
                    agreed: (int) $row->cost,
                )[0]->id],
            };
            Books::table('offers')->where('id', $offer)->update(['state' => 'taken', 'result' => json_encode($result)]);
            Books::table('requests')->where('id', $request->id)->update(['state' => 'taken']);
        });
    }

    /** @return array<string, mixed> */
    private static function ahead(string $key, string $variant, \stdClass $offer): array
    {
        Terms::charge($key, (int) $offer->cost * (int) $offer->pieces);
        Books::table('lots')->insert([
            'key' => $key,
            'variant' => $variant,
            'pieces' => $offer->pieces,
            'left' => $offer->pieces,
            'cost' => $offer->cost,
        ]);
        // What is bought is on the shelf for that account on top of what was there.
        Books::table('variants')->where('id', $variant)->update(['stock' => Books::db()->raw(sprintf(
            "jsonb_set(stock, '{GB}', to_jsonb(COALESCE((stock->>'GB')::int, 0) + %d))",
            $offer->pieces,
        ))]);

        return ['variant' => $variant, 'pieces' => (int) $offer->pieces, 'cost' => (int) $offer->cost];
    }

    /** @return array<string, mixed> as the interface says it */
    public static function said(\stdClass $request): array
    {
        return [
            'id' => (int) $request->id,
            'kind' => $request->kind,
            'state' => $request->state,
            'currency' => 'USD',
            'messages' => Books::table('messages')->where('request_id', $request->id)->orderBy('id')->get()
                ->map(static fn (\stdClass $one): array => [
                    'id' => (int) $one->id,
                    'from' => $one->from === 'oakum' ? 'supplier' : 'stall',
                    'key' => $one->idempotency_key,
                    'words' => $one->words,
                    'at' => (string) date(DATE_ATOM, (int) strtotime($one->at)),
                ])->all(),
            'offers' => Books::table('offers')->where('request_id', $request->id)->orderBy('id')->get()
                ->map(static fn (\stdClass $one): array => [
                    'id' => (int) $one->id,
                    'cost' => (int) $one->cost,
                    'pieces' => (int) $one->pieces,
                    'once' => (int) $one->once,
                    'days' => (int) $one->days,
                    'words' => $one->words,
                    'state' => $one->state,
                    'result' => $one->result === null ? null : json_decode($one->result, true),
                ])->all(),
        ];
    }
}
