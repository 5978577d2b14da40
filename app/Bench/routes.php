<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Bench\Http\BenchController;
use WindowStall\Bench\Http\ListingController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/bench')->scopeBindings()->group(function (): void {
    Route::get('/', [BenchController::class, 'index'])->name('bench');
    Route::post('/window', [BenchController::class, 'putInWindow'])->name('bench.window');
    Route::post('/out', [BenchController::class, 'takeOut'])->name('bench.out');
    Route::get('/{listing}', [ListingController::class, 'show'])->name('bench.listing');
    Route::patch('/{listing}', [ListingController::class, 'update'])->name('bench.listing.update');
    Route::patch('/{listing}/variants', [ListingController::class, 'variants'])->name('bench.variants.update');
    Route::get('/{listing}/till', [ListingController::class, 'till'])->name('bench.till');
    Route::post('/{listing}/pictures', [ListingController::class, 'upload'])->name('bench.pictures.store');
    Route::get('/{listing}/view', [ListingController::class, 'view'])->name('bench.listing.view');
});
