<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * Cuts the objects of a list of objects out of JSON that comes piece by piece, by counting brackets outside of
 * texts (RFC 8259).
 */
final class CutObjects
{
    /** The brackets that are open, outermost first. */
    private string $open = '';

    /** How deep the list lies whose objects are wanted, once it is found. */
    private ?int $list = null;

    /** The text of the object being cut out. */
    private ?string $object = null;

    private bool $quoted = false;

    private bool $escaped = false;

    /** Lists and objects in the object that is being cut out. */
    private int $brackets = 0;

    /** Whether the list has come to its end. */
    private bool $ended = false;

    private bool $begun = false;

    /** Whether the whole of the JSON has come to its end: nothing may follow. */
    private bool $over = false;

    /** What stands outside of objects where only commas may. */
    private string $between = '';

    private int $objects = 0;

    /** Which list of objects is at hand, from nought; lists within objects don't count. */
    private int $at = 0;

    /** @var list<string> what the open brackets that no object is in are called by */
    private array $names = [];

    /** The text that stood last outside of objects: the name of what opens after it. */
    private string $word = '';

    /** Letters of a name that count. */
    private const NAME = 120;

    /** @param  int  $wanted  which list, from nought */
    public function __construct(private readonly int $wanted = 0)
    {
    }

    /** What the list at hand is called: the names that lead to it, "shop/goods"; "" where none does. */
    public function listName(): string
    {
        return implode('/', array_filter($this->names, static fn (string $name): bool => $name !== ''));
    }

    /**
     * @param  int|null  $stopAfter  so many objects are enough: what follows them isn't looked at
     * @return list<string> the objects that end in this piece
     */
    public function from(string $piece, ?int $stopAfter = null): array
    {
        $objects = [];
        for ($at = 0, $length = strlen($piece); $at < $length; $at += $step) {
            $step = $this->plain($piece, $at);
            if ($step > 0) {
                $this->escaped = false;
                $this->keep(substr($piece, $at, $step));

                continue;
            }
            $step = 1;
            $object = $this->sign($piece[$at]);
            if ($object !== null) {
                $objects[] = $object;
                if (count($objects) === $stopAfter) {
                    break;
                }
            }
        }

        return $objects;
    }

    /** Whether something was begun and hasn't ended yet. */
    public function isOpen(): bool
    {
        if ($this->over && $this->between !== '') {
            throw self::wrong('Something stands after the end of the JSON.');
        }

        return $this->open !== '' || $this->quoted;
    }

    /** Bytes of the object that is being cut out. */
    public function length(): int
    {
        return strlen((string) $this->object);
    }

    /** How many bytes from here on mean nothing to us. */
    private function plain(string $piece, int $at): int
    {
        return match (true) {
            $this->escaped => 1,
            $this->quoted => strcspn($piece, '"\\', $at),
            default => strcspn($piece, '"{}[]', $at),
        };
    }

    private function keep(string $text): void
    {
        if ($this->object !== null) {
            $this->object .= $text;
        } elseif ($this->quoted) {
            $this->word = substr($this->word.$text, 0, self::NAME);
        } elseif ($this->over || strlen($this->open) === $this->list) {
            $this->between .= trim($text);
        }
    }

    /** @return string|null the object that ends with this sign */
    private function sign(string $sign): ?string
    {
        if ($this->over) {
            throw self::wrong('Something stands after the end of the JSON.');
        }
        if (($sign === '{' && $this->beginsObject()) || ($sign === '[' && $this->beginsOddOne())) {
            $this->begin();
        }
        $this->keep($sign);
        if ($sign === '\\') {
            $this->escaped = true;
        } elseif ($sign === '"') {
            $this->word = $this->quoted ? substr($this->word, 0, -1) : '';
            $this->quoted = ! $this->quoted;
        } elseif ($sign === '{' || $sign === '[') {
            if ($this->object === null) {
                $this->names[] = str_ends_with($this->open, '{') ? $this->word : '';
            }
            $this->open .= $sign;
            $this->begun = true;
            if ($this->object !== null) {
                JsonText::refuseTooMany(++$this->brackets);
            }
        } else {
            return $this->closed($sign);
        }

        return null;
    }

    /** Between two objects of a list stands a comma, and nothing else. */
    private function begin(): void
    {
        if ($this->list !== null && $this->between !== ($this->objects === 0 ? '' : ',')) {
            throw self::wrong(
                sprintf(
                    'The JSON is broken after record %s: a comma is expected there.',
                    number_format($this->objects),
                ),
            );
        }
        $this->list = strlen($this->open);
        $this->object = '';
        $this->brackets = 0;
        $this->between = '';
        $this->objects++;
    }

    private static function wrong(string $sentence): FeedTrouble
    {
        return FeedTrouble::because($sentence.' Nothing was taken from it.');
    }

    private function beginsObject(): bool
    {
        return $this->object === null
            && ! $this->ended
            && str_ends_with($this->open, '[')
            && ($this->list ?? strlen($this->open)) === strlen($this->open);
    }

    /** A list where an object of the list at hand belongs: cut out like one, so that it can be named. */
    private function beginsOddOne(): bool
    {
        return $this->object === null && ! $this->ended && strlen($this->open) === $this->list;
    }

    /** The list at hand is over: the next is looked for, unless this was the one. */
    private function nextList(): void
    {
        if ($this->at === $this->wanted) {
            $this->ended = true;

            return;
        }
        $this->at++;
        $this->list = null;
        $this->objects = 0;
    }

    /** What a closing bracket ends: an object of the list, the list itself, or neither. */
    private function closed(string $sign): ?string
    {
        $open = substr($this->open, -1);
        if ($open !== ['}' => '{', ']' => '['][$sign]) {
            throw self::wrong(
                sprintf('The JSON is broken after record %s: “%s” closes nothing there.', $this->objects, $sign),
            );
        }
        $this->open = substr($this->open, 0, -1);
        $depth = strlen($this->open);
        if ($this->object !== null && $depth === $this->list) {
            $object = $this->object;
            $this->object = null;

            return $this->at === $this->wanted ? $object : null;
        }
        if ($this->object === null) {
            array_pop($this->names);
        }
        if ($this->list !== null && $depth < $this->list) {
            $this->nextList();
        }
        $this->over = $depth === 0 && $this->begun;
        $this->between = '';

        return null;
    }
}
