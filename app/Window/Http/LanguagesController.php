<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Stall\Words\PhraseRoom;
use WindowStall\Stall\Words\PhraseRooms;
use WindowStall\Support\RichText;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Languages\DraftPhrases;
use WindowStall\Window\Languages\PhrasesInUse;
use WindowStall\Window\Languages\SayPhrases;
use WindowStall\Window\Views\LanguagesView;
use WindowStall\Window\Views\PhraseView;

/** The languages a shop speaks, and the seller's words in them. */
final readonly class LanguagesController
{
    public function __construct(private PhraseRooms $rooms)
    {
    }

    public function index(Stall $stall): Response
    {
        return Inertia::render('window/LanguagesPage', ['languages' => LanguagesView::of($stall)]);
    }

    public function update(Request $request, Stall $stall, ChangeLanguages $change): JsonResponse
    {
        $known = array_keys(Speech::LANGUAGES);
        $typed = $request->validate([
            'own' => ['sometimes', 'string', Rule::in($known)],
            'market' => ['required_without:own', 'string', Rule::in([$stall->home_market, ...ShopMarket::abroad($stall)])],
            'languages' => 'required_with:market|array|list|max:'.count($known),
            'languages.*' => ['string', 'distinct', Rule::in($known)],
        ], [
            'market' => 'The shop isn’t there for that country yet.',
            'own' => 'The shop’s own words aren’t there in that language.',
            'languages.*' => 'The shop’s own words aren’t there in that language.',
        ]);
        if (isset($typed['own'])) {
            $change->own($stall, (string) $typed['own']);
        } else {
            $change($stall, (string) $typed['market'], array_values($typed['languages']));
        }

        return new JsonResponse(LanguagesView::of($stall));
    }

    /** The words of one place, a page of them. */
    public function phrases(Request $request, Stall $stall, string $language, string $room): JsonResponse
    {
        $page = max(1, min(10_000, $request->integer('page', 1)));

        return self::answer($stall, self::spoken($stall, $language), $this->room($room), $page);
    }

    public function say(Request $request, Stall $stall, string $language, string $room, SayPhrases $say): JsonResponse
    {
        $typed = $request->validate([
            'words' => 'required|array|list|min:1|max:50',
            'words.*.phrase' => 'required|string|max:'.(RichText::MOST_LETTERS * 2),
            'words.*.said' => 'present|nullable|string|max:'.(RichText::MOST_LETTERS * 2),
        ], ['words.*.said.max' => 'That is too long.']);
        $say($stall, self::spoken($stall, $language), $this->room($room), array_values(array_map(
            static fn (array $one): array => ['phrase' => $one['phrase'], 'said' => (string) $one['said']],
            $typed['words'],
        )));

        return new JsonResponse(LanguagesView::of($stall));
    }

    public function draft(Request $request, Stall $stall, string $language, string $room, DraftPhrases $draft): JsonResponse
    {
        $typed = $request->validate([
            'phrases' => 'required|array|list|min:1|max:'.PhrasesInUse::PAGE,
            'phrases.*' => 'required|string|max:'.(RichText::MOST_LETTERS * 2),
        ]);
        $drafted = $draft($stall, self::spoken($stall, $language), $this->room($room), array_values($typed['phrases']));

        return new JsonResponse(['drafted' => $drafted, 'languages' => LanguagesView::of($stall)]);
    }

    private static function answer(Stall $stall, string $language, PhraseRoom $room, int $page): JsonResponse
    {
        $rows = PhrasesInUse::of($stall)->page($room, $language, $page);

        return new JsonResponse([
            'phrases' => array_map(static fn (array $row): PhraseView => PhraseView::of($stall, $language, $row), $rows),
            'more' => count($rows) === PhrasesInUse::PAGE,
        ]);
    }

    private static function spoken(Stall $stall, string $language): string
    {
        abort_unless(in_array($language, array_diff(ShopMarket::spoken($stall), [$stall->language]), true), 404);

        return $language;
    }

    private function room(string $key): PhraseRoom
    {
        return $this->rooms->find($key) ?? abort(404);
    }
}
