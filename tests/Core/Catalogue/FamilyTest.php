<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Catalogue\BriefingKind;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Part;
use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Catalogue\StationKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** What every family of the catalogue has to be for a walk round it to make sense. */
final class FamilyTest extends TestCase
{
    /** How far a drawn part may stand out of the outline, in centimetres: a tooth, a mirror, a tiller. */
    private const STANDS_OUT = 60.0;

    /** @return iterable<string, array{Family}> */
    public static function families(): iterable
    {
        foreach (RealCatalogue::get()->families as $family) {
            yield $family->name => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_the_walk_begins_with_the_papers_and_ends_at_the_controls(Family $family): void
    {
        $standings = array_map(static fn ($station): StationKind => $station->standing, $family->stations);

        self::assertSame(StationKind::StartCorner, $standings[0]);
        self::assertSame(StationKind::Seat, $standings[count($standings) - 1]);
        self::assertCount(
            1,
            array_filter($standings, static fn (StationKind $standing): bool => $standing === StationKind::Seat),
        );
    }

    #[DataProvider('families')]
    public function test_feet_stand_beside_the_machine_and_never_on_it(Family $family): void
    {
        foreach ($family->stations as $station) {
            if ($station->standing === StationKind::Beside) {
                self::assertNotNull($station->stands, $station->id);
                self::assertFalse($family->outline->holds($station->stands), "{$station->id} stands in the machine");
            }
        }
    }

    #[DataProvider('families')]
    public function test_each_place_is_reached_from_one_station_and_each_station_has_an_id_of_its_own(
        Family $family,
    ): void {
        $places = array_merge(...array_map(static fn ($station): array => $station->places, $family->stations));
        $ids = array_map(static fn ($station): string => $station->id, $family->stations);

        self::assertSame(array_values(array_unique($places)), $places);
        self::assertSame(array_values(array_unique($ids)), $ids);
    }

    #[DataProvider('families')]
    public function test_each_part_that_a_station_points_at_is_drawn_and_lies_on_the_machine(Family $family): void
    {
        $parts = array_column($family->parts, null, 'id');
        self::assertCount(count($family->parts), $parts, 'a part is named twice');
        foreach ($family->stations as $station) {
            self::assertTrue(
                $station->part === null || isset($parts[$station->part]),
                "{$station->id} points at {$station->part}",
            );
        }
        $outline = $family->outline->widenedBy(self::STANDS_OUT);
        foreach ($family->parts as $part) {
            self::assertLessThan($part->box->right, $part->box->left, $part->id);
            self::assertLessThan($part->box->bottom, $part->box->top, $part->id);
            self::assertTrue(
                $outline->holds(new Point($part->box->left, $part->box->top)) &&
                    $outline->holds(new Point($part->box->right, $part->box->bottom)),
                "{$part->id} lies beside the machine",
            );
        }
    }

    #[DataProvider('families')]
    public function test_a_tap_on_the_middle_of_a_part_finds_a_part_that_is_not_larger(Family $family): void
    {
        foreach ($family->parts as $part) {
            $hit = $family->partAt(
                new Point(($part->box->left + $part->box->right) / 2, ($part->box->top + $part->box->bottom) / 2),
            );

            self::assertInstanceOf(Part::class, $hit);
            self::assertLessThanOrEqual($part->box->area(), $hit->box->area(), $part->id);
        }
    }

    #[DataProvider('families')]
    public function test_what_the_drawing_names_is_drawn_by_the_interface(Family $family): void
    {
        $folder = __DIR__.'/../../../web/src/plans';
        $drawings = (string) file_get_contents("{$folder}/drawings.ts");
        $drawn = "/\\b{$family->drawing}: \\(\\) => \\(\\{\\s+plan: (\\w+)\\(/";
        self::assertMatchesRegularExpression($drawn, $drawings);
        preg_match($drawn, $drawings, $function);
        preg_match("/import \\{[^}]*\\b{$function[1]}\\b[^}]*\\} from '\\.\\/(\\w+)'/", $drawings, $file);
        $code = (string) file_get_contents("{$folder}/{$file[1]}.ts").(string) file_get_contents("{$folder}/parts.ts");
        foreach (array_filter(array_map(static fn ($station): ?string => $station->part, $family->stations)) as $part) {
            self::assertStringContainsString(
                "'{$part}'",
                $code,
                "the drawing of {$family->id} does not name {$part}, so it cannot be marked",
            );
        }
    }

    #[DataProvider('families')]
    public function test_the_customer_is_told_how_to_start_and_how_to_stop_it(Family $family): void
    {
        $catalogue = RealCatalogue::get();
        foreach (
            array_filter(
                $catalogue->models,
                static fn (MachineModel $model): bool => $model->familyId === $family->id,
            ) as $model
        ) {
            $kinds = array_map(
                static fn (BriefingStep $step): BriefingKind => $step->kind,
                (new ComposeBriefing($catalogue))->for($model),
            );

            self::assertGreaterThanOrEqual(
                3,
                count(array_filter($kinds, static fn (BriefingKind $kind): bool => $kind === BriefingKind::Startup)),
                $model->id,
            );
            self::assertGreaterThanOrEqual(
                3,
                count(array_filter($kinds, static fn (BriefingKind $kind): bool => $kind === BriefingKind::Shutdown)),
                $model->id,
            );
        }
    }
}
