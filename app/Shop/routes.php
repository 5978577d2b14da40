<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shop\Http\EnterController;
use WindowStall\Shop\Http\PageController;
use WindowStall\Shop\Http\PreviewController;
use WindowStall\Shop\Http\RobotsController;
use WindowStall\Shop\Http\SeenFrom;
use WindowStall\Shop\Http\SharedController;
use WindowStall\Shop\Http\SpeaksTheirs;

// Whatever else is asked for, in the shop's look.
Route::fallback([PageController::class, 'nowhere'])->name('nowhere');
require __DIR__.'/pages.php';
Route::middleware(SeenFrom::class)
    ->prefix('{market}')
    ->where(['market' => '[a-z]{2}(-[a-z]{2})?'])
    ->name('there.')
    ->group(__DIR__.'/pages.php');
Route::get('/enter', EnterController::class)->name('enter');
Route::middleware(SpeaksTheirs::class)->group(__DIR__.'/theirs.php');
Route::get('/shared/front.jpg', [SharedController::class, 'front'])->name('shared.front');
Route::get('/shared/goods/{slug}.jpg', [SharedController::class, 'goods'])
    ->name('shared.goods')
    ->where('slug', '[a-z0-9-]+');
Route::get('/shared/shelves/{slug}.jpg', [SharedController::class, 'shelf'])
    ->name('shared.shelf')
    ->where('slug', '[a-z0-9-]+');
Route::get('/robots.txt', [RobotsController::class, 'robots'])->name('robots');
Route::get('/seen/{secret}', [PreviewController::class, 'seen'])
    ->name('seen')
    ->where('secret', '[A-Za-z0-9]{40}');
Route::get('/preview/galley', [PreviewController::class, 'galley'])->name('preview.galley');
Route::get('/preview/pages/{page}', [PreviewController::class, 'page'])->name('preview.page');
Route::get('/preview/look', [PreviewController::class, 'look'])->name('preview.look');
Route::get('/preview/revisions/{revision}', [PreviewController::class, 'revision'])->name('preview.revision');
Route::get('/preview/goods/{listing}', [PreviewController::class, 'listing'])->name('preview.listing');
