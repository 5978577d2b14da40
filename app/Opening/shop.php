<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Opening\Http\PreviewFirstShopController;

Route::prefix('/preview/first/{firstShop}/{way}')->where(['way' => '[0-2]'])->group(function (): void {
    Route::get('/', [PreviewFirstShopController::class, 'front'])->name('preview.first');
    Route::get('/goods', [PreviewFirstShopController::class, 'goods'])->name('preview.first.goods');
});
