<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Reviews\Http\QuestionsController;
use WindowStall\Reviews\Http\ReviewsController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])->prefix('/at/{stall}/reviews')->scopeBindings()->group(function (): void {
    Route::get('/', [ReviewsController::class, 'index'])->name('reviews');
    Route::put('/', [ReviewsController::class, 'say'])->name('reviews.say');
    Route::post('/brought-in', [ReviewsController::class, 'bringIn'])->name('reviews.bring-in');
    Route::get('/questions', [QuestionsController::class, 'index'])->name('reviews.questions');
    Route::get('/questions/{question}/draft', [QuestionsController::class, 'draft'])->name('reviews.question.draft');
    Route::put('/questions/{question}/answer', [QuestionsController::class, 'answer'])->name('reviews.question.answer');
    Route::put('/questions/{question}/put-by', [QuestionsController::class, 'putBy'])->name('reviews.question.put-by');
    Route::put('/{review}/answer', [ReviewsController::class, 'answer'])->name('reviews.answer');
    Route::put('/{review}/shown', [ReviewsController::class, 'show'])->name('reviews.show');
    Route::put('/{review}/hidden', [ReviewsController::class, 'hide'])->name('reviews.hide');
});
