<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Print\Http\ArtworkController;
use WindowStall\Print\Http\KeptController;
use WindowStall\Print\Http\PlacingController;
use WindowStall\Print\Http\PrintController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/print')->scopeBindings()->group(function (): void {
    Route::get('/', [PrintController::class, 'index'])->name('print');
    Route::get('/artwork', [PrintController::class, 'read'])->name('print.artworks');
    Route::post('/artwork', [ArtworkController::class, 'send'])->name('print.artwork.send');
    Route::post('/words', [ArtworkController::class, 'write'])->name('print.words');
    Route::get('/artwork/{artwork}/picture', [ArtworkController::class, 'picture'])->name('print.artwork.picture');
    Route::put('/artwork/{artwork}', [ArtworkController::class, 'say'])->name('print.artwork.say');
    Route::post('/artwork/{artwork}/follow', [KeptController::class, 'follow'])->name('print.artwork.follow');
    Route::delete('/artwork/{artwork}', [ArtworkController::class, 'remove'])->name('print.artwork.remove');
    Route::post('/placings', [PrintController::class, 'lay'])->name('print.lay');
    Route::prefix('/placings/{placing}')->group(function (): void {
        Route::get('/', [PlacingController::class, 'show'])->name('print.placing');
        Route::put('/', [PlacingController::class, 'say'])->name('print.placing.say');
        Route::post('/mend', [PlacingController::class, 'mend'])->name('print.placing.mend');
        Route::put('/kept', [KeptController::class, 'keep'])->name('print.placing.keep');
        Route::post('/many', [KeptController::class, 'many'])->name('print.placing.many');
        Route::post('/make', [PlacingController::class, 'make'])->name('print.placing.make');
        Route::delete('/', [PlacingController::class, 'remove'])->name('print.placing.remove');
    });
});
