<?php

declare(strict_types=1);

namespace WindowStall\Print\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;
use WindowStall\Print\Files\PrintFile;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Support\Api\Page;

/** Print files as programs list and fetch them. */
final class FilesController
{
    public function index(Request $request): JsonResponse
    {
        $stall = TokensStall::of($request);
        $page = Page::of($request);
        $rows = PrintFile::of($stall)->where('id', '>', $page->after)->orderBy('id')->limit($page->limit + 1)->get();

        return $page->answer($rows, static fn (PrintFile $file): array => [
            'id' => $file->id,
            'name' => $file->name,
            'format' => $file->format,
            'sha256' => $file->sha256,
            'bytes' => $file->bytes,
            'width' => $file->width / 10,
            'height' => $file->height / 10,
            'dpi' => $file->dpi,
        ]);
    }

    public function show(Request $request, int $file): StreamedResponse
    {
        $row = PrintFile::of(TokensStall::of($request))->findOrFail($file);
        abort_unless(Storage::exists($row->path), 404);

        return Storage::download($row->path, $row->name, ['Content-Type' => $row->format === 'pdf' ? 'application/pdf' : 'image/png']);
    }
}
