<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Runs\Http\RunController;
use WindowStall\Source\Http\CompareController;
use WindowStall\Source\Http\ConnectionController;
use WindowStall\Source\Http\ItemController;
use WindowStall\Source\Http\MappingController;
use WindowStall\Source\Http\SourceController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])
    ->prefix('/at/{stall}/source')
    ->scopeBindings()
    ->group(function (): void {
        Route::get('/', [SourceController::class, 'index'])->name('source');
        Route::get('/items/{item}', ItemController::class)->middleware('dear')->name('source.item');
        Route::post('/link', [SourceController::class, 'link'])
            ->middleware('dear')
            ->name('source.link');
        Route::post('/markets', [SourceController::class, 'market'])->name('source.market');
        Route::get('/home', [SourceController::class, 'home'])->name('source.home');
        Route::post('/searches', [SourceController::class, 'save'])->name('source.searches.store');
        Route::delete('/searches/{search}', [SourceController::class, 'forget'])
            ->withoutScopedBindings()
            ->name('source.searches.destroy');
        Route::get('/compare', CompareController::class)->middleware('dear')->name('source.compare');
        Route::get('/connect', [ConnectionController::class, 'create'])->name('source.connect');
        Route::post('/connections', [ConnectionController::class, 'store'])
            ->middleware('dear')
            ->name('source.connections.store');
        Route::get('/connections/{connection}', [ConnectionController::class, 'show'])->name('source.supplier');
        Route::patch('/connections/{connection}', [ConnectionController::class, 'update'])->name(
            'source.supplier.update',
        );
        Route::delete('/connections/{connection}', [ConnectionController::class, 'destroy'])->name(
            'source.supplier.destroy',
        );
        Route::post('/connections/{connection}/pull', [ConnectionController::class, 'pull'])->name('source.pull');
        Route::post('/connections/{connection}/file', [ConnectionController::class, 'file'])
            ->middleware('dear')
            ->name('source.file');
        Route::get('/connections/{connection}/mapping', [MappingController::class, 'show'])->name('source.mapping');
        Route::post('/connections/{connection}/mapping/preview', [MappingController::class, 'preview'])->name(
            'source.mapping.preview',
        );
        Route::put('/connections/{connection}/mapping/part', [MappingController::class, 'part'])->name(
            'source.mapping.part',
        );
        Route::put('/connections/{connection}/mapping', [MappingController::class, 'update'])->name(
            'source.mapping.update',
        );
        Route::get('/runs/{run}', [RunController::class, 'show'])->name('source.run');
        Route::delete('/runs/{run}', [RunController::class, 'cancel'])->name('source.run.cancel');
        Route::get('/runs/{run}/left-out.csv', [RunController::class, 'rejects'])->name('source.run.rejects');
    });
