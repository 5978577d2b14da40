<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shop\Http\FeedController;
use WindowStall\Shop\Http\ListController;
use WindowStall\Shop\Http\NotesController;
use WindowStall\Shop\Http\PageController;
use WindowStall\Shop\Http\PublishedPagesController;
use WindowStall\Shop\Http\RobotsController;
use WindowStall\Shop\Http\SaidOfController;

// What shoppers look around in: at the shop's own address for the home market, and below "/ie" for another.
Route::get('/', [PageController::class, 'home'])->name('home');
Route::get('/goods/{slug}', [PageController::class, 'goods'])
    ->name('goods')
    ->where('slug', '[a-z0-9-]+');
Route::get('/goods/{slug}/said', SaidOfController::class)
    ->name('goods.said')
    ->where('slug', '[a-z0-9-]+');
Route::get('/goods', [ListController::class, 'all'])->name('goods.all');
Route::get('/shelves', [ListController::class, 'shelves'])->name('shelves');
Route::get('/shelves/{slug}', [ListController::class, 'shelf'])
    ->name('shelf')
    ->where('slug', '[a-z0-9-]+');
Route::get('/sitemap.xml', [RobotsController::class, 'sitemap'])->name('sitemap');
Route::get('/sitemap-{part}.xml', [RobotsController::class, 'part'])->name('sitemap.part')->where('part', '[0-9]{1,4}');
Route::get('/goods.json', [FeedController::class, 'first'])->name('feed');
Route::get('/goods-{part}.json', [FeedController::class, 'part'])->name('feed.part')->where('part', '[0-9]{1,4}');
Route::get('/pages/{slug}', [PublishedPagesController::class, 'page'])->name('page')->where('slug', '[a-z0-9-]+');
Route::get('/notes', [NotesController::class, 'index'])->name('notes');
Route::get('/notes.atom', [NotesController::class, 'feed'])->name('notes.feed');
Route::get('/notes/{slug}', [NotesController::class, 'note'])->name('note')->where('slug', '[a-z0-9-]+');
Route::get('/policies/{kind}', [PublishedPagesController::class, 'policy'])->name('policy')->where('kind', '[a-z]+');
Route::get('/search', [ListController::class, 'search'])->name('search');
Route::get('/search/suggest', [ListController::class, 'suggest'])->middleware('throttle:240,1')->name('suggest');
Route::get('/tagged/{tag}', [ListController::class, 'tagged'])
    ->name('tagged')
    ->where('tag', '[a-z0-9-]+');
