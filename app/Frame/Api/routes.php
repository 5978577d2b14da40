<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Bench\Http\Api\ListingsController;
use WindowStall\Counter\Http\Api\OrdersController;
use WindowStall\Counter\Http\Api\PeopleController;
use WindowStall\Delivery\Http\Api\PlacesController;
use WindowStall\Delivery\Http\Api\QuotesController;
use WindowStall\Drift\Http\Api\DriftController;
use WindowStall\Frame\Api\OpenApi;
use WindowStall\Offers\Http\Api\CodesController;
use WindowStall\Pricing\Http\Api\MarketsController;
use WindowStall\Pricing\Http\Api\PricesController;
use WindowStall\Pricing\Http\Api\PriceTrialsController;
use WindowStall\Pricing\Http\Api\TaxRatesController;
use WindowStall\Print\Http\Api\ArtworksController;
use WindowStall\Print\Http\Api\FilesController;
use WindowStall\Print\Http\Api\PlacingsController;
use WindowStall\Source\Http\Api\ItemsController;
use WindowStall\Source\Http\Api\RunsController;
use WindowStall\Stall\Http\InTokensStall;

Route::prefix('/api/v1')->name('api.')->group(function (): void {
    Route::get('/openapi.json', OpenApi::class)->name('openapi');
    Route::middleware(['auth:sanctum', InTokensStall::class, 'throttle:api'])->group(function (): void {
        Route::get('/listings', ListingsController::class)->name('listings');
        Route::get('/listings/{listing}/history', [DriftController::class, 'history'])->name('history');
        Route::get('/drift', [DriftController::class, 'index'])->name('drift');
        Route::post('/drift/decisions', [DriftController::class, 'decide'])->name('decisions');
        Route::get('/items', ItemsController::class)->name('items');
        Route::get('/runs', RunsController::class)->name('runs');
        Route::get('/prices', PricesController::class)->name('prices');
        Route::get('/places', [PlacesController::class, 'index'])->name('places');
        Route::post('/places', [PlacesController::class, 'store'])->name('places.store');
        Route::put('/places/{place}', [PlacesController::class, 'update'])->name('places.update');
        Route::delete('/places/{place}', [PlacesController::class, 'destroy'])->name('places.destroy');
        Route::get('/markets', [MarketsController::class, 'index'])->name('markets');
        Route::put('/markets/{market}', [MarketsController::class, 'update'])
            ->where('market', '[A-Z]{2}')
            ->name('markets.update');
        Route::get('/tax-rates', [TaxRatesController::class, 'index'])->name('tax-rates');
        Route::post('/tax-rates', [TaxRatesController::class, 'store'])->name('tax-rates.store');
        Route::put('/tax-rates/{taxRate}', [TaxRatesController::class, 'update'])->name('tax-rates.update');
        Route::delete('/tax-rates/{taxRate}', [TaxRatesController::class, 'destroy'])->name('tax-rates.destroy');
        Route::get('/codes', [CodesController::class, 'index'])->name('codes');
        Route::post('/codes', [CodesController::class, 'store'])->name('codes.store');
        Route::put('/codes/{code}', [CodesController::class, 'update'])->name('codes.update');
        Route::get('/orders', [OrdersController::class, 'index'])->name('orders');
        Route::get('/orders/{order}', [OrdersController::class, 'show'])->name('order');
        Route::post('/orders/{order}/parcels', [OrdersController::class, 'post'])->name('parcels.post');
        Route::get('/parcels', [OrdersController::class, 'parcels'])->name('parcels');
        Route::get('/refunds', [OrdersController::class, 'refunds'])->name('refunds');
        Route::get('/people', PeopleController::class)->name('people');
        Route::post('/quotes', QuotesController::class)->name('quotes');
        Route::post('/price-trials', PriceTrialsController::class)->name('price-trials');
        Route::prefix('/print')->name('print.')->group(function (): void {
            Route::get('/artworks', [ArtworksController::class, 'index'])->name('artworks');
            Route::post('/artworks', [ArtworksController::class, 'store'])->name('artworks.store');
            Route::get('/artworks/{artwork}', [ArtworksController::class, 'show'])->name('artwork');
            Route::get('/placings', [PlacingsController::class, 'index'])->name('placings');
            Route::post('/placings', [PlacingsController::class, 'store'])->name('placings.store');
            Route::get('/placings/{placing}', [PlacingsController::class, 'show'])->name('placing');
            Route::put('/placings/{placing}', [PlacingsController::class, 'update'])->name('placing.update');
            Route::post('/placings/{placing}/goods', [PlacingsController::class, 'goods'])->name('placing.goods');
            Route::post('/findings', [PlacingsController::class, 'findings'])->name('findings');
            Route::get('/files', [FilesController::class, 'index'])->name('files');
            Route::get('/files/{file}', [FilesController::class, 'show'])->name('file');
        });
    });
});
