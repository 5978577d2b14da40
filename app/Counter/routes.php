<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Counter\Http\CounterController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/counter')->scopeBindings()->group(function (): void {
    Route::get('/', [CounterController::class, 'index'])->name('counter');
    Route::get('/{order}', [CounterController::class, 'show'])->name('counter.order');
    Route::post('/{order}/refund', [CounterController::class, 'refund'])->name('counter.refund');
    Route::post('/{order}/again', [CounterController::class, 'again'])->name('counter.again');
});
