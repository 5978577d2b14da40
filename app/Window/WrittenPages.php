<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\PolicyVersion;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/** The written pages and policies of a stall that shoppers see, with their addresses. */
final class WrittenPages
{
    /**
     * @param  array<int, array{title: string, href: string, hidden: bool}>  $pages  notes aside
     * @param  list<string>  $policies
     * @param  bool  $notes  whether there are any
     */
    private function __construct(
        private readonly array $pages,
        private readonly array $policies,
        public readonly bool $notes,
    ) {
    }

    /** The address of a page, or null where shoppers don't see it. */
    public function page(int $id): ?string
    {
        return $this->pages[$id]['href'] ?? null;
    }

    public function policy(string $kind): ?string
    {
        return in_array($kind, $this->policies, true) ? '/policies/'.$kind : null;
    }

    /** @return array<string, string> the way there → what it is called; hidden ones aren't among them */
    public function ways(): array
    {
        $ways = [];
        foreach ($this->pages as $id => $page) {
            if (! $page['hidden']) {
                $ways['page:'.$id] = $page['title'];
            }
        }
        foreach ($this->policies as $kind) {
            $ways['policy:'.$kind] = Speech::say('shop.policies.'.$kind);
        }

        return $ways;
    }

    public static function of(Stall $stall): self
    {
        $phrases = $stall->phrases();
        $pages = [];
        foreach (WrittenPage::of($stall)->where('kind', '<>', PageKind::Note)->whereNotNull('shown')->orderBy('id')->get() as $page) {
            $pages[$page->id] = [
                'title' => $phrases->say($page->shown['title'] ?? $page->title),
                'href' => $page->address(),
                'hidden' => $page->hidden,
            ];
        }

        return new self(
            $pages,
            array_map(strval(...), array_keys(PolicyVersion::now($stall))),
            WrittenPage::notes($stall)->exists(),
        );
    }
}
