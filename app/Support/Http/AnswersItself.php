<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Symfony\Component\HttpFoundation\Response;

/** A fault that knows its whole answer: it is sent as it is, and isn't noted as a fault of ours. */
interface AnswersItself extends \Throwable
{
    public function render(): Response;
}
