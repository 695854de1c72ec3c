<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** A whole yard of its own, servers and all, that a test may kill: see ops/apart.sh. */
final class ApartStack
{
    /**
     * @param resource $process
     * @param resource $commands
     * @param resource $answers
     */
    private function __construct(
        private $process,
        private $commands,
        private $answers,
        public readonly string $url,
        public readonly int $databasePort,
        public readonly string $storage,
    ) {
    }

    /** @param  array<string, string>  $environment on top of that of the test run */
    public static function start(string $folder, int $httpPort, int $databasePort, array $environment = []): self
    {
        $root = dirname(__DIR__, 2);
        @mkdir($folder, 0755, true);
        $process = proc_open(
            [
                'setpriv',
                '--pdeathsig',
                'TERM',
                "{$root}/ops/apart.sh",
                $folder,
                (string) $httpPort,
                (string) $databasePort,
            ],
            [['pipe', 'r'], ['pipe', 'w'], ['file', "{$folder}/apart.log", 'w']],
            $pipes,
            $root,
            $environment + self::inherited(),
        );
        $ready = is_resource($process) ? explode(' ', trim((string) fgets($pipes[1]))) : [];
        if (! is_resource($process) || $ready[0] !== 'ready') {
            throw new RuntimeException("The yard apart did not start:\n".file_get_contents("{$folder}/apart.log"));
        }

        return new self($process, $pipes[0], $pipes[1], "http://127.0.0.1:{$ready[1]}", (int) $ready[2], $ready[3]);
    }

    /** SIGKILL: nothing is flushed, nothing is said. */
    public function killDatabase(): void
    {
        $this->command('kill-database');
    }

    /** Comes back when the database answers again. */
    public function launchDatabase(): void
    {
        $this->command('launch-database');
    }

    /** SIGKILL to every php-fpm worker; the master starts new ones. */
    public function killWorkers(): void
    {
        $this->command('kill-workers');
    }

    /** Throws when the command says that it failed. */
    public function artisan(string $command): void
    {
        $this->command("artisan {$command}");
    }

    /** As it is on a fresh machine: the schema is there, and nothing in it. */
    public function emptyDatabase(): void
    {
        $this->command('empty-database');
    }

    public function stop(): void
    {
        fclose($this->commands);
        fclose($this->answers);
        proc_close($this->process);
    }

    private function command(string $command): void
    {
        fwrite($this->commands, "{$command}\n");
        $answer = trim((string) fgets($this->answers));
        if ($answer !== 'done') {
            throw new RuntimeException("\"{$command}\" of the yard apart answered \"{$answer}\".");
        }
    }

    /** @return array<string, string> what names the other stack's folders and caches stays out */
    private static function inherited(): array
    {
        return array_filter(
            getenv(),
            static fn (string $name): bool => ! preg_match(
                '/^(APP_.*_CACHE|LARAVEL_STORAGE_PATH|VIEW_COMPILED_PATH|STATE|DB_DATABASE|APP_URL)$/D',
                $name,
            ),
            ARRAY_FILTER_USE_KEY,
        );
    }
}
