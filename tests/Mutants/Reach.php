<?php

declare(strict_types=1);

namespace Tests\Mutants;

use SebastianBergmann\CodeCoverage\CodeCoverage;

/** Which test files come to a line of the core, the quick ones first. */
final readonly class Reach
{
    /**
     * @param array<string, array<int, list<string>|null>> $lines tests by file and line
     * @param array<string, float> $seconds by test class
     */
    private function __construct(private array $lines, private array $seconds)
    {
    }

    /** @param  string  $folder  with the coverage and the times of one run of the suite */
    public static function read(string $folder): self
    {
        $coverage = require "{$folder}/coverage.php";
        assert($coverage instanceof CodeCoverage);
        $seconds = [];
        foreach (simplexml_load_file("{$folder}/junit.xml")?->xpath('//testsuite[@file]') ?: [] as $class) {
            $seconds[(string) $class['name']] = (float) $class['time'];
        }

        return new self($coverage->getData()->lineCoverage(), $seconds);
    }

    /** @return list<string> paths of test files, from the root of the project */
    public function testsOf(string $file, int $line): array
    {
        // Constants and defaults are on lines that nothing runs: whatever comes to their file may notice them.
        $tests = $this->lines[$file][$line] ?? array_merge(...array_values(array_filter($this->lines[$file] ?? [])));
        $classes = [];
        foreach ($tests as $test) {
            $classes[explode('::', $test)[0]] = true;
        }
        $classes = array_keys($classes);
        usort($classes, fn (string $a, string $b): int => ($this->seconds[$a] ?? 0.0) <=> ($this->seconds[$b] ?? 0.0));

        return array_map(
            static fn (string $class): string => str_replace(['Tests\\', '\\'], ['tests/', '/'], $class).'.php',
            $classes,
        );
    }
}
