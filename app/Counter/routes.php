<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Counter\Http\AskingController;
use WindowStall\Counter\Http\ByMailController;
use WindowStall\Counter\Http\CounterController;
use WindowStall\Counter\Http\DecideController;
use WindowStall\Counter\Http\LeftController;
use WindowStall\Counter\Http\LettersController;
use WindowStall\Counter\Http\OrdersController;
use WindowStall\Counter\Http\OwedController;
use WindowStall\Counter\Http\PaymentController;
use WindowStall\Counter\Http\PeopleController;
use WindowStall\Counter\Http\SharingController;
use WindowStall\Counter\Http\SlipController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/counter')->scopeBindings()->group(function (): void {
    Route::get('/', [CounterController::class, 'index'])->name('counter');
    Route::get('/letters', [LettersController::class, 'index'])->name('counter.letters');
    Route::get('/letters/{letter}', [LettersController::class, 'show'])->name('counter.letter');
    Route::post('/letters/{letter}', [LettersController::class, 'answer'])->name('counter.letter.answer');
    Route::put('/letters/{letter}', [LettersController::class, 'settle'])->name('counter.letter.settle');
    Route::get('/left', [LeftController::class, 'index'])->name('counter.left');
    Route::put('/left', [LeftController::class, 'remind'])->name('counter.left.remind');
    Route::get('/people', [PeopleController::class, 'index'])->name('counter.people');
    Route::get('/people/{order}', [PeopleController::class, 'show'])->name('counter.person');
    Route::put('/people/{order}', [PeopleController::class, 'note'])->name('counter.person.note');
    Route::get('/people/{order}/out', [PeopleController::class, 'out'])->name('counter.person.out');
    Route::delete('/people/{order}', [PeopleController::class, 'forget'])->name('counter.person.forget');
    Route::get('/sharing', [SharingController::class, 'show'])->name('counter.sharing');
    Route::put('/sharing', [SharingController::class, 'say'])->name('counter.sharing.say');
    Route::get('/asking', [AskingController::class, 'index'])->name('counter.asking');
    Route::post('/asking', [AskingController::class, 'ask'])->name('counter.asking.ask');
    Route::prefix('/asking/{supplierRequest}')->group(function (): void {
        Route::get('/', [AskingController::class, 'show'])->name('counter.asked');
        Route::post('/words', [AskingController::class, 'write'])->name('counter.asked.write');
        Route::post('/take', [AskingController::class, 'take'])->name('counter.asked.take');
        Route::post('/look', [AskingController::class, 'look'])->name('counter.asked.look');
        Route::put('/', [AskingController::class, 'close'])->name('counter.asked.close');
    });
    Route::get('/owed', [OwedController::class, 'index'])->name('counter.owed');
    Route::put('/owed/{connection}', [OwedController::class, 'say'])->name('counter.owed.say');
    Route::post('/owed/{connection}/look', [OwedController::class, 'look'])->name('counter.owed.look');
    Route::post('/owed/{connection}/settle', [OwedController::class, 'settle'])->name('counter.owed.settle');
    Route::get('/owed/{connection}/extras', [OwedController::class, 'extras'])->name('counter.owed.extras');
    Route::prefix('/by-mail/{connection}')->group(function (): void {
        Route::get('/', [ByMailController::class, 'show'])->name('counter.by-mail');
        Route::put('/', [ByMailController::class, 'say'])->name('counter.by-mail.say');
        Route::post('/send', [ByMailController::class, 'send'])->name('counter.by-mail.send');
        Route::post('/read', [ByMailController::class, 'read'])->name('counter.by-mail.read');
        Route::post('/answer', [ByMailController::class, 'answer'])->name('counter.by-mail.answer');
        Route::post('/again/{batch}', [ByMailController::class, 'again'])->name('counter.by-mail.again');
    });
    Route::get('/orders', [OrdersController::class, 'index'])->name('counter.orders');
    Route::get('/orders/out', [OrdersController::class, 'export'])->name('counter.orders.out');
    Route::post('/orders/searches', [OrdersController::class, 'keep'])->name('counter.orders.keep');
    Route::delete('/orders/searches/{search}', [OrdersController::class, 'letGo'])->name('counter.orders.let-go');
    Route::get('/payment', [PaymentController::class, 'index'])->name('counter.payment');
    Route::put('/payment/key', [PaymentController::class, 'key'])->middleware('dear')->name('counter.payment.key');
    Route::put('/payment/live', [PaymentController::class, 'live'])->name('counter.payment.live');
    Route::put('/payment/straight', [PaymentController::class, 'straight'])->name('counter.payment.straight');
    Route::put('/payment/methods/{method}', [PaymentController::class, 'method'])->name('counter.payment.method');
    Route::get('/{order}', [CounterController::class, 'show'])->name('counter.order');
    Route::get('/{order}/slips/{supplierOrder}', SlipController::class)->name('counter.slip');
    Route::get('/{order}/refund', [DecideController::class, 'tryRefund'])->name('counter.refund.try');
    Route::post('/{order}/refund', [DecideController::class, 'refund'])->name('counter.refund');
    Route::post('/{order}/again', [DecideController::class, 'again'])->name('counter.again');
    Route::post('/{order}/move', [DecideController::class, 'move'])->name('counter.move');
    Route::post('/{order}/cancel', [DecideController::class, 'cancel'])->name('counter.cancel');
    Route::post('/{order}/look', [DecideController::class, 'look'])->name('counter.look');
    Route::post('/{order}/late', [DecideController::class, 'late'])->name('counter.late');
    Route::post('/{order}/release', [DecideController::class, 'release'])->name('counter.release');
    Route::post('/{order}/returns/{return}', [DecideController::class, 'answerReturn'])->name('counter.return');
});
