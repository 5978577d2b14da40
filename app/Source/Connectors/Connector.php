<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Landing\Quote;

/**
 * How the workshop reads one kind of supplier. One folder per kind; {@see Connectors} finds them. docs/connectors.md
 * says how to add one.
 *
 * What a kind can do besides is said by small interfaces: {@see TakesOrders}, {@see FetchesByLink}.
 * Every method that goes over the network has a time limit and throws {@see SupplierTrouble}.
 */
interface Connector
{
    public function card(): ConnectorCard;

    /** Asks whether the address and key are good. */
    public function check(Access $access): void;

    /** @return iterable<CataloguePage> the whole catalogue, page after page */
    public function catalogue(Access $access): iterable;

    /**
     * @param  list<ParcelToQuote>  $parcels
     * @return list<list<Quote>> in the order of the parcels; an empty list where nothing is delivered
     */
    public function quotes(Access $access, array $parcels): array;
}
