<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Ways;

/** What is charged where a basket becomes several parcels. */
enum SplitCharge: string
{
    /** One charge however many, as if all were one parcel. */
    case Once = 'once';

    /** That of each of them. */
    case Sum = 'sum';

    /** That of the dearest alone. */
    case Dearest = 'dearest';
}
