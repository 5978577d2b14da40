<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Counter\Http\PaymentHookController;
use WindowStall\Counter\Http\SupplierHookController;

Route::post('/hooks/supplier/{publicId}', SupplierHookController::class)->whereUuid('publicId')->name('hooks.supplier');
Route::post('/hooks/payment/{publicId}', PaymentHookController::class)->whereUuid('publicId')->name('hooks.payment');
