<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use WindowStall\Stall\Http\InStall;
use WindowStall\Window\Http\AuditController;
use WindowStall\Window\Http\CornerTagsController;
use WindowStall\Window\Http\FilmsController;
use WindowStall\Window\Http\FirstVersionController;
use WindowStall\Window\Http\GroundsController;
use WindowStall\Window\Http\LanguagesController;
use WindowStall\Window\Http\LogoController;
use WindowStall\Window\Http\LooksController;
use WindowStall\Window\Http\OpeningController;
use WindowStall\Window\Http\PicturesController;
use WindowStall\Window\Http\PoliciesController;
use WindowStall\Window\Http\ScriptsController;
use WindowStall\Window\Http\SignUpsController;
use WindowStall\Window\Http\VersionsController;
use WindowStall\Window\Http\WindowController;
use WindowStall\Window\Http\WrittenPagesController;

Route::middleware(['auth', InStall::class])
    ->prefix('/at/{stall}/window')
    ->group(function (): void {
        Route::get('/', [WindowController::class, 'show'])->name('window');
        Route::put('/', [WindowController::class, 'save'])->name('window.save');
        Route::get('/shop', [OpeningController::class, 'see'])->name('window.shop');
        Route::put('/shop', [OpeningController::class, 'update'])->name('window.open');
        Route::put('/corner-tags', [CornerTagsController::class, 'update'])->name('window.corner-tags');
        Route::put('/only', [OpeningController::class, 'only'])->name('window.only');
        Route::prefix('/pages')->scopeBindings()->group(function (): void {
            Route::get('/', [WrittenPagesController::class, 'index'])->name('window.pages');
            Route::post('/', [WrittenPagesController::class, 'store'])->name('window.pages.store');
            Route::get('/{page}', [WrittenPagesController::class, 'show'])->name('window.page');
            Route::put('/{page}', [WrittenPagesController::class, 'save'])->name('window.page.save');
            Route::patch('/{page}', [WrittenPagesController::class, 'update'])->name('window.page.update');
            Route::post('/{page}/audit', [AuditController::class, 'page'])->name('window.page.audit');
            Route::post('/{page}/audit/wave', [AuditController::class, 'wavePage'])->name('window.page.audit.wave');
            Route::post('/{page}/draft', [WrittenPagesController::class, 'draft'])->name('window.page.draft');
            Route::post('/{page}/publish', [WrittenPagesController::class, 'publish'])->name('window.page.publish');
            Route::delete('/{page}', [WrittenPagesController::class, 'destroy'])->name('window.page.destroy');
        });
        Route::prefix('/languages')->group(function (): void {
            Route::get('/', [LanguagesController::class, 'index'])->name('window.languages');
            Route::put('/', [LanguagesController::class, 'update'])->name('window.languages.update');
            Route::prefix('/{language}/{room}')->where(['language' => '[a-z]{2}', 'room' => '[a-z]{1,20}'])->group(function (): void {
                Route::get('/', [LanguagesController::class, 'phrases'])->name('window.phrases');
                Route::put('/', [LanguagesController::class, 'say'])->name('window.phrases.say');
                Route::post('/draft', [LanguagesController::class, 'draft'])->name('window.phrases.draft');
            });
        });
        Route::post('/scripts', [ScriptsController::class, 'add'])->name('window.scripts.add');
        Route::delete('/scripts/{outsideScript}', [ScriptsController::class, 'remove'])->name('window.scripts.remove');
        Route::patch('/policies', [PoliciesController::class, 'update'])->name('window.policies.update');
        Route::post('/policies/{kind}', [PoliciesController::class, 'publish'])
            ->where('kind', '[a-z]{1,12}')
            ->name('window.policies.publish');
        Route::get('/first', [FirstVersionController::class, 'show'])->name('window.first');
        Route::post('/first', [FirstVersionController::class, 'store'])->name('window.first.store');
        Route::post('/audit', [AuditController::class, 'show'])->name('window.audit');
        Route::post('/audit/wave', [AuditController::class, 'wave'])->name('window.audit.wave');
        Route::get('/versions', [VersionsController::class, 'index'])->name('window.versions');
        Route::post('/versions', [VersionsController::class, 'store'])->name('window.versions.store');
        Route::post('/publish', [VersionsController::class, 'publish'])->name('window.publish');
        Route::delete('/due/{revision}', [VersionsController::class, 'callOff'])
            ->withoutScopedBindings()
            ->name('window.due.end');
        Route::post('/back', [VersionsController::class, 'back'])->name('window.back');
        Route::post('/previews', [VersionsController::class, 'open'])->name('window.previews.store');
        Route::delete('/previews/{preview}', [VersionsController::class, 'takeBack'])
            ->withoutScopedBindings()
            ->name('window.previews.end');
        Route::get('/looks', [LooksController::class, 'index'])->name('window.looks');
        Route::post('/looks', [LooksController::class, 'store'])->name('window.looks.store');
        Route::post('/looks/said', [LooksController::class, 'said'])->name('window.looks.said');
        Route::post('/looks/read', [LooksController::class, 'read'])->name('window.looks.read');
        Route::delete('/looks/{look}', [LooksController::class, 'destroy'])
            ->withoutScopedBindings()
            ->name('window.looks.destroy');
        Route::get('/looks/logo-colours', [LooksController::class, 'logoColours'])->name('window.looks.logo-colours');
        Route::get('/look.json', [LooksController::class, 'export'])->name('window.looks.export');
        Route::get('/sign-ups.csv', SignUpsController::class)->name('window.sign-ups');
        Route::get('/films', [FilmsController::class, 'index'])->name('window.films');
        Route::post('/films', [FilmsController::class, 'store'])
            ->middleware('dear')
            ->name('window.films.store');
        Route::get('/pictures', [PicturesController::class, 'index'])->name('window.pictures');
        Route::patch('/pictures/{picture}', [PicturesController::class, 'update'])
            ->withoutScopedBindings()
            ->name('window.pictures.update');
        Route::get('/grounds', [GroundsController::class, 'index'])->name('window.grounds');
        Route::post('/grounds', [GroundsController::class, 'store'])
            ->middleware('dear')
            ->name('window.grounds.store');
        Route::post('/logo', [LogoController::class, 'store'])
            ->middleware('dear')
            ->name('window.logo');
        Route::get('/logo/{picture}', [LogoController::class, 'show'])
            ->withoutScopedBindings()
            ->name('window.logo.sent');
    });
