<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use App\Catalogue\BuildCatalogue;
use App\Catalogue\CatalogueFault;
use App\Catalogue\CatalogueFiles;
use App\Catalogue\CatalogueIsFaulty;
use App\Catalogue\CatalogueRepository;
use App\Catalogue\CompiledCatalogue;
use App\Catalogue\CrossCheckCatalogue;
use App\Catalogue\LineInYaml;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;
use Tests\Support\RealCatalogue;

final class CatalogueTest extends TestCase
{
    private string $folder = '';

    protected function tearDown(): void
    {
        if ($this->folder !== '') {
            exec('rm -rf '.escapeshellarg($this->folder));
        }
    }

    public function test_the_catalogue_that_ships_has_no_fault(): void
    {
        $compiled = RealCatalogue::compiled();
        $faults = (new CrossCheckCatalogue((new BuildCatalogue)->from($compiled), $compiled->trees))->faults();

        self::assertSame([], array_map(static fn (CatalogueFault $fault): string => $fault->sentence(), $faults));
    }

    public function test_every_number_of_a_check_a_limit_and_a_condition_names_its_source(): void
    {
        foreach (RealCatalogue::get()->checks as $check) {
            self::assertNotSame('', $check->source->words, $check->id);
        }
        foreach (RealCatalogue::get()->models as $model) {
            foreach ($model->limits as $name => $limits) {
                self::assertNotSame('', $limits->source()->words, "{$model->id} {$name}");
            }
        }
    }

    #[TestWith([['tracks'], [], [], true], 'all that is asked for is there')]
    #[TestWith([['tracks', 'blade'], [], [], false], 'one of all is missing')]
    #[TestWith([[], ['blade', 'bucket'], [], true], 'any is enough')]
    #[TestWith([[], ['blade'], [], false], 'none of any')]
    #[TestWith([[], [], ['tracks'], false], 'something unwanted is there')]
    #[TestWith([[], [], [], true], 'nothing asked for')]
    public function test_applicability_reads_all_any_and_none(array $all, array $any, array $none, bool $holds): void
    {
        self::assertSame($holds, (new Applicability($all, $any, $none))->holdsFor(new Features(['tracks', 'bucket'])));
    }

    public function test_a_model_without_a_limit_says_so_and_does_not_guess(): void
    {
        $this->expectException(LimitNotKnown::class);
        $this->expectExceptionMessage('no limits for "def". Enter them from the maker');

        RealCatalogue::get()->model('dromvik_8c')->limit('def');
    }

    public function test_a_mistake_names_its_file_its_place_and_the_rule(): void
    {
        $this->copy(
            static fn (string $text): string => str_replace('severity: stop', 'severity: deadly', $text),
            'checks/paperwork.yaml',
        );

        try {
            (new CatalogueFiles($this->folder))->read();
            self::fail('A severity that does not exist was taken.');
        } catch (CatalogueIsFaulty $faulty) {
            self::assertSame('checks/paperwork.yaml', $faulty->faults[0]->file);
            self::assertSame(
                'at checks.5.severity',
                $faulty->faults[0]->where,
                'the first check of the file that stops',
            );
            self::assertStringContainsString(
                'severity: deadly',
                $this->line('checks/paperwork.yaml', $faulty->faults[0]->line),
            );
            self::assertStringContainsString('has to be one of: note, hold, stop', $faulty->faults[0]->sentence());
        }
    }

