<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shop\Http\BasketController;
use WindowStall\Shop\Http\BasketLinkController;
use WindowStall\Shop\Http\EnterController;
use WindowStall\Shop\Http\NoMoreMailController;
use WindowStall\Shop\Http\PageController;
use WindowStall\Shop\Http\PreviewController;
use WindowStall\Shop\Http\RobotsController;
use WindowStall\Shop\Http\SeenFrom;
use WindowStall\Shop\Http\SharedController;
use WindowStall\Shop\Http\SignUpController;

// Whatever else is asked for, in the shop's look.
Route::fallback([PageController::class, 'nowhere'])->name('nowhere');
require __DIR__.'/pages.php';
Route::middleware(SeenFrom::class)
    ->prefix('{market}')
    ->where(['market' => '[a-z]{2}'])
    ->name('there.')
    ->group(__DIR__.'/pages.php');
Route::get('/enter', EnterController::class)->name('enter');
Route::get('/basket', [BasketController::class, 'show'])->name('basket');
Route::post('/basket', [BasketController::class, 'add'])->name('basket.add');
Route::post('/basket/where', [BasketController::class, 'where'])->name('basket.where');
Route::post('/basket/link', [BasketLinkController::class, 'make'])->middleware('throttle:20,10')->name('basket.link');
Route::get('/basket/from/{link}', [BasketLinkController::class, 'show'])
    ->where('link', '[A-Za-z0-9]{24}')
    ->name('basket.from');
Route::post('/basket/from/{link}', [BasketLinkController::class, 'take'])
    ->where('link', '[A-Za-z0-9]{24}')
    ->name('basket.take');
Route::post('/basket/codes', [BasketController::class, 'code'])->middleware('throttle:60,10')->name('basket.code');
Route::post('/basket/{line}', [BasketController::class, 'change'])->name('basket.change');
Route::get('/shared/front.jpg', [SharedController::class, 'front'])->name('shared.front');
Route::get('/shared/goods/{slug}.jpg', [SharedController::class, 'goods'])
    ->name('shared.goods')
    ->where('slug', '[a-z0-9-]+');
Route::get('/shared/shelves/{slug}.jpg', [SharedController::class, 'shelf'])
    ->name('shared.shelf')
    ->where('slug', '[a-z0-9-]+');
Route::get('/robots.txt', [RobotsController::class, 'robots'])->name('robots');
Route::get('/no-more-mail', [NoMoreMailController::class, 'show'])->name('no-more-mail');
Route::post('/no-more-mail', [NoMoreMailController::class, 'stop'])->middleware('throttle:20,1')->name('no-more-mail.stop');
Route::post('/sign-up', SignUpController::class)->middleware('throttle:20,1')->name('sign-up');
Route::get('/seen/{secret}', [PreviewController::class, 'seen'])
    ->name('seen')
    ->where('secret', '[A-Za-z0-9]{40}');
Route::get('/preview/galley', [PreviewController::class, 'galley'])->name('preview.galley');
Route::get('/preview/pages/{page}', [PreviewController::class, 'page'])->name('preview.page');
Route::get('/preview/look', [PreviewController::class, 'look'])->name('preview.look');
Route::get('/preview/revisions/{revision}', [PreviewController::class, 'revision'])->name('preview.revision');
Route::get('/preview/goods/{listing}', [PreviewController::class, 'listing'])->name('preview.listing');
