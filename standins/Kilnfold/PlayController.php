<?php

declare(strict_types=1);

namespace WindowStall\Standins\Kilnfold;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Standins\Drawings\Rendered;

/** The page where a person plays Kilnfold, and its pictures. */
final class PlayController
{
    public function show(): View
    {
        return view('standins::kilnfold', [
            'articles' => Books::articles()->orderBy('position')->get(),
            'renamed' => Books::renamed(),
            'cut' => Books::cut(),
            'tariff' => FeedController::tariff(),
            'mails' => Orders::mails(),
        ]);
    }

    public function answer(Request $request, string $id): RedirectResponse
    {
        Orders::answer($id, $request->string('do')->toString());

        return redirect()->to(route('kilnfold.play').'#orders');
    }

    public function rename(): RedirectResponse
    {
        Books::rename(! Books::renamed());

        return redirect()->route('kilnfold.play');
    }

    public function cut(): RedirectResponse
    {
        Books::cutOff(! Books::cut());

        return redirect()->route('kilnfold.play');
    }

    public function article(Request $request, string $sku): RedirectResponse
    {
        match ($request->string('do')->toString()) {
            'sell-out' => Books::articles()
                ->where('sku', $sku)
                ->update(['stock' => 0]),
            'refill' => Books::articles()
                ->where('sku', $sku)
                ->update(['stock' => 60]),
            default => Books::articles()
                ->where('sku', $sku)
                ->update([
                    'price' => max(
                        1,
                        (int) round((float) str_replace(',', '.', $request->string('price')->toString()) * 100),
                    ),
                ]),
        };

        return redirect()->to(route('kilnfold.play').'#'.$sku);
    }

    public function picture(Request $request, string $sku): Response
    {
        $picture = Books::articles()->where('sku', $sku)->value('picture');

        return is_string($picture)
            ? Rendered::png(json_decode($picture, true), $request->integer('px', 1200))
            : abort(404);
    }
}
