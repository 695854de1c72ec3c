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
use JadeLedger\Core\Quantity\SlopeOutOfRange;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitsDoNotMatch;
use JadeLedger\Core\Quantity\UnknownUnit;
use JadeLedger\Core\Reading\OutsideTheTable;
use JadeLedger\Core\Refused;
use JadeLedger\Core\Spread\FinerThanTheCoin;
use JadeLedger\Core\Spread\NothingToCharge;
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
    /** @return iterable<string, array{Refused}> */
    public static function refusals(): iterable
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
        foreach ($all as $refused) {
            yield $refused->why()->key => [$refused];
        }
    }

    #[DataProvider('refusals')]
    public function test_a_refusal_says_in_english_what_its_message_says(Refused $refused): void
    {
        self::assertSame($refused->getMessage(), PresentRefusal::words($refused));
    }

    #[DataProvider('refusals')]
    public function test_a_refusal_is_answered_in_the_language_of_whoever_asked(Refused $refused): void
    {
        app()->setLocale('es');
        $answer = Problem::ofRule($refused);

        self::assertNotSame($refused->getMessage(), $answer->detail);
        self::assertStringNotContainsString('verdicts.', $answer->detail);
        self::assertDoesNotMatchRegularExpression('/:[a-z]/', $answer->detail, 'a figure is not filled in');
    }

    public function test_every_refusal_of_the_core_and_every_sentence_is_tried(): void
    {
        $tried = array_map(static fn (array $one): string => $one[0]::class, iterator_to_array(self::refusals()));
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
            array_keys($tried),
        );
    }
}
