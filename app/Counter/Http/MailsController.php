<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\Intl\Languages;
use WindowStall\Counter\Mail\TriedLetter;
use WindowStall\Counter\Told\LetterWords;
use WindowStall\Counter\Told\OrderFacts;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;

/** What letters to shoppers say, in the seller's words, with the letter beside. */
final class MailsController
{
    public function show(Request $request, Stall $stall): Response
    {
        $kind = TellKind::tryFrom(Typed::text($request, 'kind')) ?? TellKind::Posted;
        $languages = ShopMarket::spoken($stall);
        $asked = Typed::text($request, 'language');
        $language = in_array($asked, $languages, true) ? $asked : $languages[0];
        $own = LetterWords::of($stall, $kind, $language);
        $written = LetterWords::written($stall);

        return Inertia::render('counter/MailsPage', [
            'kinds' => array_map(static fn (TellKind $one): array => [
                'value' => $one->value,
                'words' => $one->words(),
                'own' => in_array($one->value.' '.$language, $written, true),
            ], TellKind::cases()),
            'kind' => $kind->value,
            'languages' => array_map(static fn (string $code): array => [
                'value' => $code,
                'label' => Languages::getName($code, 'en'),
            ], $languages),
            'language' => $language,
            'subject' => $own->subject ?? '',
            'words' => $own->words ?? '',
            'usual' => Speech::in($language, static fn (): array => [
                'subject' => Speech::say('letters.'.$kind->value.'.subject', shop: $stall->name, number: '{number}'),
                'words' => $kind === TellKind::Returned ? '' : Speech::say('letters.'.$kind->value.'.words', total: '{total}'),
            ]),
            'facts' => OrderFacts::MEANS,
            'letter' => TriedLetter::of($stall, $kind, $language, $own),
        ]);
    }

    /** How the letter would read with these words. */
    public function try(Request $request, Stall $stall): JsonResponse
    {
        [$kind, $language, $words] = $this->typed($request, $stall);

        return new JsonResponse(['letter' => TriedLetter::of($stall, $kind, $language, $words), 'strange' => $words->strange()]);
    }

    /** Keeps them; nothing typed means the usual words again. */
    public function say(Request $request, Stall $stall): RedirectResponse
    {
        [$kind, $language, $words] = $this->typed($request, $stall);
        if ($words->subject === '' && $words->words === '') {
            LetterWords::drop($stall, $kind, $language);

            return back()->with('say', 'It says the usual words again.');
        }
        if ($words->strange() !== []) {
            throw new Refusal(sprintf('%s is no fact. Choose one from the list.', $words->strange()[0]));
        }
        $words->keep($stall, $kind, $language);

        return back()->with('say', 'Letters say so from now on.');
    }

    /** @return array{TellKind, string, LetterWords} */
    private function typed(Request $request, Stall $stall): array
    {
        $typed = $request->validate([
            'kind' => ['required', Rule::enum(TellKind::class)],
            'language' => ['required', Rule::in(ShopMarket::spoken($stall))],
            'subject' => 'nullable|string|max:200',
            'words' => 'nullable|string|max:4000',
        ]);
        // A subject is one line.
        $subject = trim((string) preg_replace('/\s+/', ' ', $typed['subject'] ?? ''));

        return [TellKind::from($typed['kind']), $typed['language'], new LetterWords($subject, trim($typed['words'] ?? ''))];
    }
}
