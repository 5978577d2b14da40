<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Counter\Http\AdditionController;
use WindowStall\Counter\Http\CheckoutController;
use WindowStall\Counter\Http\ExpressController;
use WindowStall\Counter\Http\FilesController;
use WindowStall\Counter\Http\LettersController;
use WindowStall\Counter\Http\OrderController;
use WindowStall\Counter\Http\OrderDocumentsController;
use WindowStall\Counter\Http\OwnOrderController;
use WindowStall\Counter\Http\SaidController;
use WindowStall\Shop\Http\SpeaksTheirs;

Route::middleware(SpeaksTheirs::class)->group(function (): void {
    Route::get('/checkout', [CheckoutController::class, 'show'])->name('checkout');
    Route::post('/checkout', [CheckoutController::class, 'store'])->name('checkout.store');
    Route::post('/checkout/express', [ExpressController::class, 'begin'])->middleware('throttle:20,10')->name('express');
    Route::get('/checkout/express', [ExpressController::class, 'comeBack'])->name('express.back');
    Route::post('/letters', [LettersController::class, 'take'])->middleware('throttle:6,10')->name('letters.take');
    Route::get('/orders/{token}', [OrderController::class, 'show'])
        ->name('order')
        ->where('token', '[A-Za-z0-9_-]{43}');
    Route::get('/orders/{token}/pay', [OrderController::class, 'pay'])
        ->name('order.pay')
        ->where('token', '[A-Za-z0-9_-]{43}');
    Route::get('/orders/{token}/paid', [OrderController::class, 'paid'])
        ->name('order.paid')
        ->where('token', '[A-Za-z0-9_-]{43}');
    Route::get('/orders', [OwnOrderController::class, 'mine'])->name('orders.mine');
    Route::post('/orders', [OwnOrderController::class, 'send'])->middleware('throttle:6,10')->name('orders.send');
    Route::get('/orders/mine/{sealed}', [OwnOrderController::class, 'list'])
        ->name('orders.list')
        ->where('sealed', '[A-Za-z0-9_-]{80,800}');
    Route::prefix('/orders/{token}')
        ->where(['token' => '[A-Za-z0-9_-]{43}'])
        ->middleware('throttle:20,10')
        ->group(function (): void {
            Route::post('/returns', [OwnOrderController::class, 'askReturn'])->name('order.return');
            Route::post('/address', [OwnOrderController::class, 'address'])->name('order.address');
            Route::post('/addition', [AdditionController::class, 'store'])->name('order.addition');
            Route::post('/files/{line}', [FilesController::class, 'fetch'])->name('order.file');
            Route::post('/cancel', [OwnOrderController::class, 'cancel'])->name('order.cancel');
            Route::get('/said', [SaidController::class, 'show'])->name('order.said');
            Route::post('/said', [SaidController::class, 'take'])->name('order.said.take');
        });
    Route::prefix('/orders/{token}/papers')
        ->where(['token' => '[A-Za-z0-9_-]{43}', 'paper' => 'C?[0-9]{4}-[0-9]{4,9}'])
        ->group(function (): void {
            Route::get('/{paper}.pdf', [OrderDocumentsController::class, 'pdf'])->middleware('throttle:30,1')->name('order.pdf');
            Route::get('/{paper}', [OrderDocumentsController::class, 'show'])->name('order.paper');
        });
});
