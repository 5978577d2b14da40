<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use Illuminate\Http\Request;

/**
 * How the workshop speaks with one kind of supplier. One folder per kind; {@see Connectors} lists them.
 *
 * Every method that goes over the network has a time limit and throws {@see SupplierTrouble}.
 */
interface Connector
{
    public function kind(): string;

    public function name(): string;

    /** Asks whether the address and key are good. */
    public function check(Access $access): void;

    /** @return iterable<CataloguePage> the whole catalogue, page after page */
    public function catalogue(Access $access): iterable;

    /**
     * @param  list<Parcel>  $parcels
     * @return list<list<Quote>> in the order of the parcels; an empty list where nothing is delivered
     */
    public function quotes(Access $access, array $parcels): array;

    /**
     * @param  list<string>  $variants
     * @return array<string, int> pieces now; a variant that isn't sold any more is missing
     */
    public function stock(Access $access, array $variants): array;

    /**
     * Sends an order; sending it again with the same key gives the same order.
     *
     * @param  list<array{variant: string, quantity: int}>  $lines
     * @param  array{name: string, street: string, town: string, postcode: string, country: string}  $address
     */
    public function order(Access $access, string $idempotencyKey, string $reference, array $lines, array $address): SupplierAnswer;

    public function orderState(Access $access, string $externalId): SupplierAnswer;

    /** Tells the supplier where to send news, signed with the secret. */
    public function listen(Access $access, string $address, #[\SensitiveParameter] string $secret): void;

    /** @return SupplierNews|null null when the news is forged, too old, or can't be read */
    public function news(Request $request, #[\SensitiveParameter] string $secret): ?SupplierNews;
}
