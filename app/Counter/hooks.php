<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Counter\Http\SupplierHookController;

Route::post('/hooks/supplier/{publicId}', SupplierHookController::class)->whereUuid('publicId')->name('hooks.supplier');
