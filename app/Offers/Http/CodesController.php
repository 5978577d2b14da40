<?php

declare(strict_types=1);

namespace WindowStall\Offers\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Core\Basket\Codes\CodeNotation;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Offers\Code;
use WindowStall\Offers\CodeEffect;
use WindowStall\Offers\CodeForm;
use WindowStall\Offers\CodeUses;
use WindowStall\Offers\SetOffer;
use WindowStall\Offers\SingleCodes;
use WindowStall\Offers\Views\CodesView;
use WindowStall\Offers\Views\SetOfferView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Views\Choices;
use WindowStall\Support\Refusal;

/** Codes and offers at the till: each a sentence, changed where it stands. */
final class CodesController
{
    private const MOST = 500;

    public function index(Stall $stall): Response
    {
        return Inertia::render('offers/CodesPage', [
            'codes' => CodesView::of($stall),
            'countries' => Choices::countries(),
        ]);
    }

    public function store(Request $request, Stall $stall): JsonResponse
    {
        if (Code::of($stall)->count() >= self::MOST) {
            throw new Refusal(sprintf('These are %d codes; take one out first.', self::MOST));
        }
        $code = Code::of($stall)->create(CodeForm::read($stall, $request->json()->all(), null));

        return new JsonResponse(CodesView::of($stall, CodeEffect::said($stall, $code->refresh())));
    }

    public function update(Request $request, Stall $stall, Code $code): JsonResponse
    {
        $code->update(CodeForm::read($stall, $request->json()->all(), $code));

        return new JsonResponse(CodesView::of($stall, CodeEffect::said($stall, $code->refresh())));
    }

    /** What a set would come to, or only what its goods do while it has no price; nothing is saved. */
    public function set(Request $request, Stall $stall): JsonResponse
    {
        $said = $request->json()->all();
        $open = ($said['price'] ?? '') === '';
        $f = new Fields(['off' => ['by' => 'set'] + ($open ? ['price' => '1'] : []) + $said]);
        $set = CodeNotation::read($f, 'off', $stall->currencyValue());
        if (! $set instanceof SetPrice || $f->problems() !== []) {
            throw ValidationException::withMessages($f->problems());
        }

        return new JsonResponse(SetOfferView::of(SetOffer::of($stall, $set->goods, $open ? null : $set->price)));
    }

    /** One that orders used isn’t taken out: it is ended. */
    public function destroy(Stall $stall, Code $code, CodeUses $uses): JsonResponse
    {
        if (($uses->of([$code->id])[$code->id] ?? 0) > 0) {
            $code->update(['ends_at' => now()]);
        } else {
            $code->delete();
        }

        return new JsonResponse(CodesView::of($stall));
    }

    /** Makes codes for one use each. */
    public function singles(Request $request, Stall $stall, Code $code): JsonResponse
    {
        $typed = $request->validate(
            ['count' => 'required|integer|min:1|max:'.SingleCodes::MOST],
            ['count' => sprintf('How many? Up to %s.', number_format(SingleCodes::MOST))],
        );
        SingleCodes::make($stall, $code, (int) $typed['count']);

        return new JsonResponse(CodesView::of($stall));
    }

    /** Whether each new sign-up gets one of its codes: of one offer at a time. */
    public function signUps(Request $request, Stall $stall, Code $code): JsonResponse
    {
        $typed = $request->validate(['on' => 'required|boolean']);
        if (! $code->singles) {
            throw new Refusal('This offer isn’t one with codes for one use each.');
        }
        DB::transaction(static function () use ($stall, $code, $typed): void {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            Code::of($stall)->where('for_sign_ups', true)->whereKeyNot($code->id)->update(['for_sign_ups' => false]);
            $code->update(['for_sign_ups' => (bool) $typed['on']]);
        });

        return new JsonResponse(CodesView::of($stall));
    }

    /** All of them as a table, to be sent by whatever means. */
    public function table(Stall $stall, Code $code): StreamedResponse
    {
        return response()->streamDownload(static function () use ($code): void {
            echo "code\r\n";
            foreach (DB::table('single_codes')->where('code_id', $code->id)->orderBy('code')->pluck('code') as $one) {
                echo $one."\r\n";
            }
        }, 'codes.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
