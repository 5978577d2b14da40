<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A typeface cut down to one role in the shop: one weight for headings, a span of weights for text. */
final readonly class FaceCut
{
    /** @param  int|array{int, int}  $weight  one, or the lightest and the heaviest, as CSS counts weights */
    private function __construct(public Face $face, public int|array $weight)
    {
    }

    public static function display(TypePair $pair, TypeWeight $weight): self
    {
        return new self($pair->display(), $weight->of($pair));
    }

    public static function text(TypePair $pair): self
    {
        return new self($pair->text(), [400, 700]);
    }

    /** The name of its file. */
    public function key(): string
    {
        return $this->face->value.'-'.(is_array($this->weight) ? 'text' : $this->weight);
    }

    /** As CSS says it in @font-face. */
    public function weights(): string
    {
        return is_array($this->weight) ? implode(' ', $this->weight) : (string) $this->weight;
    }

    /** @return array<string, self> every cut that a look can ask for, by its key */
    public static function all(): array
    {
        $cuts = [];
        foreach (TypePair::cases() as $pair) {
            foreach (TypeWeight::cases() as $weight) {
                $cut = self::display($pair, $weight);
                $cuts[$cut->key()] = $cut;
            }
            $text = self::text($pair);
            $cuts[$text->key()] = $text;
        }
        ksort($cuts);

        return $cuts;
    }
}
