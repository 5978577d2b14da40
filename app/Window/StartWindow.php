<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;

/** Dresses a new stall's window with a look and its name; it says nothing that nobody chose. */
final readonly class StartWindow
{
    private const SECTIONS = ['masthead', 'goods', 'foot'];

    public function __construct(private DressWindow $dress)
    {
    }

    public function __invoke(Stall $stall): Window
    {
        $content = Content::from([
            'look' => Look::begin(StarterLook::SeedPacket, $stall->name)->toArray(),
            'sections' => array_map(static fn (string $kind): array => ['id' => $kind, 'kind' => $kind], self::SECTIONS),
        ]);
        Window::query()->create(['stall_id' => $stall->id, 'working' => $content->toArray(), 'version' => 1]);

        return $this->dress->publish($stall, null);
    }
}
