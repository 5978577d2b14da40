<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Drift\Http\DriftController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/drift')->scopeBindings()->group(function (): void {
    Route::get('/', [DriftController::class, 'index'])->name('drift');
    Route::post('/agree', [DriftController::class, 'agree'])->name('drift.agree');
    Route::post('/{listing}/keep', [DriftController::class, 'keep'])->name('drift.keep');
});
