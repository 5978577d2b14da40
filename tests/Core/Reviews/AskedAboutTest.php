<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Reviews;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Reviews\AskedAbout;

/** Which facts may answer a question. */
final class AskedAboutTest extends TestCase
{
    /** @param  list<string>  $about */
    #[TestWith(['How big is it, and does it come in other colours?', ['size', 'choice']])]
    #[TestWith(['When will it arrive in Aldermere?', ['arrival']])]
    #[TestWith(['Can I send it back if it does not fit?', ['size', 'returns']])]
    #[TestWith(['Wie schwer ist das, und woher kommt es?', ['weight', 'origin']])]
    #[TestWith(['¿Cuánto pesa?', ['weight']])]
    #[TestWith(['Quand est-ce livré ?', ['arrival']])]
    #[TestWith(['Kan ik het terugsturen?', ['returns']])]
    #[TestWith(['Is the blade sharpened?', []])]
    #[TestWith(['Fitting the whenever sizeable greyhound', []])]
    public function test_a_question_is_told_by_its_words(string $question, array $about): void
    {
        self::assertSame($about, array_map(static fn (AskedAbout $one): string => $one->value, AskedAbout::in($question)));
    }
}
