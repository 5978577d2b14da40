<?php

declare(strict_types=1);

namespace WindowStall\Shop;

/** Questions with their answers, for search engines. */
final class Faq
{
    /**
     * schema.org FAQPage (https://schema.org/FAQPage).
     *
     * @param  list<array{ask: string, answer: string}>  $asked
     * @return array<string, mixed>
     */
    public static function jsonLd(array $asked): array
    {
        return [
            '@context' => 'https://schema.org',
            '@type' => 'FAQPage',
            'mainEntity' => array_map(static fn (array $one): array => [
                '@type' => 'Question',
                'name' => $one['ask'],
                'acceptedAnswer' => ['@type' => 'Answer', 'text' => $one['answer']],
            ], $asked),
        ];
    }
}