    /** Nought and less would let anything stand, or divide by zero. */
    #[TestWith(['fenwold_p20', 'original_mm: "35"', 'original_mm: "-40"', 'original_mm'])]
    #[TestWith(['fenwold_p20', 'original_mm: "35"', 'original_mm: "0"', 'original_mm'])]
    #[TestWith(['dromvik_14c', 'mm_per_stroke: "1.5"', 'mm_per_stroke: "0.0"', 'mm_per_stroke'])]
    #[TestWith(['ardlow_20b', 'distance_m: "3"', 'distance_m: "-10"', 'distance_m'])]
    #[TestWith(['ardlow_20b', 'most_m_s: "0.30"', 'most_m_s: "0"', 'most_m_s'])]
    public function test_a_limit_of_nought_or_below_is_refused_at_its_place(
        string $model,
        string $from,
        string $to,
        string $field,
    ): void {
        $this->copy(static fn (string $text): string => str_replace($from, $to, $text), "models/{$model}.yaml");

        try {
            (new CatalogueFiles($this->folder))->read();
            self::fail("{$to} was taken.");
        } catch (CatalogueIsFaulty $faulty) {
            self::assertStringContainsString($field, $faulty->faults[0]->where);
            self::assertStringContainsString($to, $this->line("models/{$model}.yaml", $faulty->faults[0]->line));
        }
    }

    public function test_a_file_that_is_no_yaml_names_its_line(): void
    {
        $this->copy(
            static fn (string $text): string => "rules:\n  start_corner:\n\tvalue: front_left\n  turn: {}\n",
            'rules/house.yaml',
        );

        try {
            (new CatalogueFiles($this->folder))->read();
            self::fail('A broken file was taken.');
        } catch (CatalogueIsFaulty $faulty) {
            self::assertSame('rules/house.yaml', $faulty->faults[0]->file);
            self::assertSame(3, $faulty->faults[0]->line, 'the one that begins with a tab');
        }
    }

    /** Only the machines to which a rule grants something else are walked again, and none is passed over for it. */
    public function test_a_rule_that_leaves_no_safe_order_is_found_without_walking_every_machine_again(): void
    {
        $trees = RealCatalogue::compiled()->trees;
        $check = $trees['checks/paperwork.yaml']['checks'][0];
        $trees['checks/paperwork.yaml']['checks'][] = [
            'id' => 'waits-for-itself',
            'after' => ['waits-for-itself'],
            'applies' => ['all' => ['wheels', 'rule_filter_open_daily']],
        ] + $check;
        $compiled = CompiledCatalogue::stored('one that waits for itself', $trees);
        $standing = (new BuildCatalogue)->from($compiled);
        $trial = $compiled->withChoices(['air_filter' => 'open_daily']);
        $catalogue = (new BuildCatalogue)->from($trial);
        $found = (new CrossCheckCatalogue($catalogue, $trial->trees, $standing))->faults();

        self::assertSame([], (new CrossCheckCatalogue($standing, $trees, $standing))->faults());
        self::assertNotSame([], $found);
        self::assertEquals((new CrossCheckCatalogue($catalogue, $trial->trees))->faults(), $found);
    }

