<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Frame\Http\FindController;
use WindowStall\Frame\Http\HomeController;
use WindowStall\Stall\Http\InStall;

Route::get('/', HomeController::class)->middleware('auth')->name('home');
Route::get('/at/{stall}/find', FindController::class)
    ->middleware(['auth', InStall::class])
    ->name('find');
