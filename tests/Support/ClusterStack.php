<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** A yard on several nodes that a test may kill one by one: see ops/cluster/start.sh. */
final class ClusterStack
{
    public const DATABASES = 3;

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
        public readonly string $folder,
        private readonly int $port,
    ) {
    }

    /** @param  array<string, string>  $environment */
    public static function start(string $folder, int $port, array $environment): self
    {
        $root = dirname(__DIR__, 2);
        @mkdir($folder, 0755, true);
        $process = proc_open(
            ['setpriv', '--pdeathsig', 'TERM', "{$root}/ops/cluster/start.sh", $folder, (string) $port],
            [['pipe', 'r'], ['pipe', 'w'], ['file', "{$folder}/cluster.log", 'w']],
            $pipes,
            $root,
            $environment + ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')],
        );
        $ready = is_resource($process) ? explode(' ', trim((string) fgets($pipes[1]))) : [];
        if (! is_resource($process) || $ready[0] !== 'ready') {
            throw new RuntimeException("The cluster did not start:\n".file_get_contents("{$folder}/cluster.log"));
        }

        return new self($process, $pipes[0], $pipes[1], $ready[1], $folder, $port);
    }

    public function databasePort(int $node): int
    {
        return $this->port + 10 + $node;
    }

    public function webUrl(int $node): string
    {
        return 'http://127.0.0.1:'.($this->port + $node);
    }

    /** Sent, and not waited for: {@see done()} does that, while others go on. */
    public function command(string $command): void
    {
        fwrite($this->commands, "{$command}\n");
    }

    public function isDone(): bool
    {
        $read = [$this->answers];
        $none = null;

        return stream_select($read, $none, $none, 0) === 1;
    }

    public function done(string $what): void
    {
        $answer = trim((string) fgets($this->answers));
        if ($answer !== 'done') {
            throw new RuntimeException(
                "\"{$what}\" answered \"{$answer}\":\n".substr(
                    (string) file_get_contents("{$this->folder}/cluster.log"),
                    -3000,
                ),
            );
        }
    }

    public function run(string $command): void
    {
        $this->command($command);
        $this->done($command);
    }

    public function stop(): void
    {
        fclose($this->commands);
        fclose($this->answers);
        proc_close($this->process);
    }
}
