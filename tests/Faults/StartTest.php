<?php

declare(strict_types=1);

namespace Tests\Faults;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Support\ApartStack;

/**
 * Servers that start at a known address: nothing of anybody else is taken for the yard, and no address is changed in
 * silence.
 */
final class StartTest extends TestCase
{
    private const PORT = 8296;

    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$folder = dirname(__DIR__, 2).'/storage/test-start';
        (new Filesystem)->deleteDirectory(self::$folder);
    }

    public function test_a_known_port_that_somebody_else_has_is_a_clear_stop(): void
    {
        $other = stream_socket_server('tcp://127.0.0.1:'.self::PORT);
        self::assertIsResource($other);
        try {
            ApartStack::start(self::$folder, self::PORT, 23296, ['PORTS' => 'known'])->stop();
            self::fail('It started on a port that is taken.');
        } catch (RuntimeException $refused) {
            self::assertStringContainsString('Port '.self::PORT.' is taken by another program', $refused->getMessage());
        } finally {
            fclose($other);
        }
    }

    public function test_workers_whose_master_was_killed_give_the_port_back(): void
    {
        $yard = ApartStack::start(self::$folder, self::PORT, 23296, ['PORTS' => 'known']);
        $master = (int) file_get_contents(self::$folder.'/run/nginx.pid');
        $workers = array_map(
            intval(...),
            explode("\n", trim((new Process(['pgrep', '-P', (string) $master]))->mustRun()->getOutput())),
        );
        posix_kill($master, SIGKILL);
        $yard->stop();
        self::assertTrue(posix_kill($workers[0], 0), 'a worker stays behind and holds the port');

        $again = ApartStack::start(self::$folder, self::PORT, 23296, ['PORTS' => 'known']);
        self::assertSame('http://127.0.0.1:'.self::PORT, $again->url);
        foreach ($workers as $worker) {
            self::assertFalse(posix_kill($worker, 0));
        }
        $again->stop();
    }

    /** Two services that begin to look at the same place are not sent to one port. */
    public function test_a_port_that_was_given_is_not_given_again(): void
    {
        $other = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($other);
        $taken = (int) substr((string) strrchr((string) stream_socket_get_name($other, false), ':'), 1);
        $script = 'say() { :; }; fail() { exit 1; }; source ops/settings.sh; MAIL_PORT=$1 MAIL_PAGE_PORT=$1
            next_free_port MAIL_PORT; next_free_port MAIL_PAGE_PORT; echo "$MAIL_PORT $MAIL_PAGE_PORT"';
        $process = new Process(['bash', '-euc', $script, '-', (string) $taken]);
        $process->mustRun();

        [$mail, $page] = array_map(intval(...), explode(' ', trim($process->getOutput())));
        self::assertGreaterThan($taken, $mail);
        self::assertGreaterThan($mail, $page);
    }
}
