<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Seen;

/**
 * The head of a page, as search engines and messengers read it.
 *
 * @phpstan-type StoredPage array{sort: string, address: string, title: string, words: string, picture: string}
 */
final readonly class SeenPage
{
    /**
     * @param  string  $address  within the shop, such as "/goods/trowel"
     * @param  string  $title  without the shop's name after it
     * @param  string  $words  its description
     * @param  string  $picture  what goes along when it is shared; "" where nothing does
     */
    public function __construct(
        public PageSort $sort,
        public string $address,
        public string $title,
        public string $words,
        public string $picture,
    ) {
    }

    /** @param  StoredPage  $said */
    public static function from(array $said): self
    {
        return new self(PageSort::from($said['sort']), $said['address'], $said['title'], $said['words'], $said['picture']);
    }

    /** @return StoredPage */
    public function toArray(): array
    {
        return [
            'sort' => $this->sort->value,
            'address' => $this->address,
            'title' => $this->title,
            'words' => $this->words,
            'picture' => $this->picture,
        ];
    }
}
