<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Stall\Http\FindController;
use WindowStall\Stall\Http\InStall;
use WindowStall\Stall\Http\SettingsController;
use WindowStall\Stall\Http\SignInController;
use WindowStall\Stall\Http\SignUpController;
use WindowStall\Stall\Http\StallController;
use WindowStall\Stall\Http\TokenController;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/sign-up', [SignUpController::class, 'show'])->name('sign-up');
    Route::post('/sign-up', [SignUpController::class, 'store'])->middleware('throttle:sign-in');
});
Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/', [StallController::class, 'home'])->name('home');
    Route::get('/stalls/new', [StallController::class, 'create'])->name('stalls.new');
    Route::post('/stalls', [StallController::class, 'store'])->name('stalls.store');
    Route::middleware(InStall::class)->prefix('/at/{stall}')->group(function (): void {
        Route::get('/find', FindController::class)->name('find');
        Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
        Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
        Route::post('/tokens', [TokenController::class, 'store'])->name('tokens.store');
        Route::delete('/tokens/{token}', [TokenController::class, 'destroy'])->whereNumber('token')->name('tokens.destroy');
    });
});
