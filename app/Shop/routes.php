<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Shop\Http\BasketController;
use WindowStall\Shop\Http\CheckoutController;
use WindowStall\Shop\Http\OrderController;
use WindowStall\Shop\Http\PageController;
use WindowStall\Shop\Http\PreviewController;

Route::get('/', [PageController::class, 'home'])->name('home');
Route::get('/goods/{slug}', [PageController::class, 'goods'])->name('goods')->where('slug', '[a-z0-9-]+');
Route::get('/basket', [BasketController::class, 'show'])->name('basket');
Route::post('/basket', [BasketController::class, 'add'])->name('basket.add');
Route::post('/basket/{line}', [BasketController::class, 'change'])->name('basket.change');
Route::get('/checkout', [CheckoutController::class, 'show'])->name('checkout');
Route::post('/checkout', [CheckoutController::class, 'store'])->name('checkout.store');
Route::get('/orders/{token}', [OrderController::class, 'show'])->name('order')->where('token', '[A-Za-z0-9_-]{43}');
Route::get('/orders/{token}/pay', [OrderController::class, 'pay'])->name('order.pay')->where('token', '[A-Za-z0-9_-]{43}');
Route::get('/orders/{token}/paid', [OrderController::class, 'paid'])->name('order.paid')->where('token', '[A-Za-z0-9_-]{43}');
Route::get('/preview/home/{version}', [PreviewController::class, 'home'])->name('preview.home');
Route::get('/preview/goods/{listing}', [PreviewController::class, 'listing'])->name('preview.listing');
