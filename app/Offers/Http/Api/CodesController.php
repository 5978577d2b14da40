<?php

declare(strict_types=1);

namespace WindowStall\Offers\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Offers\Code;
use WindowStall\Offers\CodeForm;
use WindowStall\Offers\CodeUses;
use WindowStall\Offers\Views\CodeView;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;

/** Codes as programs read and write them, in the form that the screen sends. */
final readonly class CodesController
{
    public function __construct(private CodeUses $uses)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $stall = TokensStall::of($request);
        $page = Page::of($request);
        $rows = Code::of($stall)->where('id', '>', $page->after)->orderBy('id')->limit($page->limit + 1)->get();
        $uses = $this->uses->of(array_values($rows->map(static fn (Code $code): int => $code->id)->all()));

        return $page->answer($rows, static fn (Code $code): array => self::say($stall, $code, $uses[$code->id] ?? 0));
    }

    public function store(Request $request): JsonResponse
    {
        $stall = TokensStall::writing($request, 'codes');
        $code = Code::of($stall)->create(CodeForm::read($stall, $request->json()->all(), null));

        return new JsonResponse(self::say($stall, $code->refresh(), 0));
    }

    public function update(Request $request, int $code): JsonResponse
    {
        $stall = TokensStall::writing($request, 'codes');
        $row = Code::of($stall)->findOrFail($code);
        $row->update(CodeForm::read($stall, $request->json()->all(), $row));

        return new JsonResponse(self::say($stall, $row->refresh(), $this->uses->of([$row->id])[$row->id] ?? 0));
    }

    /** @return array<string, mixed> */
    private static function say(Stall $stall, Code $code, int $uses): array
    {
        $view = CodeView::of($stall, $code, $uses, 0);

        return ['id' => $view->id] + $view->written + ['runs' => $view->runs, 'uses' => $uses];
    }
}
