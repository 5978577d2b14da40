<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use Illuminate\Http\Request;

/** A kind of supplier that takes orders over the wire and sends news of them. */
interface TakesOrders
{
    /**
     * @param  list<string>  $variants
     * @return array<string, int> pieces now; a variant that isn't sold any more is missing
     */
    public function stock(Access $access, array $variants): array;

    /**
     * Sends an order; sending it again with the same key gives the same order.
     *
     * @param  list<array{variant: string, quantity: int, warehouse?: string, prints?: list<PrintOrder>}>  $lines  a
     *     warehouse where that was chosen; what is printed for {@see PrintsArtwork}
     * @param  array{name: string, street: string, town: string, postcode: string, country: string}  $address
     * @param  list<string>  $extras  what is laid in besides, {@see OffersExtras}
     */
    public function order(
        Access $access,
        string $idempotencyKey,
        string $reference,
        array $lines,
        array $address,
        array $extras = [],
    ): SupplierAnswer;

    public function orderState(Access $access, string $externalId): SupplierAnswer;

    /** Asks it not to send an order; what it is then, also where it was too late. */
    public function cancel(Access $access, string $externalId): SupplierAnswer;

    /** Tells the supplier where to send news, signed with the secret. */
    public function listen(Access $access, string $address, #[\SensitiveParameter] string $secret): void;

    /** @return string|null the address that the supplier sends its news to now; null where it sends none */
    public function listensAt(Access $access): ?string;

    /** @return SupplierNews|null null when the news is forged, too old, or can't be read */
    public function news(Request $request, #[\SensitiveParameter] string $secret): ?SupplierNews;
}
