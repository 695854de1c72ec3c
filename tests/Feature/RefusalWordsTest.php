<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Problems\Problem;
use App\Presenters\PresentRefusal;
use Brick\Math\BigRational;
use FilesystemIterator;
use Illuminate\Support\Arr;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\NotInTheCatalogue;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Fault\NoSuchCode;
use JadeLedger\Core\Hire\HireEndsBeforeItBegins;
use JadeLedger\Core\Limits\Platform\ChartIsNoArea;
use JadeLedger\Core\Limits\Power\NothingRan;
use JadeLedger\Core\Limits\Transport\OneAxleIsNoGroup;
use JadeLedger\Core\Paper\NotADate;
use JadeLedger\Core\Quantity\NotANumber;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\SlopeOutOfRange;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitsDoNotMatch;
use JadeLedger\Core\Quantity\UnknownUnit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandsOutOfOrder;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Fluids\LevelMarks;
use JadeLedger\Core\Reading\Fluids\MarksOutOfOrder;
use JadeLedger\Core\Reading\OutsideTheTable;
use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;
use JadeLedger\Core\Spread\FinerThanTheCoin;
use JadeLedger\Core\Spread\NothingToCharge;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\SheetEndsBeforeItBegins;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\Support\RealCatalogue;
use Tests\Support\YardTestCase;

/** What a rule says no with is read by people: in their language, and the same as its message. */
final class RefusalWordsTest extends YardTestCase
{
    /** @return iterable<string, array{string, Sentence}> message and sentence */
    public static function sentences(): iterable
    {
        foreach (self::refusals() as $refused) {
            yield $refused->why()->key => [$refused->getMessage(), $refused->why()];
        }
        // What is no refusal and is told to the lead who writes a model down.
        $level = static fn (int $at): Quantity => Quantity::of($at, Unit::Millimetre);
        $wrong = [
            static fn () => new LevelMarks($level(0), $level(30), $level(20), $level(48)),
            static fn () => Bands::rising(Band::upTo($level(20), Edge::Included, Outcome::Stop, 'one')),
            static fn () => Bands::rising(
                Band::andAbove(Outcome::Stands, 'one'),
                Band::andAbove(Outcome::Stop, 'two'),
            ),
        ];
        foreach ($wrong as $write) {
            try {
                $write();
            } catch (BandsOutOfOrder|MarksOutOfOrder $mistake) {
                yield $mistake->why->key => [$mistake->getMessage(), $mistake->why];
            }
        }
    }

    /** @return list<Refused> */
    private static function refusals(): array
    {
        $checks = RealCatalogue::get()->checks;
        [$gate] = array_values(array_filter($checks, static fn (Check $one): bool => $one->standsBefore !== null));
        [$plain] = array_values(array_filter($checks, static fn (Check $one): bool => $one->standsBefore === null));
        $all = [
            LimitNotKnown::ofModel('dromvik_8c', 'def'),
            NoSuchCode::failureMode(32),
            NoSuchCode::parameter(-1),
            NoSuchCode::bytes('xyz'),
            HireEndsBeforeItBegins::always(),
            ChartIsNoArea::tooFew(2),
            ChartIsNoArea::empty(),
            ChartIsNoArea::crosses(1, 3),
            NothingRan::atAll(),
            OneAxleIsNoGroup::count(1),
            NotADate::written('2026-02-30'),
            NotANumber::text('ten'),
            SlopeOutOfRange::degrees(90.0),
            SlopeOutOfRange::percent(-1.0),
            SlopeOutOfRange::oneIn(0.0),
            UnitsDoNotMatch::between(Unit::Litre, Unit::Millimetre),
            UnknownUnit::named('furlong'),
            OutsideTheTable::of(BigRational::of('12.34')),
            FinerThanTheCoin::of('GBP', 2),
            NothingToCharge::atAll(),
            NoSafeOrder::among('running', ['egg', 'hen']),
            NoSafeOrder::inACircle(['egg', 'hen']),
            NoSafeOrder::betweenStates(['egg', 'hen']),
            NoSafeOrder::inNoState($plain),
            NoSafeOrder::inNoState($gate),
            NoSafeOrder::placeNowhere('egg', 'poultry'),
            SheetEndsBeforeItBegins::always(),
        ];
        foreach (
            ['check', 'condition', 'family', 'kind of finding', 'model', 'need', 'stage', 'station'] as $what
        ) {
            $all[] = NotInTheCatalogue::named($what, 'egg');
        }

        return $all;
    }

    #[DataProvider('sentences')]
    public function test_a_sentence_says_in_english_what_the_message_says(string $message, Sentence $why): void
    {
        self::assertSame($message, PresentRefusal::sentence($why));
    }

    #[DataProvider('sentences')]
    public function test_a_sentence_is_said_in_the_language_of_whoever_asked(string $message, Sentence $why): void
    {
        app()->setLocale('es');
        $said = PresentRefusal::sentence($why);

        self::assertNotSame($message, $said);
        self::assertStringNotContainsString('verdicts.', $said);
        self::assertDoesNotMatchRegularExpression('/:[a-z]/', $said, 'a figure is not filled in');
    }

    public function test_what_a_rule_says_no_to_is_answered_with_its_sentence(): void
    {
        app()->setLocale('es');

        self::assertSame(
            'GBP tiene 2 decimales. Escriba el importe sin más.',
            Problem::ofRule(FinerThanTheCoin::of('GBP', 2))->detail,
        );
    }

    public function test_every_refusal_of_the_core_and_every_sentence_is_tried(): void
    {
        $tried = array_map(static fn (Refused $one): string => $one::class, self::refusals());
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(base_path('core'), FilesystemIterator::SKIP_DOTS),
        );
        $there = [];
        foreach ($files as $file) {
            if (str_contains((string) file_get_contents($file->getPathname()), ' extends Refused')) {
                $there[] = $file->getBasename('.php');
            }
        }
        $named = static fn (string $class): string => substr((string) strrchr($class, '\\'), 1);

        self::assertEqualsCanonicalizing($there, array_values(array_unique(array_map($named, $tried))));
        self::assertEqualsCanonicalizing(
            array_keys(Arr::dot((array) trans('verdicts.refusals'))),
            array_keys(iterator_to_array(self::sentences())),
        );
    }
}
