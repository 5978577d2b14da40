<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Source\Http\ConnectionController;
use WindowStall\Source\Http\ItemController;
use WindowStall\Source\Http\SourceController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/source')->scopeBindings()->group(function (): void {
    Route::get('/', [SourceController::class, 'index'])->name('source');
    Route::post('/take', [SourceController::class, 'take'])->name('source.take');
    Route::get('/items/{item}', ItemController::class)->name('source.item');
    Route::get('/connect', [ConnectionController::class, 'create'])->name('source.connect');
    Route::post('/connections', [ConnectionController::class, 'store'])->name('source.connections.store');
    Route::post('/connections/{connection}/pull', [ConnectionController::class, 'pull'])->name('source.pull');
    Route::get('/runs/{run}', [ConnectionController::class, 'run'])->name('source.run');
    Route::delete('/runs/{run}', [ConnectionController::class, 'cancel'])->name('source.run.cancel');
});
