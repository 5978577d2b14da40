<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Support\Views\MoneyView;

/** One way out of what needs a person: what it is, what the order keeps then, and what is sent to go it. */
final readonly class NeedWayView
{
    /**
     * @param  string  $name  "From Kilnfold instead"
     * @param  string  $about  "4 there, Thursday as promised"
     * @param  string  $button  "Send it from Kilnfold"
     * @param  string  $keeps  "keeps £17.78", "loses £1.07"; "" where that isn't what it is about
     * @param  string  $address  to go to, or, where something is sent, to send it to
     * @param  array<string, mixed>|null  $data  null: a page to go to
     */
    public function __construct(
        public string $name,
        public string $about,
        public string $button,
        public string $keeps,
        public bool $loses,
        public string $address,
        public ?array $data,
    ) {
    }

    /** @param  array<string, mixed>|null  $data */
    public static function keeping(Money $kept, string $name, string $about, string $button, string $address, ?array $data): self
    {
        return new self(
            $name,
            $about,
            $button,
            ($kept->isNegative() ? 'loses ' : 'keeps ').MoneyView::of($kept)->absolute,
            $kept->isNegative(),
            $address,
            $data,
        );
    }

    /** @param  array<string, mixed>|null  $data */
    public static function plain(string $name, string $about, string $button, string $address, ?array $data = null): self
    {
        return new self($name, $about, $button, '', false, $address, $data);
    }
}
