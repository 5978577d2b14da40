<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Stall\Http\InStall;
use WindowStall\Stall\Http\PasswordController;
use WindowStall\Stall\Http\PersonController;
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
    Route::get('/password/forgotten', [PasswordController::class, 'forgotten'])->name('password.forgotten');
    Route::post('/password/forgotten', [PasswordController::class, 'send'])
        ->middleware('throttle:forgotten')
        ->name('password.send');
    Route::get('/password/new/{token}', [PasswordController::class, 'create'])
        ->where('token', '[A-Za-z0-9]{64}')
        ->name('password.new');
    Route::post('/password/new', [PasswordController::class, 'store'])
        ->middleware('throttle:sign-in')
        ->name('password.store');
});
Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/you', [PersonController::class, 'show'])->name('you');
    Route::put('/you/password', [PersonController::class, 'password'])
        ->middleware('throttle:sign-in')
        ->name('you.password');
    Route::put('/you/keys', [PersonController::class, 'keys'])->name('you.keys');
    Route::put('/you/terms', [PersonController::class, 'term'])->name('you.terms');
    Route::delete('/you/sign-ins/{signIn?}', [PersonController::class, 'end'])
        ->whereUuid('signIn')
        ->name('you.sign-ins.end');
    Route::get('/stalls/new', [StallController::class, 'create'])->name('stalls.new');
    Route::post('/stalls', [StallController::class, 'store'])->name('stalls.store');
    Route::middleware(InStall::class)
        ->prefix('/at/{stall}')
        ->group(function (): void {
            Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
            Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
            Route::post('/tokens', [TokenController::class, 'store'])->name('tokens.store');
            Route::delete('/tokens/{token}', [TokenController::class, 'destroy'])
                ->where('token', '[0-9]{1,18}')
                ->name('tokens.destroy');
        });
});
