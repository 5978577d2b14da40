<?php

declare(strict_types=1);

namespace WindowStall\Offers\Views;

use WindowStall\Offers\Code;
use WindowStall\Offers\CodeWords;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** A code as a sentence, where it stands, and what it is written as. */
final readonly class CodeView
{
    /**
     * @param  string  $code  "" where it counts by itself or has single codes
     * @param  int  $made  single codes there are
     * @param  bool  $forSignUps  whether each new sign-up gets one of them
     * @param  string  $off  "10% off everything"
     * @param  list<string>  $terms  what has to be so
     * @param  string  $stands  "runs", "begins …", "ended …", "used up"
     * @param  int  $uses  orders that used it
     * @param  array<string, mixed>  $written
     */
    public function __construct(
        public int $id,
        public string $code,
        public bool $singles,
        public int $made,
        public bool $forSignUps,
        public string $off,
        public array $terms,
        public string $stands,
        public bool $runs,
        public int $uses,
        public array $written,
    ) {
    }

    public static function of(Stall $stall, Code $code, int $uses, int $made): self
    {
        $stands = CodeWords::stands($stall, $code, $uses);

        return new self(
            id: $code->id,
            code: (string) $code->code,
            singles: $code->singles,
            made: $made,
            forSignUps: $code->for_sign_ups,
            off: CodeWords::whole($stall, $code),
            terms: CodeWords::terms($stall, $code),
            stands: $stands,
            runs: $stands === 'runs',
            uses: $uses,
            written: [
                'code' => (string) $code->code,
                'singles' => $code->singles,
                'off' => $code->reduction,
                'holds' => $code->holds,
                'countries' => $code->countries,
                'starts' => self::typed($stall, $code, 'starts_at'),
                'ends' => self::typed($stall, $code, 'ends_at'),
                'most_uses' => $code->most_uses,
                'most_each' => $code->most_each,
                'least' => $stall->moneyOrNull($code->least_minor)?->digits(),
                'first_only' => $code->first_only,
                'together' => $code->together,
                'under_floor' => $code->under_floor,
            ],
        );
    }

    private static function typed(Stall $stall, Code $code, string $at): string
    {
        $moment = $at === 'starts_at' ? $code->starts_at : $code->ends_at;

        return $moment === null ? '' : $moment->toImmutable()->setTimezone(Clock::of($stall)->zone)->format('Y-m-d\TH:i');
    }
}
