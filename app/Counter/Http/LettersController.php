<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Dispatch\Told\FactWords;
use WindowStall\Counter\Letters\AnswerLetter;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Letters\TakeLetter;
use WindowStall\Counter\Letters\TextPiece;
use WindowStall\Counter\Told\OrderFacts;
use WindowStall\Counter\Views\LetterRowView;
use WindowStall\Counter\Views\LetterView;
use WindowStall\Shop\Http\ShopResponse;
use WindowStall\Shop\LetterSeal;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Written\WrittenPage;

/** Letters from shoppers: taken on the shop's page, read and answered in the workshop. */
final class LettersController
{
    private const PAGE = 50;

    /** Pieces of text a stall keeps. */
    private const PIECES = 60;

    public function index(Request $request, Stall $stall): Response
    {
        $page = Letter::of($stall)
            ->with('lines')
            ->orderByDesc('id')
            ->cursorPaginate(self::PAGE, cursor: Cursors::byId($request));

        return Inertia::render('counter/LettersPage', [
            'letters' => collect($page->items())->map(LetterRowView::of(...))->all(),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    public function show(Stall $stall, Letter $letter): Response
    {
        return Inertia::render('counter/LetterPage', ['letter' => LetterView::of($stall, $letter)]);
    }

    public function answer(Request $request, Stall $stall, Letter $letter, AnswerLetter $answer): JsonResponse
    {
        $typed = $request->validate(
            ['words' => 'required|string|max:8000'],
            ['words.required' => 'Write an answer first.'],
        );
        $answer($stall, $letter, User::asking($request), trim($typed['words']));

        return new JsonResponse(LetterView::of($stall, $letter->refresh()));
    }

    /** It waits for no answer, or does again. */
    public function settle(Request $request, Stall $stall, Letter $letter): JsonResponse
    {
        $letter->update(['open' => (bool) $request->validate(['open' => 'required|boolean'])['open']]);

        return new JsonResponse(LetterView::of($stall, $letter->refresh()));
    }

    /** A piece of text for answers: kept under its name, or thrown away where nothing is in it. */
    public function piece(Request $request, Stall $stall): RedirectResponse
    {
        $typed = $request->validate([
            'name' => 'required|string|max:60',
            'words' => 'nullable|string|max:4000',
        ], ['name.required' => 'Give it a name.']);
        $words = trim($typed['words'] ?? '');
        $strange = FactWords::strange($words, OrderFacts::NAMES);
        if ($strange !== []) {
            throw new Refusal(sprintf('%s is no fact. There are: %s.', $strange[0], '{'.implode('}, {', OrderFacts::NAMES).'}'));
        }
        if ($words !== '' && TextPiece::of($stall)->where('name', '<>', trim($typed['name']))->count() >= self::PIECES) {
            throw new Refusal(sprintf('There are %d pieces already. Throw one away first.', self::PIECES));
        }
        $words === ''
            ? TextPiece::of($stall)->where('name', trim($typed['name']))->delete()
            : TextPiece::of($stall)->updateOrCreate(['name' => trim($typed['name'])], ['words' => $words]);

        return back()->with('say', $words === '' ? 'It is thrown away.' : 'It is kept for other answers.');
    }

    /** What a shopper wrote on the shop's page. */
    public function take(Request $request, TakeLetter $take, ShopRenderer $shop): HtmlResponse
    {
        $stall = ShopStall::of($request);
        // Also where the form was hidden while somebody wrote.
        abort_unless(WrittenPage::withForm($stall)->exists(), 404);
        $name = mb_substr(Typed::text($request, 'name'), 0, 120);
        $email = Typed::text($request, 'email');
        $words = Typed::text($request, 'words');
        $trouble = self::trouble($name, $email, $words, Typed::text($request, 'made'));
        if ($trouble !== '') {
            return self::say($shop, $stall, 'not_yet', $trouble, 422);
        }
        // What no person sees is filled in by nobody who is one; they aren't told.
        $letter = Typed::text($request, 'website') !== '';
        if (! $letter && $take($stall, $name, $email, Typed::text($request, 'order'), $words) === null) {
            $mail = Particulars::of($stall)->email;
            $words = $mail === null ? Speech::say('shop.letters.too_many') : Speech::say('shop.letters.too_many_write', email: $mail);

            return self::say($shop, $stall, 'not_sent', $words, 429);
        }

        return self::say($shop, $stall, 'thanks', Speech::say('shop.letters.sent', email: $email));
    }

    /** What is wrong with it, for the shopper; "" where nothing is. */
    private static function trouble(string $name, string $email, string $words, string $made): string
    {
        if ($name === '' || $words === '') {
            return Speech::say('shop.letters.unsaid');
        }
        if (strlen($email) > 200 || filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            return Speech::say('shop.letters.no_address');
        }

        return LetterSeal::fits($made) ? '' : Speech::say('shop.letters.too_quick');
    }

    private static function say(
        ShopRenderer $shop,
        Stall $stall,
        string $heading,
        string $words,
        int $status = 200,
    ): HtmlResponse {
        $heading = Speech::say('shop.letters.'.$heading);
        $html = $shop->page($stall, $shop->published($stall), 'signed-up', [
            'title' => $heading,
            'heading' => $heading,
            'words' => $words,
            'unlisted' => true,
        ]);

        return ShopResponse::html($html, $status, private: true);
    }
}
