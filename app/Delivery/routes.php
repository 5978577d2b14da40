<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Delivery\Http\DeliveryController;
use WindowStall\Delivery\Http\PackingController;
use WindowStall\Delivery\Http\TryController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/delivery')->scopeBindings()->group(function (): void {
    Route::get('/', [DeliveryController::class, 'index'])->name('delivery');
    Route::get('/places', [DeliveryController::class, 'places'])->name('delivery.places');
    Route::get('/keeps', [DeliveryController::class, 'keeps'])->middleware('dear')->name('delivery.keeps');
    Route::get('/goods', [TryController::class, 'goods'])->name('delivery.goods');
    Route::post('/try', TryController::class)->name('delivery.try');
    Route::post('/places', [DeliveryController::class, 'store'])->middleware('dear')->name('delivery.places.store');
    Route::patch('/places/{place}', [DeliveryController::class, 'update'])->name('delivery.places.update');
    Route::delete('/places/{place}', [DeliveryController::class, 'destroy'])->name('delivery.places.destroy');
    Route::patch('/closed', [PackingController::class, 'closed'])->name('delivery.closed');
    Route::patch('/suppliers/{connection}', [PackingController::class, 'supplier'])->name('delivery.supplier');
});
