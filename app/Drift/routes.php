<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Drift\Http\DriftController;
use WindowStall\Drift\Http\HistoryController;
use WindowStall\Drift\Http\RehearsalController;
use WindowStall\Drift\Http\RulesController;
use WindowStall\Drift\Http\RunController;
use WindowStall\Drift\Http\SetAsideController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])
    ->prefix('/at/{stall}/drift')
    ->scopeBindings()
    ->group(function (): void {
        Route::get('/', [DriftController::class, 'index'])->name('drift');
        Route::post('/decide', [DriftController::class, 'decide'])->name('drift.decide');
        Route::post('/set-back', [DriftController::class, 'setBack'])->name('drift.set-back');
        Route::get('/listings/{listing}/history', [HistoryController::class, 'show'])->name('drift.history');
        Route::put('/listings/{listing}/rules', [HistoryController::class, 'update'])->name('drift.listing-rules');
        Route::put('/digest', [RulesController::class, 'digest'])->name('drift.digest');
        Route::get('/rules', [RulesController::class, 'index'])->name('drift.rules');
        Route::put('/rules', [RulesController::class, 'update'])->name('drift.rules.update');
        Route::get('/runs/{run}', RunController::class)->withoutScopedBindings()->name('drift.run');
        Route::post('/rehearsals', [RehearsalController::class, 'store'])->name('drift.rehearse');
        Route::get('/rehearsals/{run}', [RehearsalController::class, 'show'])
            ->withoutScopedBindings()
            ->name('drift.rehearsal');
        Route::post('/aside/{run}/through', [SetAsideController::class, 'letThrough'])
            ->withoutScopedBindings()
            ->name('drift.aside.through');
        Route::delete('/aside/{run}', [SetAsideController::class, 'throwAway'])
            ->withoutScopedBindings()
            ->name('drift.aside.destroy');
    });
