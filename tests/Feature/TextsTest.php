<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Audit\AuditKind;
use App\Catalogue\CatalogueRepository;
use App\Catalogue\ExamineModel;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKinds;
use App\Limits\FilledFrom;
use App\Models\HirerLanguage;
use App\Models\HireStatus;
use App\Models\Language;
use App\Models\MachineLeft;
use App\Models\MachineRuns;
use App\Models\MachineStanding;
use App\Models\PaperKind;
use App\Models\ReportOutcome;
use App\Models\Role;
use App\Presenters\NextAct;
use FilesystemIterator;
use Illuminate\Support\Arr;
use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Carry\ChangeKind;
use JadeLedger\Core\Catalogue\Part;
use JadeLedger\Core\Catalogue\SignalWord;
use JadeLedger\Core\Catalogue\SiteAnswer;
use JadeLedger\Core\Catalogue\Wear;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Fault\Lamp;
use JadeLedger\Core\Fault\SignalColour;
use JadeLedger\Core\Fault\SignalRhythm;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Limits\Sheet\Fits;
use JadeLedger\Core\People\OperatorStanding;
use JadeLedger\Core\Release\Decision;
use JadeLedger\Core\Release\Remedy;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Spread\Balance;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\Support\RealCatalogue;
use Tests\Support\YardTestCase;

