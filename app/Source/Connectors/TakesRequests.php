<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** A supplier that can be asked for what isn't in its range: goods, changes, samples, pieces ahead. */
interface TakesRequests
{
    /**
     * Sending it again with the same key gives the same request.
     *
     * @throws SupplierTrouble
     */
    public function request(Access $access, string $key, SupplierWish $wish): SaidRequest;

    /** @throws SupplierTrouble */
    public function requestState(Access $access, string $externalId): SaidRequest;

    /** @throws SupplierTrouble */
    public function writeTo(Access $access, string $externalId, string $key, string $words): void;

    /**
     * Takes an offer; taking it again gives what came of it.
     *
     * @param  array{name: string, street: string, town: string, postcode: string, country: string}|null  $address  where a
     *                                                                                          sample goes
     *
     * @throws SupplierTrouble
     */
    public function takeOffer(Access $access, string $externalId, string $offer, ?array $address): SaidRequest;
}
