<?php

declare(strict_types=1);

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;
use Tests\Mutants\Mutate;
use Tests\Mutants\Reach;

require __DIR__.'/../../vendor/autoload.php';

const ROOMS = ['Reading', 'Verdict', 'Quantity', 'Release', 'State', 'Walk'];
const AT_ONCE = 2;
const WANTED = 0.9;

[, $folder, $count, $seed] = $argv;
$root = dirname(__DIR__, 2);
$sites = [];
foreach (ROOMS as $room) {
    $files = new RegexIterator(
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/core/{$room}")),
        '/\.php$/',
    );
    $paths = array_map(strval(...), iterator_to_array($files, false));
    sort($paths);
    foreach ($paths as $path) {
        foreach (Mutate::sites((string) file_get_contents($path)) as $site) {
            $sites[] = ['file' => $path] + $site;
        }
    }
}
$random = new Random\Randomizer(new Random\Engine\Mt19937((int) $seed));
$chosen = array_slice($random->shuffleArray($sites), 0, (int) $count);
printf("%d places to change, %d of them chosen with seed %d.\n", count($sites), count($chosen), $seed);

$reach = Reach::read($folder);
$run = static function (array $mutant, int $at) use ($root, $folder, $reach): ?Process {
    $tests = $reach->testsOf($mutant['file'], $mutant['line']);
    if ($tests === []) {
        return null;
    }
    $code = (string) file_get_contents($mutant['file']);
    $as = "{$folder}/mutant-{$at}.php";
    file_put_contents($as, substr($code, 0, $mutant['start']).$mutant['text'].substr($code, $mutant['end']));
    $files = implode('', array_map(static fn (string $test): string => "<file>{$root}/{$test}</file>", $tests));
    $settings = "{$folder}/mutant-{$at}.xml";
    file_put_contents(
        $settings,
        "<phpunit bootstrap=\"{$root}/tests/Mutants/bootstrap.php\" stopOnDefect=\"true\" cacheResult=\"false\">"
            ."<testsuites><testsuite name=\"mutant\">{$files}</testsuite></testsuites></phpunit>",
    );
    $class = 'JadeLedger\\Core'.str_replace('/', '\\', substr($mutant['file'], strlen("{$root}/core"), -4));
    $process = new Process(
        // What lives is shown to every test: machine code takes a third off that.
        [
            PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M',
            'vendor/bin/phpunit', '--configuration', $settings, '--no-output',
        ],
        $root,
        ['MUTANT_CLASS' => $class, 'MUTANT_FILE' => $as],
        timeout: 180,
    );
    $process->start();

    return $process;
};
$killed = $at = 0;
$survivors = [];
$running = [];
while ($chosen !== [] || $running !== []) {
    while (count($running) < AT_ONCE && $chosen !== []) {
        $mutant = array_pop($chosen);
        $process = $run($mutant, $at++);
        if ($process === null) {
            $survivors[] = [$mutant, 'no test comes to it'];
        } else {
            $running[] = [$mutant, $process];
        }
    }
    usleep(10_000);
    foreach ($running as $key => [$mutant, $process]) {
        try {
            $process->checkTimeout();
        } catch (ProcessTimedOutException) {
            // A mutant that never ends is noticed.
        }
        if ($process->isRunning()) {
            continue;
        }
        unset($running[$key]);
        if ($process->isSuccessful()) {
            $survivors[] = [$mutant, 'every test passes'];
        } else {
            $killed++;
        }
    }
}
$all = $killed + count($survivors);
$lines = array_map(static fn (array $one): string => sprintf(
    '%s:%d  %s (%s)',
    substr($one[0]['file'], strlen($root) + 1),
    $one[0]['line'],
    $one[0]['what'],
    $one[1],
), $survivors);
sort($lines);
printf("%d of %d killed, %.1f %%.\n", $killed, $all, $all === 0 ? 0 : 100 * $killed / $all);
foreach ($lines as $line) {
    echo "  lives: {$line}\n";
}
exit($killed >= WANTED * $all ? 0 : 1);
