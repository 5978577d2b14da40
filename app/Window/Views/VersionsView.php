<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Window\OpenPreviews;
use WindowStall\Window\WindowRevision;

/** The states of the front page that were kept, and the addresses at which others may look at it. */
final readonly class VersionsView
{
    private const MOST = 60;

    /**
     * @param  list<VersionView>  $versions  newest first
     * @param  list<OpenPreviewView>  $previews
     */
    public function __construct(public array $versions, public array $previews)
    {
    }

    public static function of(Stall $stall, OpenPreviews $previews): self
    {
        $kept = WindowRevision::of($stall)->orderByDesc('id')->limit(self::MOST)->get();

        return new self(
            versions: array_values(
                $kept->map(static fn (WindowRevision $r): VersionView => VersionView::of($stall, $r))->all(),
            ),
            previews: array_map(
                static fn (array $open): OpenPreviewView => new OpenPreviewView(
                    id: $open['id'],
                    for: $open['for'],
                    since: $open['since'],
                ),
                $previews->all($stall),
            ),
        );
    }
}
