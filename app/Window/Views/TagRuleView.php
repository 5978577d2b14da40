<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\TagKind;
use WindowStall\Core\Window\TagRule;
use WindowStall\Support\Speech\Spoken;

/** One rule of the corner tags, as a sentence with a number in it. */
final readonly class TagRuleView
{
    /**
     * @param  string  $tag  what stands on the tag
     * @param  string  $before  the sentence up to its number
     * @param  string  $after  and from there on
     * @param  string  $stands  on how many goods it stands now; "" where that isn't counted
     * @param  int|null  $least  the least its number may be; null where it has none
     * @param  array<int, string>  $choices  numbers that are said in words, such as days of the week
     */
    public function __construct(
        public string $kind,
        public bool $on,
        public int $number,
        public string $tag,
        public string $before,
        public string $after,
        public string $stands,
        public ?int $least,
        public ?int $most,
        public array $choices,
    ) {
    }

    public static function of(TagRule $rule, string $stands): self
    {
        [$tag, $before, $after] = match ($rule->kind) {
            TagKind::Newest => ['New', 'on what is in the window for less than', 'days.'],
            TagKind::Few => ['Only 2 left', 'with the true number, once there are', 'pieces or fewer.'],
            TagKind::Back => ['Back again', 'on what had sold out, for', 'days.'],
            TagKind::ByDay => ['With you by '.Spoken::weekday($rule->number), 'while what is bought now is there by the next', '.'],
            TagKind::Printed => ['Printed for you', 'on what is printed to order.', ''],
        };
        $days = $rule->kind === TagKind::ByDay ? range(1, 7) : [];

        return new self(
            kind: $rule->kind->value,
            on: $rule->on,
            number: $rule->number,
            tag: $tag,
            before: $before,
            after: $after,
            stands: $rule->on ? $stands : '',
            least: $rule->kind->range()[0] ?? null,
            most: $rule->kind->range()[1] ?? null,
            choices: array_combine($days, array_map(Spoken::weekday(...), $days)),
        );
    }
}