    #[
        TestWith(
            ['checks/cooling.yaml', 'all: [coolant]', 'all: [cooolant]', "asks for the feature 'cooolant'"],
            'an unknown feature',
        ),
    ]
    #[
        TestWith(
            [
                'checks/cooling.yaml',
                'conditions: [level_ground, cap_closed]',
                'conditions: [cap_shut]',
                "names the condition 'cap_shut'",
            ],
            'an unknown condition',
        ),
    ]
    #[
        TestWith(
            ['checks/brakes.yaml', 'after: [trn-direction]', 'after: [trn-nowhere]', "comes after 'trn-nowhere'"],
            'an unknown check',
        ),
    ]
    #[TestWith(['models/dromvik_14c.yaml', 'def:', 'urea:', 'no limits for "def"'], 'a limit that a check needs')]
    #[
        TestWith(
            ['models/skarrow_lt9.yaml', 'least_mm: "1.6"', 'least_mm: "1.5"', 'less tread than the 1.6 mm'],
            'a trailer that may not go on the road',
        ),
    ]
    public function test_what_no_single_file_can_see_is_found_across_files_and_names_the_line_of_its_definition(
        string $file,
        string $from,
        string $to,
        string $says,
    ): void {
        $this->copy(static fn (string $text): string => str_replace($from, $to, $text), $file);
        try {
            (new CatalogueRepository($this->folder, "{$this->folder}/compiled.php"))->compile();
            self::fail('A catalogue with a stranger in it was taken.');
        } catch (CatalogueIsFaulty $faulty) {
            self::assertStringContainsString($says, $faulty->getMessage());
            self::assertSame($file, $faulty->faults[0]->file);
            self::assertMatchesRegularExpression(
                '/id: '.$faulty->faults[0]->about.'$/',
                $this->line($file, $faulty->faults[0]->line),
            );
        }
    }

    public function test_a_mistake_leaves_the_last_good_catalogue_in_use(): void
    {
        $this->copy(static fn (string $text): string => $text, 'checks/paperwork.yaml');
        $shelf = new CatalogueRepository($this->folder, "{$this->folder}/compiled.php");
        $good = $shelf->compile();
        $compiled = (string) file_get_contents("{$this->folder}/compiled.php");
        file_put_contents("{$this->folder}/checks/paperwork.yaml", 'checks: [{id: alone}]');

        try {
            $shelf->compile();
            self::fail('A check without words was taken.');
        } catch (CatalogueIsFaulty) {
            self::assertSame($compiled, file_get_contents("{$this->folder}/compiled.php"));
            self::assertStringContainsString($good, $compiled);
        }
    }

    /** A law: whatever stands in a file of the catalogue is found on a line that holds its key and what it says. */
    public function test_every_value_of_every_file_is_found_on_its_own_line(): void
    {
        $folder = (string) realpath(__DIR__.'/../../../catalogue');
        $looked = 0;
        foreach (array_keys(RealCatalogue::compiled()->trees) as $file) {
            $text = (string) file_get_contents("{$folder}/{$file}");
            $lines = LineInYaml::of($text);
            foreach ($this->leaves(Yaml::parse($text)) as [$path, $value]) {
                $line = $this->withItsText(explode("\n", $text), $lines->at($path) - 1);
                $names = array_values(array_filter($path, static fn (string $step): bool => ! ctype_digit($step)));
                self::assertStringContainsString(end($names).':', $line, "{$file} ".implode('.', $path));
                self::assertStringContainsString(
                    $this->bare(is_string($value) ? $value : (string) json_encode($value)),
                    $this->bare($line),
                    "{$file} ".implode('.', $path),
                );
                $looked++;
            }
        }
        self::assertGreaterThan(5_000, $looked);
    }

    /**
     * A line of a file, and behind it the lines of a text that is folded under its key.
     *
     * @param list<string> $lines
     */
    private function withItsText(array $lines, int $at): string
    {
        $line = $lines[$at];
        if (! str_ends_with($line, ': >-')) {
            return $line;
        }
        $depth = strspn($line, ' ');
        for ($next = $at + 1; isset($lines[$next]) && strspn($lines[$next], ' ') > $depth; $next++) {
            $line .= ' '.trim($lines[$next]);
        }

        return $line;
    }

    /**
     * @param array<int|string, mixed> $tree
     * @param list<string> $path
     * @return iterable<array{list<string>, scalar}>
     */
    private function leaves(array $tree, array $path = []): iterable
    {
        foreach ($tree as $key => $value) {
            if (is_array($value)) {
                yield from $this->leaves($value, [...$path, (string) $key]);
            } elseif (! is_int($key) && is_scalar($value)) {
                yield [[...$path, $key], $value];
            }
        }
    }

    /** What is left of a text without the marks by which YAML quotes. */
    private function bare(string $text): string
    {
        return str_replace(['"', "'", '\\'], '', $text);
    }

    private function line(string $file, ?int $line): string
    {
        return explode("\n", (string) file_get_contents("{$this->folder}/{$file}"))[(int) $line - 1];
    }

    /** @param  callable(string): string  $change */
    private function copy(callable $change, string $file): void
    {
        $this->folder = sys_get_temp_dir().'/catalogue-'.bin2hex(random_bytes(6));
        exec('cp -r '.escapeshellarg(__DIR__.'/../../../catalogue').' '.escapeshellarg($this->folder));
        file_put_contents("{$this->folder}/{$file}", $change((string) file_get_contents("{$this->folder}/{$file}")));
    }
}
