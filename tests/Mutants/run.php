<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Mutants\Mutate;

require __DIR__.'/../../vendor/autoload.php';

/** Which tests can reach a room of the core; the whole of Core is asked last. */
const REACH = [
    'Reading' => ['tests/Core/Reading', 'tests/Core'],
    'Quantity' => ['tests/Core/Quantity', 'tests/Core/Reading', 'tests/Core'],
    'Release' => ['tests/Core/Release', 'tests/Core'],
    'Walk' => ['tests/Core/Walk', 'tests/Core'],
];
const AT_ONCE = 2;

[$count, $seed] = [(int) $argv[1], (int) $argv[2]];
$root = dirname(__DIR__, 2);
$sites = [];
foreach (array_keys(REACH) as $room) {
    foreach (glob("{$root}/core/{$room}/*.php") ?: [] as $file) {
        foreach (Mutate::sites((string) file_get_contents($file)) as $site) {
            $sites[] = ['file' => $file, 'room' => $room] + $site;
        }
    }
}
$random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$chosen = array_slice($random->shuffleArray($sites), 0, $count);
printf("%d places to change, %d of them chosen with seed %d.\n", count($sites), count($chosen), $seed);

$killed = 0;
$survivors = [];
$running = [];
$folder = sys_get_temp_dir().'/jade-mutants-'.bin2hex(random_bytes(4));
mkdir($folder);
$test = static function (array $mutant, int $at): Process {
    $process = new Process(['vendor/bin/phpunit', '--bootstrap', 'tests/Mutants/bootstrap.php', '--no-configuration', '--stop-on-defect', '--no-output', REACH[$mutant['room']][$at]], dirname(__DIR__, 2), [
        'MUTANT_CLASS' => 'JadeLedger\\Core\\'.$mutant['room'].'\\'.basename($mutant['file'], '.php'),
        'MUTANT_FILE' => $mutant['as'],
    ], timeout: 180);
    $process->start();

    return $process;
};
while ($chosen !== [] || $running !== []) {
    while (count($running) < AT_ONCE && $chosen !== []) {
        $mutant = array_pop($chosen);
        $code = (string) file_get_contents($mutant['file']);
        $mutant['as'] = "{$folder}/".count($chosen).'.php';
        file_put_contents(
            $mutant['as'],
            substr($code, 0, $mutant['start']).$mutant['text'].substr($code, $mutant['end']),
        );
        $running[] = [$mutant, 0, $test($mutant, 0)];
    }
    usleep(20_000);
    foreach ($running as $key => [$mutant, $at, $process]) {
        try {
            $process->checkTimeout();
        } catch (Symfony\Component\Process\Exception\ProcessTimedOutException) {
            // A mutant that never ends is noticed.
        }
        if ($process->isRunning()) {
            continue;
        }
        unset($running[$key]);
        if (! $process->isSuccessful()) {
            $killed++;
        } elseif (isset(REACH[$mutant['room']][$at + 1])) {
            $running[] = [$mutant, $at + 1, $test($mutant, $at + 1)];
        } else {
            $survivors[] = sprintf(
                '%s:%d  %s',
                substr($mutant['file'], strlen($root) + 1),
                $mutant['line'],
                $mutant['what'],
            );
        }
    }
}
array_map(unlink(...), glob("{$folder}/*.php") ?: []);
rmdir($folder);
$all = $killed + count($survivors);
sort($survivors);
printf("%d of %d killed, %.1f %%.\n", $killed, $all, $all === 0 ? 0 : 100 * $killed / $all);
foreach ($survivors as $survivor) {
    echo "  lives: {$survivor}\n";
}
exit($killed >= 0.9 * $all ? 0 : 1);
