<?php

declare(strict_types=1);

namespace WindowStall\Bench;

/** What can be cleaned up in many listings at once. */
enum CleanWay: string
{
    case Sentences = 'sentences';
    case Codes = 'codes';
    case Places = 'places';
    case Drafts = 'drafts';
    case Pictures = 'pictures';
}