/** Every word of the interface has a key, and every key a text in every language. */
final class TextsTest extends YardTestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Parts of text that are the same in every language: units, signs, the name of the product. */
    private const NO_WORDS = '/^[\s\d.,:;%°+×\-\x{2212}\x{2190}-\x{21ff}·()\/*]*(mm|cm|m|L|s|h|min|kPa|J|QR)?[\s.,:]*$/u';

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language->value];
        }
    }

    #[DataProvider('languages')]
    public function test_no_key_misses_and_no_figure_is_lost_in_a_language(string $language): void
    {
        foreach ($this->tables() as $name => $read) {
            $english = Arr::dot($read('en'));
            $other = Arr::dot($read($language));
            self::assertSame([], array_keys(array_diff_key($english, $other)), "{$name} lacks keys in {$language}");
            self::assertSame(
                [],
                array_keys(array_diff_key($other, $english)),
                "{$name} has keys in {$language} that nothing knows",
            );
            foreach ($english as $key => $text) {
                self::assertNotSame('', trim((string) $other[$key]), "{$name}: {$key} is empty in {$language}");
                self::assertSame(
                    self::figures((string) $text),
                    self::figures((string) $other[$key]),
                    "{$name}: {$key} names other figures in {$language}",
                );
            }
        }
    }

    /** What a hirer reads has more languages than the interface; of these all that they are told is translated. */
    public function test_whatever_a_hirer_is_told_is_translated_into_each_language_of_hirers(): void
    {
        $catalogue = RealCatalogue::get();
        $told = [];
        foreach ($catalogue->briefingSteps as $step) {
            $told = [...$told, $step->name, $step->instruction, $step->why, $step->caution, $step->timerLabel ?? ''];
        }
        foreach ($catalogue->families as $family) {
            $parts = array_map(static fn (Part $part): string => $part->name, $family->parts);
            $told = [...$told, $family->name, ...$parts];
        }
        foreach ($catalogue->siteQuestions as $question) {
            $told = [...$told, $question->say, $question->ask];
        }
        foreach ($catalogue->limitSheets as $sheet) {
            $told[] = $sheet->title;
        }
        foreach ($catalogue->countedThings as $thing) {
            $told[] = $thing->name;
        }
        foreach ($catalogue->servicePoints as $point) {
            $told = $point->doneBy === DoneBy::Hirer
                ? [...$told, $point->name, $point->do, ...array_column($point->spots, 'name')]
                : $told;
        }
        $told = array_filter(array_unique($told));
        foreach (HirerLanguage::cases() as $language) {
            if ($language === HirerLanguage::English) {
                continue;
            }
            $table = require self::ROOT."/lang/{$language->value}/catalogue.php";
            self::assertSame([], array_values(array_diff($told, array_keys($table))), $language->value);
            $isLeft = static fn (string $text): bool => $table[$text] === $text && strlen($text) > 12;
            $same = array_filter($told, $isLeft);
            self::assertSame([], array_values($same), "left in English in {$language->value}");
            $documents = require self::ROOT."/lang/{$language->value}/documents.php";
            $english = require self::ROOT.'/lang/en/documents.php';
            foreach (['card', 'mail'] as $part) {
                self::assertSame(array_keys($english[$part]), array_keys($documents[$part]), $language->value);
                foreach ($english[$part] as $key => $text) {
                    self::assertSame(self::figures($text), self::figures($documents[$part][$key]), $key);
                }
            }
            $concluded = Arr::dot((require self::ROOT."/lang/{$language->value}/verdicts.php")['limits']);
            $limits = Arr::dot((require self::ROOT.'/lang/en/verdicts.php')['limits']);
            self::assertSame(array_keys($limits), array_keys($concluded), $language->value);
            foreach ($limits as $key => $text) {
                self::assertSame(self::figures($text), self::figures($concluded[$key]), $key);
                $isSame = $text === $concluded[$key] && preg_match('/[a-z]{4}/', preg_replace('/:\w+/', '', $text));
                self::assertFalse($isSame, "{$key} is left in English in {$language->value}");
            }
        }
        // Nothing dead where a language is the hirers' alone.
        $french = array_keys(require self::ROOT.'/lang/fr/catalogue.php');
        self::assertSame([], array_values(array_diff($french, $told)));
    }

    public function test_every_key_that_the_interface_names_is_there(): void
    {
        $known = array_keys(Arr::dot(self::interface('en')));
        $unknown = [];
        foreach ($this->sources('web/src', '/\.tsx?$/') as $file => $source) {
            preg_match_all('/\bt\((?:[\w.()!?= ]+ \? )?\'([\w.]+)\'(?: : \'([\w.]+)\')?/', $source, $named);
            foreach (array_filter([...$named[1], ...$named[2]]) as $key) {
                if (! in_array($key, $known, true) && ! in_array("{$key}_other", $known, true)) {
                    $unknown[] = "{$file}: {$key}";
                }
            }
            // A key with a variable at its end: the part before it has to lead somewhere.
            preg_match_all('/\bt\(`([\w.]+)\.\$\{/', $source, $begun);
            foreach ($begun[1] as $stem) {
                if (Arr::first($known, static fn (string $key): bool => str_starts_with($key, "{$stem}.")) === null) {
                    $unknown[] = "{$file}: {$stem}.";
                }
            }
        }

        self::assertSame([], $unknown);
    }

    public function test_the_first_page_says_nothing_that_comes_only_after_it(): void
    {
        $known = array_keys(Arr::dot(self::words('en.first')));
        $read = [];
        $toRead = [self::ROOT.'/web/src/main.tsx', self::ROOT.'/web/src/features/session/PinPad.tsx'];
        $asked = [];
        while (($file = array_pop($toRead)) !== null) {
            $read[$file] = true;
            $source = (string) file_get_contents($file);
            preg_match_all('/\bt\([\'`]([\w.]+?)(?:\'|\.\$\{)/', $source, $keys);
            $asked = [...$asked, ...$keys[1]];
            preg_match_all('/^(?:import|\} from) (?!type )[^\n]*\'(\.[^\']+)\';$/m', $source, $imports);
            foreach ($imports[1] as $import) {
                $found = glob(dirname($file)."/{$import}{.ts,.tsx}", GLOB_BRACE) ?: [];
                $toRead = [...$toRead, ...array_filter(
                    array_map(realpath(...), $found),
                    static fn (string|false $one): bool => $one !== false && ! isset($read[$one]),
                )];
            }
        }

        self::assertGreaterThan(15, count($read));
        self::assertContains('sign_in.title', $asked);
        self::assertSame([], array_values(array_filter($asked, static fn (string $key): bool => Arr::first(
            $known,
            static fn (string $one): bool => $one === $key || preg_match('/^'.preg_quote($key).'[._]/', $one) === 1,
        ) === null)));
    }

    public function test_every_sentence_that_the_server_names_is_there(): void
    {
        $problems = array_map(static fn (ProblemName $name): string => $name->value, ProblemName::cases());
        self::assertEqualsCanonicalizing(array_keys((array) trans('problems')), $problems);
        $unknown = [];
        foreach (['app', 'core'] as $folder) {
            foreach ($this->sources($folder, '/\.php$/') as $file => $source) {
                preg_match_all('/Words::say\(\'([\w.]+)\'[,)]/', $source, $said);
                foreach ($said[1] as $key) {
                    if (! is_string(trans($key)) || trans($key) === $key) {
                        $unknown[] = "{$file}: {$key}";
                    }
                }
                preg_match_all('/new Phrase\(\'([\w.]+)\'[,)]/', $source, $phrases);
                foreach ($phrases[1] as $key) {
                    if (! is_string(trans("verdicts.{$key}")) || trans("verdicts.{$key}") === "verdicts.{$key}") {
                        $unknown[] = "{$file}: verdicts.{$key}";
                    }
                }
            }
        }

        self::assertSame([], $unknown);
    }

    /** Words whose key ends in the value of an enum: no source names them whole. */
    #[DataProvider('languages')]
    public function test_every_case_that_the_server_puts_in_words_has_them(string $language): void
    {
        $this->app->setLocale($language);
        $kinds = (new \ReflectionClassConstant(EntryKinds::class, 'ALL'))->getValue();
        $keys = [
            ...array_map(static fn (MachineStanding $one): string => "machine.{$one->value}", MachineStanding::cases()),
            ...array_map(static fn (Decision $one): string => "decision.{$one->value}", Decision::cases()),
            ...array_map(static fn (Comparison $one): string => "comparison.{$one->value}", Comparison::cases()),
            ...array_map(
                static fn (Balance $one): string => "balance.{$one->value}",
                array_filter(Balance::cases(), static fn (Balance $one): bool => $one !== Balance::Balanced),
            ),
            ...array_map(
                static fn (ChangeKind $one): string => "not_carried.changed_{$one->value}",
                ChangeKind::cases(),
            ),
            ...array_map(static fn (string $kind): string => 'entry.'.str_replace('.', '_', $kind::name()), $kinds),
        ];

        self::assertGreaterThan(50, count($keys));
        self::assertSame(
            [],
            array_filter($keys, static fn (string $key): bool => trans("words.{$key}") === "words.{$key}"),
        );
    }

    /** @return iterable<string, array{string, class-string<\BackedEnum>}> stems whose keys end in a case */
    public static function casesInWords(): iterable
    {
        $all = [
            'audit.kind' => AuditKind::class, 'balance' => Balance::class, 'comparison' => Comparison::class,
            'dashboard.colour' => SignalColour::class, 'dashboard.lamp' => Lamp::class,
            'dashboard.rhythm' => SignalRhythm::class, 'decision' => Decision::class,
            'decision.now' => Decision::class, 'decision.signed' => Decision::class, 'fleet.next' => NextAct::class,
            'handover.length' => BriefingLength::class, 'handover.level' => SignalWord::class,
            'handover.wear' => Wear::class, 'lifted' => Remedy::class, 'limits.answer' => SiteAnswer::class,
            'limits.fits' => Fits::class, 'limits.from' => FilledFrom::class, 'occasion' => Occasion::class,
            'office.left' => MachineLeft::class, 'office.paper' => PaperKind::class,
            'operator.standing' => OperatorStanding::class, 'outcome' => Outcome::class,
            'reports' => MachineRuns::class, 'reports.how' => ReportOutcome::class, 'role' => Role::class,
            'severity' => Severity::class, 'severity.short' => Severity::class, 'source' => SourceKind::class,
            'standing' => HireStatus::class,
        ];
        foreach ($all as $stem => $cases) {
            yield $stem => [$stem, $cases];
        }
    }

    /** @param  class-string<\BackedEnum>  $cases */
    #[DataProvider('casesInWords')]
    public function test_every_case_that_the_interface_puts_in_words_has_them(string $stem, string $cases): void
    {
        $known = Arr::dot(self::interface('en'));
        $keys = array_map(static fn (\BackedEnum $one): string => "{$stem}.{$one->value}", $cases::cases());

        self::assertNotSame([], $keys);
        self::assertSame([], array_values(array_filter($keys, static fn (string $key): bool => ! isset($known[$key]))));
    }

    public function test_every_figure_that_a_model_is_asked_for_has_a_label(): void
    {
        $shelf = $this->app->make(CatalogueRepository::class);
        $examine = $this->app->make(ExamineModel::class);
        $without = [];
        foreach ($shelf->current()->families as $family) {
            foreach ($examine->fields($family->id, array_keys($shelf->featuresToChoose())) as $field) {
                $key = 'models.field.'.implode('.', $field->path);
                if (trans($key) === $key) {
                    $without[$key] = $field->name;
                }
            }
        }

        self::assertSame([], $without);
    }

    public function test_every_text_that_a_walk_or_a_briefing_shows_is_translated_and_no_translation_is_dead(): void
    {
        $shown = [
            'title',
            'how',
            'accept',
            'if_not',
            'do',
            'expect',
            'fail_means',
            'text',
            'why',
            'summary',
            'instruction',
            'caution',
            'asks',
            'direction',
            'describes',
            'label',
            'group',
            'name',
            'reason',
            'followed',
            'followed_why',
            'other',
            'other_why',
            'because',
        ];
        $walked = [];
        $anywhere = [];
        $trees = RealCatalogue::compiled()->trees;
        array_walk_recursive($trees, static function (mixed $text) use (&$anywhere): void {
            $anywhere[(string) $text] = true;
        });
        foreach (RealCatalogue::compiled()->trees as $file => $tree) {
            if (
                preg_match(
                    '#^(checks|states|briefings|families|conditions|findings|qualifications|models|rules)\b#',
                    $file,
                ) === 1
            ) {
                $this->collect($tree, $shown, str_starts_with($file, 'models'), $walked);
            }
        }
        $spanish = require self::ROOT.'/lang/es/catalogue.php';

        self::assertSame([], array_keys(array_diff_key($walked, $spanish)), 'shown on a walk, and not translated');
        self::assertSame(
            [],
            array_keys(array_diff_key($spanish, $anywhere)),
            'translated, and nowhere in the catalogue',
        );
    }

    public function test_a_plan_and_its_verdicts_come_in_the_language_of_the_reader(): void
    {
        $me = $this->as(Role::Technician);
        $this->assertFits($this->putJson('/api/session/preferences', ['language' => 'es'])->assertOk(), 'Session');
        $walk = $this->openWalk();
        $shown = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        $this->assertFits($shown, 'Walk');
        self::assertSame(
            'Lugar de la revisión',
            collect($shown->json('plan.visits'))->flatMap->lines->firstWhere('check', 'hkp-area')['title'],
        );
        self::assertStringContainsString(
            'Place of the inspection',
            (string) json_encode($walk->plan->body),
            'what is stored and hashed stays as it was',
        );
        $this->cross($walk, 'cold_isolated');
        $verdict = $this->send(
            $walk,
            $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'amiss', 'words' => 'Soft ground']),
        )->json('results.0.judgement.verdict.reason');
        self::assertStringStartsWith('No es así: Firme, llano', (string) $verdict);
        self::assertSame(
            'No se encuentra',
            $this->getJson('/api/walks/01890a5d-ac96-774b-bcce-b302099a8057')->json('title'),
        );

        $me->update(['language' => 'en']);
        self::assertSame(
            'Place of the inspection',
            collect($this->getJson("/api/walks/{$walk->id}")->json('plan.visits'))->flatMap->lines->firstWhere(
                'check',
                'hkp-area',
            )['title'],
        );
    }

    public function test_somebody_who_is_not_signed_in_is_answered_in_the_language_of_the_browser(): void
    {
        self::assertSame(
            'Entre primero',
            $this->withHeader('Accept-Language', 'es-ES,es;q=0.9,en;q=0.5')
                ->getJson('/api/day')
                ->assertUnauthorized()
                ->json('title'),
        );
    }

    public function test_no_word_of_the_interface_stands_in_the_source(): void
    {
        $words = [];
        foreach ($this->sources('web/src', '/\.tsx$/') as $file => $source) {
            $bare = (string) preg_replace(['#/\*.*?\*/#s', '#^\s*//.*$#m'], '', $source);
            preg_match_all('/<(?:[a-z][a-z0-9]*|[A-Z]\w*)(?:\s[^<>]*)?>\s*([^<>{}=;&|]+?)\s*<\//', $bare, $between);
            preg_match_all('/\b(?:aria-label|title|alt|placeholder|label)="([^"]+)"/', $bare, $attributes);
            foreach ([...$between[1], ...$attributes[1]] as $text) {
                if (preg_match(self::NO_WORDS, $text) !== 1) {
                    $words[] = "{$file}: {$text}";
                }
            }
        }

        self::assertSame([], $words);
    }

    /**
     * @param array<int|string, mixed> $tree
     * @param list<string> $members
     * @param array<string, true> $into
     */
    private function collect(array $tree, array $members, bool $isModel, array &$into): void
    {
        foreach ($tree as $name => $part) {
            if (is_array($part)) {
                // Names of makers and figures of a model are nobody's to translate.
                $isModel || $this->collect($part, $members, false, $into);
            } elseif (
                is_string($part) &&
                $part !== AnswerKind::Dashboard->value &&
                in_array($name, $isModel ? ['describes'] : $members, true)
            ) {
                $into[$part] = true;
            }
        }
    }

    /** @return array<string, callable(string): array<string, mixed>> */
    private function tables(): array
    {
        $tables = ['web/src/app/texts' => self::interface(...)];
        foreach (glob(self::ROOT.'/lang/en/*.php') ?: [] as $file) {
            $name = basename($file);
            $tables["lang/{$name}"] = static fn (string $language): array => is_file(
                self::ROOT."/lang/{$language}/{$name}",
            )
                ? require self::ROOT."/lang/{$language}/{$name}"
                : [];
        }

        return $tables;
    }

    /** @return array<string, mixed> */
    private static function interface(string $language): array
    {
        [$first, $rest] = [self::words("{$language}.first"), self::words($language)];
        self::assertSame([], array_intersect_key($first, $rest), "{$language}: a word in two files is said by chance.");

        return [...$first, ...$rest];
    }

    /** @return array<string, mixed> */
    private static function words(string $file): array
    {
        return json_decode(
            (string) file_get_contents(self::ROOT."/web/src/app/texts/{$file}.json"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<string> the placeholders of a text, sorted */
    private static function figures(string $text): array
    {
        preg_match_all('/\{\{\w+\}\}|(?<![\w:]):[a-z_]+/', $text, $found);
        sort($found[0]);

        return array_values($found[0]);
    }

    /** @return iterable<string, string> */
    private function sources(string $folder, string $pattern): iterable
    {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(self::ROOT."/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if (preg_match($pattern, $file->getPathname()) === 1) {
                yield substr($file->getPathname(), strlen(self::ROOT) + 1) => (string) file_get_contents(
                    $file->getPathname(),
                );
            }
        }
    }
}
