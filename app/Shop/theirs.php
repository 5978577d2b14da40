<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shop\Http\AskController;
use WindowStall\Shop\Http\BackController;
use WindowStall\Shop\Http\BasketController;
use WindowStall\Shop\Http\BasketLinkController;
use WindowStall\Shop\Http\GrownUpController;
use WindowStall\Shop\Http\LookInController;
use WindowStall\Shop\Http\NoMoreMailController;
use WindowStall\Shop\Http\RunsBesideController;
use WindowStall\Shop\Http\SignUpController;

// What is a shopper's own and stands at one address, whichever market and language they came from.
Route::get('/basket', [BasketController::class, 'show'])->name('basket');
Route::post('/basket', [BasketController::class, 'add'])->name('basket.add');
Route::post('/basket/set', [BasketController::class, 'set'])->name('basket.set');
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
Route::get('/no-more-mail', [NoMoreMailController::class, 'show'])->name('no-more-mail');
Route::post('/no-more-mail', [NoMoreMailController::class, 'stop'])->middleware('throttle:20,1')->name('no-more-mail.stop');
Route::post('/sign-up', SignUpController::class)->middleware('throttle:20,1')->name('sign-up');
Route::post('/grown-up', GrownUpController::class)->middleware('throttle:60,10')->name('grown-up');
Route::get('/runs-beside', [RunsBesideController::class, 'show'])->name('runs-beside');
Route::post('/runs-beside', [RunsBesideController::class, 'say'])->middleware('throttle:60,10')->name('runs-beside.say');
Route::get('/runs-beside/frame', [RunsBesideController::class, 'frame'])->name('runs-beside.frame');
Route::get('/look-in/{code}', [LookInController::class, 'link'])
    ->middleware('throttle:20,10')
    ->where('code', '[0-9A-Za-z-]{12,20}')
    ->name('look-in');
Route::post('/look-in', [LookInController::class, 'typed'])->middleware('throttle:20,10')->name('look-in.typed');
Route::post('/ask', AskController::class)->middleware('throttle:6,10')->name('ask');
Route::post('/back', BackController::class)->middleware('throttle:6,10')->name('back');
