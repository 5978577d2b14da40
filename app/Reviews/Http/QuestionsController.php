<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Reviews\Questions\AnswerQuestion;
use WindowStall\Reviews\Questions\DraftsAnswer;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Reviews\Views\DraftedAnswerView;
use WindowStall\Reviews\Views\QuestionView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Cursors;

/** What shoppers ask about goods: read, answered with a draft from facts, kept for others, put by. */
final readonly class QuestionsController
{
    private const PAGE = 50;

    public function __construct(private AnswerQuestion $answer)
    {
    }

    public function index(Request $request, Stall $stall): Response
    {
        $page = GoodsQuestion::of($stall)
            ->with('listing')
            ->where('put_by', false)
            ->orderByDesc('id')
            ->cursorPaginate(self::PAGE, cursor: Cursors::byId($request));

        return Inertia::render('reviews/QuestionsPage', [
            'questions' => collect($page->items())->map(static fn (GoodsQuestion $q): QuestionView => QuestionView::of($stall, $q))->all(),
            'waiting' => GoodsQuestion::waiting($stall)->count(),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
        ]);
    }

    public function draft(Stall $stall, GoodsQuestion $question, DraftsAnswer $draft): JsonResponse
    {
        return new JsonResponse(new DraftedAnswerView($draft->draft($stall, $question)));
    }

    public function answer(Request $request, Stall $stall, GoodsQuestion $question): JsonResponse
    {
        $typed = $request->validate(['words' => 'present|nullable|string|max:1000', 'keep' => 'required|boolean'], [
            'words.max' => 'An answer has 1,000 letters at the most.',
        ]);
        $now = ($this->answer)($stall, $question, trim((string) $typed['words']), (bool) $typed['keep']);

        return new JsonResponse(QuestionView::of($stall, $now));
    }

    public function putBy(Stall $stall, GoodsQuestion $question): JsonResponse
    {
        return new JsonResponse(QuestionView::of($stall, $this->answer->putBy($stall, $question)));
    }
}
