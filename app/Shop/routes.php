<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shop\Http\BasketController;
use WindowStall\Shop\Http\BasketLinkController;
use WindowStall\Shop\Http\EnterController;
use WindowStall\Shop\Http\ListController;
use WindowStall\Shop\Http\PageController;
use WindowStall\Shop\Http\PapersController;
use WindowStall\Shop\Http\PreviewController;
use WindowStall\Shop\Http\RobotsController;
use WindowStall\Shop\Http\SharedController;
use WindowStall\Shop\Http\SignUpController;

// Whatever else is asked for, in the shop's look.
Route::fallback([PageController::class, 'nowhere'])->name('nowhere');
Route::get('/enter', EnterController::class)->name('enter');
Route::get('/', [PageController::class, 'home'])->name('home');
Route::get('/goods/{slug}', [PageController::class, 'goods'])
    ->name('goods')
    ->where('slug', '[a-z0-9-]+');
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
Route::get('/goods', [ListController::class, 'all'])->name('goods.all');
Route::get('/shelves', [ListController::class, 'shelves'])->name('shelves');
Route::get('/shelves/{slug}', [ListController::class, 'shelf'])
    ->name('shelf')
    ->where('slug', '[a-z0-9-]+');
Route::get('/shared/front.jpg', [SharedController::class, 'front'])->name('shared.front');
Route::get('/shared/goods/{slug}.jpg', [SharedController::class, 'goods'])
    ->name('shared.goods')
    ->where('slug', '[a-z0-9-]+');
Route::get('/shared/shelves/{slug}.jpg', [SharedController::class, 'shelf'])
    ->name('shared.shelf')
    ->where('slug', '[a-z0-9-]+');
Route::get('/robots.txt', [RobotsController::class, 'robots'])->name('robots');
Route::get('/sitemap.xml', [RobotsController::class, 'sitemap'])->name('sitemap');
Route::get('/sitemap-{part}.xml', [RobotsController::class, 'part'])->name('sitemap.part')->where('part', '[0-9]{1,4}');
Route::get('/pages/{slug}', [PapersController::class, 'page'])->name('page')->where('slug', '[a-z0-9-]+');
Route::get('/policies/{kind}', [PapersController::class, 'policy'])->name('policy')->where('kind', '[a-z]+');
Route::get('/search', [ListController::class, 'search'])->name('search');
Route::get('/search/suggest', [ListController::class, 'suggest'])->middleware('throttle:240,1')->name('suggest');
Route::get('/tagged/{tag}', [ListController::class, 'tagged'])
    ->name('tagged')
    ->where('tag', '[a-z0-9-]+');
Route::post('/sign-up', SignUpController::class)->middleware('throttle:20,1')->name('sign-up');
Route::get('/seen/{secret}', [PreviewController::class, 'seen'])
    ->name('seen')
    ->where('secret', '[A-Za-z0-9]{40}');
Route::get('/preview/galley', [PreviewController::class, 'galley'])->name('preview.galley');
Route::get('/preview/pages/{page}', [PreviewController::class, 'page'])->name('preview.page');
Route::get('/preview/look', [PreviewController::class, 'look'])->name('preview.look');
Route::get('/preview/revisions/{revision}', [PreviewController::class, 'revision'])->name('preview.revision');
Route::get('/preview/goods/{listing}', [PreviewController::class, 'listing'])->name('preview.listing');
