<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Stall\Http\InStall;
use WindowStall\Window\Http\WindowController;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/window')->group(function (): void {
    Route::get('/', [WindowController::class, 'show'])->name('window');
    Route::put('/', [WindowController::class, 'save'])->name('window.save');
    Route::post('/publish', [WindowController::class, 'publish'])->name('window.publish');
    Route::post('/back', [WindowController::class, 'back'])->name('window.back');
    Route::post('/logo', [WindowController::class, 'logo'])->middleware('dear')->name('window.logo');
    Route::get('/logo/{picture}', [WindowController::class, 'sentLogo'])->withoutScopedBindings()->name('window.logo.sent');
});
