<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shelves\Http\FilingController;
use WindowStall\Shelves\Http\SearchesController;
use WindowStall\Shelves\Http\ShelfController;
use WindowStall\Shelves\Http\ShelvesController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/shelves')->group(function (): void {
    Route::get('/', [ShelvesController::class, 'index'])->name('shelves');
    Route::post('/', [ShelvesController::class, 'store'])->name('shelves.store');
    Route::get('/filing', [FilingController::class, 'index'])->name('shelves.filing');
    Route::post('/filing', [FilingController::class, 'rename'])->name('shelves.filing.rename');
    Route::get('/homeless', [ShelvesController::class, 'homeless'])->name('shelves.homeless');
    Route::get('/searches', [SearchesController::class, 'index'])->name('shelves.searches');
    Route::post('/searches/wave', [SearchesController::class, 'wave'])->name('shelves.searches.wave');
    Route::post('/synonyms', [SearchesController::class, 'synonym'])->name('shelves.synonyms');
    Route::delete('/synonyms/{synonym}', [SearchesController::class, 'forget'])
        ->scopeBindings()
        ->name('shelves.synonyms.forget');
    Route::scopeBindings()->prefix('/{shelf}')->group(function (): void {
        Route::get('/', [ShelfController::class, 'show'])->name('shelves.shelf');
        Route::patch('/', [ShelfController::class, 'update'])->name('shelves.update');
        Route::delete('/', [ShelvesController::class, 'destroy'])->name('shelves.destroy');
        Route::post('/places', [ShelfController::class, 'place'])->name('shelves.place');
        Route::post('/order', [ShelfController::class, 'order'])->name('shelves.order');
        Route::get('/why', [ShelfController::class, 'why'])->name('shelves.why');
        Route::post('/draft', [ShelfController::class, 'draft'])->name('shelves.draft');
    });
});
