<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Bench\Http\BenchController;
use WindowStall\Bench\Http\CarryController;
use WindowStall\Bench\Http\GridController;
use WindowStall\Bench\Http\ListingController;
use WindowStall\Bench\Http\OwnController;
use WindowStall\Bench\Http\PreparingController;
use WindowStall\Bench\Http\TakeController;
use WindowStall\Stall\Http\InStall;

Route::post('/at/{stall}/source/take', TakeController::class)
    ->middleware(['auth', InStall::class])
    ->name('source.take');
Route::middleware(['auth', InStall::class])
    ->prefix('/at/{stall}/bench')
    ->scopeBindings()
    ->group(function (): void {
        Route::get('/', [BenchController::class, 'index'])->name('bench');
        Route::post('/window', [BenchController::class, 'putInWindow'])->name('bench.window');
        Route::post('/out', [BenchController::class, 'takeOut'])->name('bench.out');
        Route::get('/grid', [GridController::class, 'index'])->name('bench.grid');
        Route::post('/grid/cells', [GridController::class, 'cells'])
            ->middleware('dear')
            ->name('bench.cells');
        Route::post('/grid/replace', [GridController::class, 'replace'])
            ->middleware('dear')
            ->name('bench.replace');
        Route::post('/grid/tags', [GridController::class, 'tags'])
            ->middleware('dear')
            ->name('bench.tags');
        Route::get('/export', [CarryController::class, 'export'])->name('bench.export');
        Route::post('/import', [CarryController::class, 'import'])
            ->middleware('dear')
            ->name('bench.import');
        Route::get('/imported/{run}', [CarryController::class, 'imported'])->name('bench.imported');
        Route::post('/delete', [GridController::class, 'destroy'])->name('bench.delete');
        Route::post('/join', [GridController::class, 'join'])
            ->middleware('dear')
            ->name('bench.join');
        Route::post('/place', [GridController::class, 'place'])->name('bench.place');
        Route::post('/clean', [GridController::class, 'clean'])
            ->middleware('dear')
            ->name('bench.clean');
        Route::get('/step/{run}', [GridController::class, 'step'])->name('bench.step');
        Route::get('/placed/{run}', [GridController::class, 'placed'])->name('bench.placed');
        Route::post('/undo/{change}', [GridController::class, 'undo'])
            ->withoutScopedBindings()
            ->name('bench.undo');
        Route::post('/markdown', [PreparingController::class, 'markdown'])->name('bench.markdown');
        Route::get('/piece', [PreparingController::class, 'piece'])->name('bench.piece');
        Route::post('/own', [OwnController::class, 'store'])->middleware('dear')->name('bench.own');
        Route::put('/{listing}/own', [OwnController::class, 'update'])->middleware('dear')->name('bench.own.update');
        Route::post('/{listing}/own/file', [OwnController::class, 'file'])->middleware('dear')->name('bench.own.file');
        Route::get('/{listing}', [ListingController::class, 'show'])->name('bench.listing');
        Route::patch('/{listing}', [ListingController::class, 'update'])->name('bench.listing.update');
        Route::patch('/{listing}/variants', [ListingController::class, 'variants'])->name('bench.variants.update');
        Route::get('/{listing}/till', [ListingController::class, 'till'])->name('bench.till');
        Route::post('/{listing}/pictures', [ListingController::class, 'upload'])
            ->middleware('dear')
            ->name('bench.pictures.store');
        Route::get('/{listing}/view', [ListingController::class, 'view'])->name('bench.listing.view');
        Route::get('/{listing}/twins', [PreparingController::class, 'twins'])->name('bench.twins');
        Route::post('/{listing}/drop', [PreparingController::class, 'drop'])->name('bench.drop');
        Route::post('/{listing}/take-up', [PreparingController::class, 'takeUp'])->name('bench.take-up');
        Route::get('/{listing}/parts', [PreparingController::class, 'parts'])->name('bench.parts');
        Route::post('/{listing}/split', [PreparingController::class, 'split'])
            ->middleware('dear')
            ->name('bench.split');
        Route::get('/{listing}/sources', [PreparingController::class, 'sources'])->name('bench.sources');
        Route::put('/{listing}/sources', [PreparingController::class, 'setSources'])->name('bench.sources.update');
        Route::post('/{listing}/draft', [PreparingController::class, 'draft'])
            ->middleware('dear')
            ->name('bench.draft');
        Route::post('/{listing}/accept', [PreparingController::class, 'accept'])->name('bench.accept');
        Route::patch('/{listing}/pictures/{picture}', [PreparingController::class, 'picture'])
            ->middleware('dear')
            ->name('bench.picture.update');
    });
