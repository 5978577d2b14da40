<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\UserMessage;

/** A supplier that can't be reached, doesn't know the key, or answers what can't be used; in words for the seller. */
final class SupplierTrouble extends \RuntimeException implements UserMessage
{
    /**
     * @param  bool  $passing  whether trying again later may help
     * @param  bool  $unsure  whether the supplier may have taken what it was told
     * @param  string  $kind  what it said of why it refuses, for programs; "" where it said nothing
     */
    private function __construct(
        string $message,
        public readonly bool $passing,
        public readonly bool $unsure = false,
        public readonly string $kind = '',
    ) {
        parent::__construct($message);
    }

    public static function key(string $name): self
    {
        return new self(sprintf('%s doesn’t know this key. Copy it again from your account there.', $name), false);
    }

    public static function dead(string $name, string $host): self
    {
        return new self(
            sprintf('Nothing answers at %s, where %s should be. Check the address, or try again later.', $host, $name),
            true,
        );
    }

    public static function slow(string $name, int $seconds): self
    {
        return new self(
            sprintf('%s didn’t answer within %d seconds. Try again later.', $name, $seconds),
            true,
            unsure: true,
        );
    }

    public static function broken(string $name, int $status): self
    {
        return new self(
            sprintf('%s has trouble of its own (it answered %d). Try again later.', $name, $status),
            true,
            unsure: true,
        );
    }

    public static function busy(string $name): self
    {
        return new self(
            sprintf('%s is asked too often just now and wants a pause. Try again in a few minutes.', $name),
            true,
        );
    }

    public static function strange(string $name): self
    {
        return new self(sprintf('What answers at this address isn’t %s: its answer can’t be read.', $name), false);
    }

    /** What was found wrong with a supplier's file, in a sentence that stands by itself. */
    public static function said(string $sentence): self
    {
        return new self($sentence, false);
    }

    public static function refused(string $name, string $reason, string $kind = ''): self
    {
        return new self(sprintf('%s refused: %s', $name, $reason), false, kind: $kind);
    }
}
