<?php

declare(strict_types=1);

// Prints the tests of app and core that a change reaches, a file each: php reached.php SECONDS [JUNIT LOG …] < changed files
//
// First the tests that changed, then those that name a class that changed, then those of the same area; those of app until
// they take so many seconds, as the logs of the last whole run have it. What was left out is said on the error output.

$budget = (float) ($argv[1] ?? 150);
$took = [];
foreach (array_slice($argv, 2) as $file) {
    $log = is_file($file) ? simplexml_load_file($file) : false;
    foreach ($log === false ? [] : ($log->xpath('//testcase') ?: []) as $test) {
        $path = 'tests/'.str_replace('\\', '/', substr((string) $test['class'], strlen('WindowStall\\Tests\\'))).'.php';
        $took[$path] = ($took[$path] ?? 0.0) + (float) $test['time'];
    }
}
$changed = array_filter(array_map(trim(...), file('php://stdin') ?: []));
$classes = $areas = $first = [];
foreach ($changed as $file) {
    if (preg_match('#^(app|core)/(\w+)/.*?(\w+)\.php$#D', $file, $of) === 1) {
        $classes[] = $of[3];
        $areas[$of[2]] = true;
    } elseif (preg_match('#^tests/(App|Core)/.*Test\.php$#D', $file) === 1 && is_file($file)) {
        $first[$file] = 0;
    }
}
$tests = new RegexIterator(
    new RecursiveIteratorIterator(new RecursiveDirectoryIterator('tests', FilesystemIterator::SKIP_DOTS)),
    '#^tests/(App|Core)/.*Test\.php$#D',
);
$names = $classes === [] ? null : '/\b('.implode('|', array_unique($classes)).')\b/';
foreach ($tests as $path => $test) {
    $says = (string) file_get_contents((string) $path);
    $rank = match (true) {
        $names !== null && preg_match($names, $says) === 1 => 1,
        isset($areas[explode('/', (string) $path)[2]]) => 2,
        default => null,
    };
    if ($rank !== null) {
        $first[(string) $path] ??= $rank;
    }
}
asort($first);
$left = [];
foreach (array_keys($first) as $path) {
    $seconds = str_starts_with($path, 'tests/App/') ? $took[$path] ?? 10.0 : 0.0;
    if ($first[$path] > 0 && $seconds > $budget) {
        $left[] = $path;

        continue;
    }
    $budget -= $seconds;
    echo $path, "\n";
}
if ($left !== []) {
    fprintf(STDERR, "  Left to the whole run, for want of time: %s\n", implode(', ', array_map(
        static fn (string $path): string => basename($path, '.php'),
        $left,
    )));
}
