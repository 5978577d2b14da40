<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\ByMail;

/** What a supplier says of a line it was sent by mail. */
enum AnswerKind: string
{
    case Taken = 'taken';
    case Posted = 'posted';
    case Short = 'short';
}
