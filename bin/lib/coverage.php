<?php

declare(strict_types=1);

// Says how much of core its own tests walk through, and fails below what is promised.
//   coverage.php CLOVER LEAST     LEAST in hundredths of the lines

[, $file, $least] = $argv;
$clover = simplexml_load_file($file) ?: exit('The report of coverage can’t be read.'.PHP_EOL);
$all = $walked = 0;
$open = [];
foreach ($clover->xpath('//file') ?: [] as $source) {
    $lines = (int) $source->metrics['statements'];
    $covered = (int) $source->metrics['coveredstatements'];
    $all += $lines;
    $walked += $covered;
    if ($covered < $lines) {
        $open[substr((string) strrchr(dirname((string) $source['name']), '/'), 1).'/'.basename((string) $source['name'])] = $lines - $covered;
    }
}
$share = $all === 0 ? 0.0 : 100 * $walked / $all;
arsort($open);
printf("Core: %.1f%% of %s lines are walked by its tests (%d%% are promised).\n", $share, number_format($all), $least);
foreach (array_slice($open, 0, 5, true) as $name => $lines) {
    printf("  %s: %d lines aren’t\n", $name, $lines);
}
exit($share < (float) $least ? 1 : 0);
