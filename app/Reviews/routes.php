<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Reviews\Http\ReviewsController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/reviews')->scopeBindings()->group(function (): void {
    Route::get('/', [ReviewsController::class, 'index'])->name('reviews');
    Route::put('/', [ReviewsController::class, 'say'])->name('reviews.say');
    Route::put('/{review}/answer', [ReviewsController::class, 'answer'])->name('reviews.answer');
    Route::put('/{review}/shown', [ReviewsController::class, 'show'])->name('reviews.show');
    Route::put('/{review}/hidden', [ReviewsController::class, 'hide'])->name('reviews.hide');
});
