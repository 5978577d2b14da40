<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Standins\Carrier;
use WindowStall\Standins\Kilnfold;
use WindowStall\Standins\Oakum;
use WindowStall\Standins\Payment;
use WindowStall\Standins\Rates;
use WindowStall\Standins\Tannet;
use WindowStall\Standins\Writer;

$host = (string) config('stall.standins_host');

Route::domain($host)->group(function (): void {
    Route::get('/', fn () => view('standins::home'))->name('standins.home');
    Route::get('/up', fn () => response('up'));
});

Route::domain('oakum.'.$host)->name('oakum.')->group(function (): void {
    Route::get('/', [Oakum\PlayController::class, 'show'])->name('play');
    Route::post('/play/variants/{id}', [Oakum\PlayController::class, 'variant'])->name('play.variant');
    Route::post('/play/orders/{id}', [Oakum\PlayController::class, 'order'])->name('play.order');
    Route::post('/play/events/{id}', [Oakum\PlayController::class, 'resend'])->name('play.resend');
    Route::post('/play/day', [Oakum\PlayController::class, 'day'])->name('play.day');
    Route::post('/play/calendar', [Oakum\PlayController::class, 'calendar'])->name('play.calendar');
    Route::post('/play/night', [Oakum\PlayController::class, 'night'])->name('play.night');
    Route::post('/play/settings', [Oakum\PlayController::class, 'setting'])->name('play.setting');
    Route::post('/play/requests/{id}', [Oakum\PlayRequestController::class, 'answer'])->whereNumber('id')->name('play.request');
    Route::post('/play/balance', [Oakum\PlayRequestController::class, 'balance'])->name('play.balance');
    Route::get('/goods/{item}', [Oakum\PlayController::class, 'goods'])->name('goods');
    Route::get('/pictures/{item}/{n}-{hash}.png', Oakum\PictureController::class)->whereNumber('n')->name('picture');
    Route::prefix('v1')->middleware(Oakum\KeyedAccount::class)->group(function (): void {
        Route::get('account', [Oakum\ApiController::class, 'account']);
        Route::get('items', [Oakum\ApiController::class, 'items']);
        Route::get('items/{id}', [Oakum\ApiController::class, 'one']);
        Route::get('moving', [Oakum\ApiController::class, 'moving']);
        Route::get('stock', [Oakum\ApiController::class, 'stock']);
        Route::post('quotes', [Oakum\ApiController::class, 'quotes']);
        Route::post('orders', [Oakum\ApiController::class, 'order']);
        Route::post('orders/test', [Oakum\ApiController::class, 'tryOrder']);
        Route::get('orders/{id}', [Oakum\ApiController::class, 'orderState'])->whereNumber('id');
        Route::post('orders/{id}/cancel', [Oakum\ApiController::class, 'cancel'])->whereNumber('id');
        Route::get('extras', [Oakum\ApiController::class, 'extras']);
        Route::post('requests', [Oakum\RequestController::class, 'ask']);
        Route::get('requests/{id}', [Oakum\RequestController::class, 'show'])->whereNumber('id');
        Route::post('requests/{id}/messages', [Oakum\RequestController::class, 'write'])->whereNumber('id');
        Route::post('requests/{id}/offers/{offer}/take', [Oakum\RequestController::class, 'take'])->whereNumber(['id', 'offer']);
        Route::get('hook', [Oakum\ApiController::class, 'hooked']);
        Route::put('hook', [Oakum\ApiController::class, 'hook']);
    });
});

Route::domain('kilnfold.'.$host)->name('kilnfold.')->group(function (): void {
    Route::get('/', [Kilnfold\PlayController::class, 'show'])->name('play');
    Route::post('/play/rename', [Kilnfold\PlayController::class, 'rename'])->name('play.rename');
    Route::post('/play/cut', [Kilnfold\PlayController::class, 'cut'])->name('play.cut');
    Route::post('/play/articles/{sku}', [Kilnfold\PlayController::class, 'article'])->name('play.article');
    Route::post('/play/mails/{id}', [Kilnfold\PlayController::class, 'answer'])->where('id', '[\w-]+')->name('play.mail');
    Route::get('/trade/goods.csv', [Kilnfold\FeedController::class, 'csv'])->name('csv');
    Route::get('/trade/drip.csv', [Kilnfold\FeedController::class, 'drip'])->name('drip');
    Route::get('/trade/goods.xml', [Kilnfold\FeedController::class, 'xml'])->name('xml');
    Route::get('/trade/delivery.txt', [Kilnfold\FeedController::class, 'delivery'])->name('delivery');
    Route::get('/pictures/{sku}.png', [Kilnfold\PlayController::class, 'picture'])->name('picture');
});

