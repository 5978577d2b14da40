<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Counter\Asking\SupplierRequest;
use WindowStall\Counter\ByMail\OrderBatch;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Payment\DemoPayments;
use WindowStall\Counter\Payment\PaymentConnector;
use WindowStall\Counter\Trying\TrialOrdersHere;
use WindowStall\Delivery\DeliveredLately;
use WindowStall\Offers\CodeUses;
use WindowStall\Pricing\SoldInYear;
use WindowStall\Shelves\SoldLately;
use WindowStall\Source\Events\CatalogueRead;
use WindowStall\Source\OrdersUnderWay;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Window\Trying\TrialOrders;

/** What Counter gives and listens to. */
final class CounterServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(SoldLately::class, SoldLatelyHere::class);
        $this->app->bind(CodeUses::class, CodeUsesHere::class);
        $this->app->bind(DeliveredLately::class, DeliveredLatelyHere::class);
        $this->app->bind(PaymentConnector::class, DemoPayments::class);
        $this->app->bind(TrialOrders::class, TrialOrdersHere::class);
        $this->app->bind(SoldInYear::class, SoldInYearHere::class);
        $this->app->bind(OrdersUnderWay::class, SupplierOrdersUnderWay::class);
    }

    public function boot(): void
    {
        // What addresses name below a stall is looked for among its own.
        Stall::resolveRelationUsing('orders', Order::of(...));
        Stall::resolveRelationUsing('letters', Letter::of(...));
        Stall::resolveRelationUsing('supplierRequests', SupplierRequest::of(...));
        SupplierConnection::resolveRelationUsing('batches', OrderBatch::of(...));
        Event::listen(CatalogueRead::class, RecountAfterPull::class);
    }
}
