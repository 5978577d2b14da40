<?php

declare(strict_types=1);

namespace WindowStall\Runs;

/** Where a long piece of work stands. */
enum RunState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
    case Cancelled = 'cancelled';

    /** It ended, and nothing of it was used: something was amiss, and a person has to look. */
    case SetAside = 'set_aside';

    public function open(): bool
    {
        return $this === self::Waiting || $this === self::Running;
    }
}
