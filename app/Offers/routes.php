<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Offers\Http\CodesController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/codes')->scopeBindings()->group(function (): void {
    Route::get('/', [CodesController::class, 'index'])->name('codes');
    Route::post('/', [CodesController::class, 'store'])->middleware('dear')->name('codes.store');
    Route::post('/set', [CodesController::class, 'set'])->name('codes.set');
    Route::patch('/{code}', [CodesController::class, 'update'])->middleware('dear')->name('codes.update');
    Route::delete('/{code}', [CodesController::class, 'destroy'])->name('codes.destroy');
    Route::post('/{code}/singles', [CodesController::class, 'singles'])->middleware('dear')->name('codes.singles');
    Route::put('/{code}/sign-ups', [CodesController::class, 'signUps'])->name('codes.sign-ups');
    Route::get('/{code}/table', [CodesController::class, 'table'])->name('codes.table');
});
