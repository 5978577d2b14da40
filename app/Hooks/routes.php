<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Hooks\Http\HooksController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/hooks')->group(function (): void {
    Route::get('/', [HooksController::class, 'index'])->name('programs');
    Route::post('/', [HooksController::class, 'store'])->middleware('dear')->name('programs.store');
    Route::delete('/{hook}', [HooksController::class, 'destroy'])->name('programs.destroy');
    Route::post('/{hook}/deliveries/{delivery}', [HooksController::class, 'again'])->name('programs.again');
});
