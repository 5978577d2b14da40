<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Opening\Http\FirstShopController;
use WindowStall\Opening\Http\FirstStepsController;
use WindowStall\Opening\Http\GroundController;
use WindowStall\Opening\Http\LeftController;
use WindowStall\Opening\Http\OnlookersController;
use WindowStall\Opening\Http\RehearsalController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/opening')->group(function (): void {
    Route::get('/', [LeftController::class, 'show'])->name('opening');
    Route::put('/', [LeftController::class, 'at'])->name('opening.at');
    Route::put('/ground', [GroundController::class, 'update'])->name('opening.ground');
    Route::put('/begins', [FirstStepsController::class, 'begin'])->name('opening.begins');
    Route::put('/skipped', [FirstStepsController::class, 'skip'])->name('opening.skipped');
    Route::post('/onlookers', [OnlookersController::class, 'letIn'])->name('opening.onlookers.let-in');
    Route::delete('/onlookers/{onlooker}', [OnlookersController::class, 'takeBack'])->name('opening.onlookers.take-back');
    Route::post('/rehearsal', [RehearsalController::class, 'begin'])->middleware('throttle:6,1')->name('opening.rehearsal.begin');
    Route::get('/seen', [RehearsalController::class, 'seen'])->name('opening.seen');
    Route::get('/first', [FirstShopController::class, 'show'])->name('opening.first');
    Route::post('/first', [FirstShopController::class, 'begin'])->name('opening.first.begin');
    Route::get('/first/now', [FirstShopController::class, 'now'])->name('opening.first.now');
    Route::put('/first/left-out', [FirstShopController::class, 'leaveOut'])->name('opening.first.leave-out');
    Route::post('/first/agreed', [FirstShopController::class, 'agree'])->name('opening.first.agree');
});
