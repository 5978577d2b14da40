<?php

declare(strict_types=1);

// Prints the twenty tests that took longest, from the logs that PHPUnit wrote (JUnit's form): php slowest.php FILE…

$took = [];
foreach (array_slice($argv, 1) as $file) {
    $log = is_file($file) ? simplexml_load_file($file) : false;
    foreach ($log === false ? [] : ($log->xpath('//testcase') ?: []) as $test) {
        $took[substr((string) $test['class'], strlen('WindowStall\\Tests\\')).'::'.$test['name']] = (float) $test['time'];
    }
}
arsort($took);
if ($took !== []) {
    printf("The twenty slowest of %d tests, which took %d s in all:\n", count($took), array_sum($took));
    foreach (array_slice($took, 0, 20) as $test => $seconds) {
        printf("  %6.1f s  %s\n", $seconds, mb_strimwidth($test, 0, 108, '…'));
    }
}
