<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Pricing\Http\BoardController;
use WindowStall\Pricing\Http\CostsController;
use WindowStall\Pricing\Http\OffersController;
use WindowStall\Pricing\Http\RecipesController;
use WindowStall\Pricing\Http\TaxesController;
use WindowStall\Pricing\Http\TrialController;
use WindowStall\Stall\Http\InStall;

Route::middleware(['auth', InStall::class])
    ->prefix('/at/{stall}/pricing')
    ->scopeBindings()
    ->group(function (): void {
        Route::get('/', [BoardController::class, 'index'])->name('pricing');
        Route::post('/set', [BoardController::class, 'set'])->name('pricing.set');
        Route::get('/variants/{variant}', [BoardController::class, 'sheet'])->name('pricing.variant');
        Route::get('/recipes', [RecipesController::class, 'index'])->name('pricing.recipes');
        Route::post('/recipes', [RecipesController::class, 'store'])->name('pricing.recipes.store');
        Route::post('/recipes/order', [RecipesController::class, 'order'])->name('pricing.recipes.order');
        Route::patch('/recipes/{recipe}', [RecipesController::class, 'update'])->name('pricing.recipes.update');
        Route::delete('/recipes/{recipe}', [RecipesController::class, 'destroy'])->name('pricing.recipes.destroy');
        Route::post('/changes/{change}/undo', [RecipesController::class, 'undo'])
            ->withoutScopedBindings()
            ->name('pricing.undo');
        Route::get('/costs', [CostsController::class, 'show'])->name('pricing.costs');
        Route::patch('/costs', [CostsController::class, 'update'])->name('pricing.costs.update');
        Route::post('/costs/markets', [CostsController::class, 'market'])
            ->middleware('dear')
            ->name('pricing.costs.market');
        Route::post('/rates', [CostsController::class, 'pullRates'])
            ->middleware('dear')
            ->name('pricing.rates');
        Route::get('/taxes', [TaxesController::class, 'index'])->name('taxes');
        Route::get('/taxes/now', [TaxesController::class, 'show'])->name('taxes.now');
        Route::post('/taxes', [TaxesController::class, 'store'])->middleware('dear')->name('taxes.store');
        Route::put('/taxes/goods', [TaxesController::class, 'goods'])->middleware('dear')->name('taxes.goods');
        Route::post('/taxes/countries/{country}', [TaxesController::class, 'begin'])
            ->middleware('dear')
            ->where('country', '[A-Z]{2}')
            ->name('taxes.begin');
        Route::put('/taxes/countries/{country}', [TaxesController::class, 'market'])
            ->middleware('dear')
            ->where('country', '[A-Z]{2}')
            ->name('taxes.market');
        Route::patch('/taxes/{taxRate}', [TaxesController::class, 'update'])->middleware('dear')->name('taxes.update');
        Route::delete('/taxes/{taxRate}', [TaxesController::class, 'destroy'])->middleware('dear')->name('taxes.destroy');
        Route::get('/free-delivery', [OffersController::class, 'freeDelivery'])->name('pricing.free-delivery');
        Route::post('/ladders/{listing}/try', [OffersController::class, 'ladder'])->name('pricing.ladder.try');
        Route::put('/ladders/{listing}', [OffersController::class, 'setLadder'])->name('pricing.ladder');
        Route::get('/trial', [TrialController::class, 'show'])->name('pricing.trial');
        Route::post('/trial', [TrialController::class, 'store'])->name('pricing.trial.store');
        Route::get('/trial/{change}', [TrialController::class, 'view'])
            ->withoutScopedBindings()
            ->name('pricing.trial.view');
        Route::post('/trial/{change}/apply', [TrialController::class, 'apply'])
            ->withoutScopedBindings()
            ->name('pricing.trial.apply');
        Route::delete('/trial/{change}', [TrialController::class, 'destroy'])
            ->withoutScopedBindings()
            ->name('pricing.trial.destroy');
    });