Route::domain('tannet.'.$host)->name('tannet.')->group(function (): void {
    Route::get('/', [Tannet\PlayController::class, 'show'])->name('play');
    Route::post('/play/stock/{sku}', [Tannet\PlayController::class, 'stock'])->name('play.stock');
    Route::post('/play/orders/{id}', [Tannet\PlayController::class, 'order'])->whereNumber('id')->name('play.order');
    Route::get('/pictures/{code}/{n}.png', [Tannet\ApiController::class, 'picture'])->whereNumber('n')->name('picture');
    Route::get('/plates/{code}/{scene}/{layer}.png', [Tannet\ApiController::class, 'plate'])->name('plate');
    Route::prefix('api')->middleware(Tannet\ApiController::class)->group(function (): void {
        Route::get('account', [Tannet\ApiController::class, 'account']);
        Route::get('blanks', [Tannet\ApiController::class, 'blanks']);
        Route::get('blanks/{code}', [Tannet\ApiController::class, 'blank']);
        Route::post('delivery', [Tannet\ApiController::class, 'delivery']);
        Route::get('stock', [Tannet\OrderController::class, 'stock']);
        Route::get('extras', [Tannet\OrderController::class, 'extras']);
        Route::get('files/{sha256}', [Tannet\OrderController::class, 'known'])->where('sha256', '[0-9a-f]{64}');
        Route::put('files/{sha256}', [Tannet\OrderController::class, 'file'])->where('sha256', '[0-9a-f]{64}');
        Route::post('orders', [Tannet\OrderController::class, 'order']);
        Route::post('orders/test', [Tannet\OrderController::class, 'tryOrder']);
        Route::get('orders/{id}', [Tannet\OrderController::class, 'state'])->whereNumber('id');
        Route::post('orders/{id}/cancel', [Tannet\OrderController::class, 'cancel'])->whereNumber('id');
        Route::get('hook', [Tannet\OrderController::class, 'hooked']);
        Route::put('hook', [Tannet\OrderController::class, 'hook']);
    });
});

Route::domain('rates.'.$host)->name('rates.')->group(function (): void {
    Route::get('/v1/rates', Rates\ApiController::class)->name('day');
});

Route::domain('carrier.'.$host)->name('carrier.')->group(function (): void {
    Route::get('/', [Carrier\PlayController::class, 'show'])->name('play');
    Route::post('/play/mood', [Carrier\PlayController::class, 'mood'])->name('play.mood');
    Route::post('/v1/rates', [Carrier\ApiController::class, 'rates'])->name('rates');
    Route::get('/v1/parcels/{tracking}', [Carrier\ParcelController::class, 'show'])->name('parcel');
    Route::post('/play/parcels/{tracking}', [Carrier\PlayController::class, 'parcel'])->name('play.parcel');
    Route::post('/play/day', [Carrier\PlayController::class, 'day'])->name('play.day');
});

Route::domain('writer.'.$host)->name('writer.')->group(function (): void {
    Route::post('/v1/chat/completions', [Writer\ApiController::class, 'complete'])->name('complete');
});

Route::domain('payment.'.$host)->name('payment.')->group(function (): void {
    Route::get('/', [Payment\PayController::class, 'list'])->name('list');
    Route::get('/pay/{id}', [Payment\PayController::class, 'show'])->name('pay');
    Route::post('/pay/{id}', [Payment\PayController::class, 'pay']);
    Route::get('/pay/{id}/second', [Payment\PayController::class, 'second'])->name('second');
    Route::post('/pay/{id}/second', [Payment\PayController::class, 'answer']);
    Route::post('/pay/{id}/turn', [Payment\PayController::class, 'turn'])->name('turn');
    Route::get('/wallets/{id}', [Payment\WalletController::class, 'show'])->name('wallet');
    Route::post('/wallets/{id}', [Payment\WalletController::class, 'choose']);
    Route::prefix('v1/wallets')->middleware(Payment\KeyedShop::class)->group(function (): void {
        Route::post('/', [Payment\WalletController::class, 'open']);
        Route::get('{id}', [Payment\WalletController::class, 'said']);
    });
    Route::get('/v1/key', [Payment\ApiController::class, 'account'])->middleware(Payment\KeyedShop::class);
    Route::prefix('v1/payments')->middleware(Payment\KeyedShop::class)->group(function (): void {
        Route::post('/', [Payment\ApiController::class, 'open']);
        Route::get('{id}', [Payment\ApiController::class, 'show']);
        Route::post('{id}/capture', [Payment\ApiController::class, 'capture']);
        Route::post('{id}/void', [Payment\ApiController::class, 'void']);
        Route::post('{id}/approve', [Payment\ApiController::class, 'approve']);
        Route::post('{id}/refund', [Payment\ApiController::class, 'refund']);
    });
});
