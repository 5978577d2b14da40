<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Shelves\Synonym;
use WindowStall\Shelves\Views\SearchesView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** What shoppers look for in vain, and the words that are said to mean the same. */
final class SearchesController
{
    private const LETTERS = 60;

    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(SearchesView::of($stall));
    }

    public function synonym(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'word' => 'required|string|max:200',
            'means' => 'required|string|max:200',
        ], ['word.required' => 'Say both words.', 'means.required' => 'Say both words.']);
        $word = self::words($typed['word']);
        $means = self::words($typed['means']);
        if ($word === $means) {
            throw new Refusal('These are the same already.');
        }
        if (Synonym::of($stall)->count() >= Synonym::MOST) {
            throw new Refusal(sprintf('A stall has up to %d pairs of words.', Synonym::MOST));
        }
        Synonym::of($stall)->firstOrCreate(['word' => $word, 'means' => $means]);

        return $this->index($stall);
    }

    public function forget(Stall $stall, Synonym $synonym): JsonResponse
    {
        $synonym->delete();

        return $this->index($stall);
    }

    /** It isn't asked about again. */
    public function wave(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['words' => 'required|string|max:80']);
        DB::table('shop_searches')
            ->where('stall_id', $stall->id)
            ->where('words', $typed['words'])
            ->update(['waved' => true]);

        return $this->index($stall);
    }

    /** @throws Refusal */
    private static function words(string $typed): string
    {
        $text = mb_substr(SearchWords::of($typed)->text(), 0, self::LETTERS);
        if ($text === '') {
            throw new Refusal(sprintf('“%s” is no word.', mb_strimwidth(trim($typed), 0, 20, '…')));
        }

        return $text;
    }
}
