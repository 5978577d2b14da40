<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Questions;

use WindowStall\Stall\Stall;

/** Drafts an answer from what is known of the goods; Shop knows what their page says. */
interface DraftsAnswer
{
    /** In the language of who asked; "" where no fact answers it. */
    public function draft(Stall $stall, GoodsQuestion $question): string;
}
