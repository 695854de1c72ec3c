<?php

declare(strict_types=1);

namespace Tests\Core\Telematics;

use JadeLedger\Core\Fault\AlertLevel;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\FleetSnapshot;
use JadeLedger\Core\Telematics\GlobePosition;
use JadeLedger\Core\Telematics\HoursText;
use JadeLedger\Core\Telematics\ReportedFault;
use JadeLedger\Core\Telematics\SnapshotIsUnreadable;
use JadeLedger\Core\Telematics\SnapshotNode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;

/** Fleet snapshots as providers send them, against the published samples; and what must not be read. */
final class FleetSnapshotTest extends TestCase
{
    private const EQUIPMENT = '<Equipment><EquipmentHeader><EquipmentID>E-14</EquipmentID></EquipmentHeader>%s'
        .'</Equipment>';

    private const HOURS = '<CumulativeOperatingHours datetime="%s"><Hour>%s</Hour></CumulativeOperatingHours>';

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function samples(): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            if (in_array($entry['fn'], ['iso15143_xml_get', 'iso15143_json_get'], true)) {
                foreach ($entry['examples'] as $example) {
                    yield "{$example['id']}: {$entry['source']}" => [
                        $entry['sample']['text'], $example['inputs'], $example['expected'],
                    ];
                }
            }
        }
    }

    /**
     * @param array{path: string} $in
     * @param array<string, string|float> $expected
     */
    #[DataProvider('samples')]
    public function test_the_published_samples_are_read(string $body, array $in, array $expected): void
    {
        self::assertSame((string) array_values($expected)[0], SnapshotNode::of($body)->text($in['path']));
    }

    /** @return iterable<string, array{string, float}> */
    public static function durations(): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            foreach ($entry['fn'] === 'duration_hours' ? $entry['examples'] : [] as $example) {
                yield "{$example['id']}: {$entry['source']}" => [
                    $example['inputs']['text'], $example['expected']['hours'],
                ];
            }
        }
    }

    #[TestWith(['10000000'])]
    #[TestWith(['P500000D'])]
    #[TestWith(['1.0E+7'])]
    #[TestWith(['PT'])]
    #[TestWith(['-5'])]
    public function test_what_no_counter_shows_is_no_hours(string $text): void
    {
        self::assertNull(HoursText::read($text));
    }

    #[DataProvider('durations')]
    public function test_a_duration_is_so_many_hours(string $text, float $hours): void
    {
        $read = HoursText::read($text);

        self::assertNotNull($read);
        self::assertEqualsWithDelta(
            $hours,
            $read->in(Unit::Hour)->decimal(9, \Brick\Math\RoundingMode::HALF_UP)->toFloat(),
            1e-6,
        );
    }

    /** @return iterable<string, array{array<string, float>, float}> */
    public static function distances(): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            foreach ($entry['fn'] === 'haversine_km' ? $entry['examples'] : [] as $example) {
                yield "{$example['id']}: {$entry['source']}" => [$example['inputs'], $example['expected']['km']];
            }
        }
    }

    /** @param  array<string, float>  $in */
    #[DataProvider('distances')]
    public function test_the_way_over_the_ground(array $in, float $kilometres): void
    {
        $place = static fn (int $at): GlobePosition => GlobePosition::read(
            (string) $in["lat{$at}"],
            (string) $in["lon{$at}"],
        )
            ?? self::fail('There is no such place.');

        self::assertEqualsWithDelta($kilometres, $place(1)->kilometresTo($place(2), $in['radius_km']), 0.001);
    }

    public function test_the_published_sample_says_the_same_as_xml_and_as_json(): void
    {
        $texts = array_values(array_unique(array_column(iterator_to_array(self::samples()), 0)));
        self::assertCount(2, $texts);
        foreach ($texts as $text) {
            $machine = FleetSnapshot::read($text)->machines[0];
            self::assertSame(
                ['JL-0042', ['EX80-00123', 'EXA00080KLE000123'], '1234.5', '2025-03-03T05:58:00+00:00', false],
                [
                    $machine->fleetNumber, $machine->serials, $machine->hours?->hours->text(),
                    $machine->hours?->at->format(DATE_ATOM), $machine->isRunning,
                ],
            );
        }
    }

    #[TestWith(['', 'neither'])]
    #[TestWith(['Service unavailable', 'neither'])]
    #[TestWith(['<Fleet><Equipment>', 'well-formed'])]
    #[TestWith(['{"Fleet":', 'well-formed'])]
    #[TestWith(['<html><body>Sign in</body></html>', 'no equipment'])]
    #[TestWith(['[]', 'no equipment'])]
    #[TestWith([
        '<!DOCTYPE f [<!ENTITY x SYSTEM "file:///etc/hostname">]><Fleet version="1"><a>&x;</a></Fleet>',
        'document type',
    ])]
    public function test_what_is_no_snapshot_is_said(string $body, string $why): void
    {
        $this->expectException(SnapshotIsUnreadable::class);
        $this->expectExceptionMessage($why);

        FleetSnapshot::read($body);
    }

    public function test_a_tree_without_end_is_refused(): void
    {
        $this->expectException(SnapshotIsUnreadable::class);

        FleetSnapshot::read('<Fleet version="1">'.str_repeat('<a>', 200).str_repeat('</a>', 200).'</Fleet>');
    }

    #[TestWith(['<FuelRemaining><Percent>255</Percent></FuelRemaining>'])]
    #[TestWith(['<FuelRemaining><Percent>-1</Percent></FuelRemaining>'])]
    #[TestWith(['<FuelRemaining><Percent>full</Percent></FuelRemaining>'])]
    #[TestWith(['<Location><Latitude>91</Latitude><Longitude>0</Longitude></Location>'])]
    #[TestWith(['2026-11-27T06:00:00Z NaN'])]
    #[TestWith(['yesterday 12.5'])]
    #[TestWith(['2026-13-40T06:00:00Z 12.5'])]
    #[TestWith(['<EngineStatus><Running>maybe</Running></EngineStatus>'])]
    public function test_what_cannot_be_is_no_figure(string $element): void
    {
        $machine = FleetSnapshot::read(
            '<Fleet version="1">'.sprintf(self::EQUIPMENT, $element).'</Fleet>',
        )->machines[0];

        self::assertSame(
            [null, null, null, null],
            [$machine->fuelPercent, $machine->position, $machine->hours, $machine->isRunning],
        );
    }

    public function test_the_next_page_is_named_by_its_link(): void
    {
        $links = '<Links><Rel>Self</Rel><Href>/Fleet/1</Href></Links>'
            .'<Links><Rel>Next</Rel><Href>/Fleet/2</Href></Links>';

        self::assertSame('/Fleet/2', FleetSnapshot::read("<Fleet version=\"1\">{$links}</Fleet>")->nextPage);
    }

    /** Levels from the alert table of the published values (SAE J1939-73 names, levels our own convention). */
    #[TestWith(['SPN 100 FMI 1', AlertLevel::StopNow])]
    #[TestWith(['100-1', AlertLevel::StopNow])]
    #[TestWith(['110/0', AlertLevel::StopNow])]
    #[TestWith(['639 2', AlertLevel::Aware])]
    #[TestWith(['1569-16', AlertLevel::StopSoon])]
    #[TestWith(['P0420', AlertLevel::Aware])]
    #[TestWith(['999999-1', AlertLevel::Aware])]
    public function test_a_fault_has_the_level_of_its_code(string $identifier, AlertLevel $level): void
    {
        self::assertSame($level, ReportedFault::of($identifier, null)->level());
    }
}
