<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Counter\Http\CounterController;
use WindowStall\Counter\Http\LeftController;
use WindowStall\Counter\Http\LettersController;
use WindowStall\Counter\Http\PaymentController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/counter')->scopeBindings()->group(function (): void {
    Route::get('/', [CounterController::class, 'index'])->name('counter');
    Route::get('/letters', [LettersController::class, 'index'])->name('counter.letters');
    Route::get('/letters/{letter}', [LettersController::class, 'show'])->name('counter.letter');
    Route::post('/letters/{letter}', [LettersController::class, 'answer'])->name('counter.letter.answer');
    Route::put('/letters/{letter}', [LettersController::class, 'settle'])->name('counter.letter.settle');
    Route::get('/left', [LeftController::class, 'index'])->name('counter.left');
    Route::put('/left', [LeftController::class, 'remind'])->name('counter.left.remind');
    Route::get('/payment', [PaymentController::class, 'index'])->name('counter.payment');
    Route::put('/payment/key', [PaymentController::class, 'key'])->middleware('dear')->name('counter.payment.key');
    Route::put('/payment/live', [PaymentController::class, 'live'])->name('counter.payment.live');
    Route::put('/payment/straight', [PaymentController::class, 'straight'])->name('counter.payment.straight');
    Route::put('/payment/methods/{method}', [PaymentController::class, 'method'])->name('counter.payment.method');
    Route::get('/{order}', [CounterController::class, 'show'])->name('counter.order');
    Route::post('/{order}/refund', [CounterController::class, 'refund'])->name('counter.refund');
    Route::post('/{order}/again', [CounterController::class, 'again'])->name('counter.again');
});
