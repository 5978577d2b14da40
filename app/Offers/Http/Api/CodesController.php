<?php

declare(strict_types=1);

namespace WindowStall\Offers\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Offers\Code;
use WindowStall\Offers\CodeForm;
use WindowStall\Offers\CodeUses;
use WindowStall\Offers\Views\CodeView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;

/** Codes as programs read and write them, in the form that the screen sends. */
final readonly class CodesController
{
    /** What a token has to be allowed to write. */
    private const WRITE = 'decide';

    public function __construct(private CodeUses $uses)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $stall = self::stall($request);
        $page = Page::of($request);
        $rows = Code::of($stall)->where('id', '>', $page->after)->orderBy('id')->limit($page->limit + 1)->get();
        $uses = $this->uses->of(array_values($rows->map(static fn (Code $code): int => $code->id)->all()));

        return $page->answer($rows, static fn (Code $code): array => self::say($stall, $code, $uses[$code->id] ?? 0));
    }

    public function store(Request $request): JsonResponse
    {
        $stall = self::writing($request);
        $code = Code::of($stall)->create(CodeForm::read($stall, $request->json()->all(), null));

        return new JsonResponse(self::say($stall, $code->refresh(), 0));
    }

    public function update(Request $request, int $code): JsonResponse
    {
        $stall = self::writing($request);
        $row = Code::of($stall)->findOrFail($code);
        $row->update(CodeForm::read($stall, $request->json()->all(), $row));

        return new JsonResponse(self::say($stall, $row->refresh(), $this->uses->of([$row->id])[$row->id] ?? 0));
    }

    private static function writing(Request $request): Stall
    {
        $stall = self::stall($request);
        abort_unless($stall->tokenCan(self::WRITE), 403, 'This token may read, and not change codes.');

        return $stall;
    }

    private static function stall(Request $request): Stall
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);

        return $stall;
    }

    /** @return array<string, mixed> */
    private static function say(Stall $stall, Code $code, int $uses): array
    {
        $view = CodeView::of($stall, $code, $uses, 0);

        return ['id' => $view->id] + $view->written + ['runs' => $view->runs, 'uses' => $uses];
    }
}
