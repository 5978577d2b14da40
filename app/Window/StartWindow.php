<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;

/** Dresses a new stall's window so that it looks like a shop from the first minute. */
final class StartWindow
{
    public function __invoke(Stall $stall): Window
    {
        $starter = StarterLook::SeedPacket;
        $sections = array_map(static fn (string $kind): array => ['id' => $kind, 'kind' => $kind, 'settings' => []], ['notice', 'hero', 'goods', 'foot']);
        $content = Content::from(['look' => ['starter' => $starter->value, 'brand' => $starter->brand()->toHex(), 'wordmark' => mb_substr($stall->name, 0, Look::MOST_WORDMARK)], 'sections' => $sections]);
        $revision = WindowRevision::query()->create(['stall_id' => $stall->id, 'content' => $content->toArray(), 'published_at' => now()]);

        return Window::query()->create(['stall_id' => $stall->id, 'working' => $content->toArray(), 'published_id' => $revision->id]);
    }
}
