<?php

declare(strict_types=1);

// Put before the program by FatalErrorTest: fills memory up to what the request says, so that the program soon runs out.
for ($GLOBALS['ballast'] = []; memory_get_usage() < (int) ($_SERVER['BALLAST'] ?? 0);) {
    $GLOBALS['ballast'][] = str_repeat('x', 1000);
}
