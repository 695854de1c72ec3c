<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** The fleet and the hirers come from tables that the office has elsewhere. */
final class OfficeTableTest extends YardTestCase
{
    private const HEAD = 'fleet_number,model,serial,bay,year';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Lead);
    }

    public function test_five_hundred_machines_come_in_at_once_and_go_out_as_they_came(): void
    {
        $lines = [self::HEAD];
        for ($n = 1; $n <= 500; $n++) {
            $lines[] = sprintf(
                'Q-%03d,%s,QQ-%05d,"bay %d, left",%s',
                $n,
                $n % 2 === 0 ? 'Dromvik 14C' : 'dromvik_14c',
                $n,
                $n % 9,
                $n % 3 === 0 ? '' : '2019',
            );
        }
        $taken = $this->import('machines', implode("\r\n", $lines))->assertOk();
        $this->assertFits($taken, 'TableImport');
        self::assertSame(['taken' => 500], array_count_values(array_column($taken->json('rows'), 'outcome')));
        self::assertSame(501, Machine::query()->count());

        $out = (string) $this->get('/api/tables/machines')->assertOk()->getContent();
        self::assertStringStartsWith(self::HEAD.",hours\r\n", $out);
        self::assertStringContainsString('Q-002,dromvik_14c,QQ-00002,"bay 2, left",2019', $out);
    }

    public function test_bad_rows_are_told_one_by_one_and_come_back_as_a_table_to_mend(): void
    {
        $table =
            self::HEAD.
            "\nQ-1,dromvik_14c,QQ-1,bay 1,2020\nQ-2,no such,QQ-2,,\n"
                ."Q-1,dromvik_14c,QQ-3,,\nQ-4,dromvik_14c,QQ-1,,\nQ-5,dromvik_14c,QQ-5,,twenty\n,dromvik_14c,QQ-6,,\n";
        $none = $this->import('machines', $table, 'all_or_nothing')->assertOk();
        self::assertSame(
            ['held_back', 'refused', 'refused', 'refused', 'refused', 'refused'],
            array_column($none->json('rows'), 'outcome'),
        );
        self::assertSame(1, Machine::query()->count());

        $some = $this->import('machines', $table, 'each_row')->assertOk();
        self::assertSame('taken', $some->json('rows.0.outcome'));
        self::assertSame(2, Machine::query()->count());
        self::assertStringContainsString('no model "no such"', $some->json('rows.1.words'));
        self::assertArrayHasKey('year', $some->json('rows.4.field'));

        // What comes back is mended and sent again; the column of what was wrong is not read.
        $mend = (string) $some->json('mend');
        self::assertSame(6, substr_count($mend, "\r\n"));
        self::assertStringContainsString('what_is_wrong', $mend);
        $again = $this->import(
            'machines',
            str_replace(['no such', 'twenty'], ['dromvik_14c', '2020'], $mend),
            'each_row',
        )->assertOk();
        self::assertSame(
            ['taken', 'refused', 'refused', 'taken', 'refused'],
            array_column($again->json('rows'), 'outcome'),
        );
    }

    public function test_a_preview_takes_nothing(): void
    {
        $looked = $this->import('machines', self::HEAD."\nQ-1,dromvik_14c,QQ-1,,\n", 'preview')->assertOk();
        self::assertSame(['held_back'], array_column($looked->json('rows'), 'outcome'));
        self::assertSame(1, Machine::query()->count());
    }

    /** Source: RFC 4180 section 2, 6 and 7: quotes, commas and line ends within a cell. */
    public function test_hirers_come_as_spreadsheets_write_them(): void
    {
        $this->as(Role::Counter);
        $table =
            "\xEF\xBB\xBFName;Phone;Mail;Address;Notes\r\n"
                ."\"Heron \"\"Fencing\"\"\";\"'+44 1632 960 111\";heron@fencing.example;Weir Lane;\"Pays late;\nrings first\"\r\nÞóra Ségur;;;;\r\n";
        $taken = $this->import('hirers', $table)->assertOk();
        self::assertSame(
            ['taken', 'taken'],
            array_column($taken->json('rows'), 'outcome'),
            (string) $taken->getContent(),
        );
        $hirer = Customer::query()->where('name', 'Heron "Fencing"')->firstOrFail();
        self::assertSame(['+44 1632 960 111', "Pays late;\nrings first"], [$hirer->phone, $hirer->notes]);

        $out = (string) $this->get('/api/tables/hirers')->assertOk()->getContent();
        self::assertStringContainsString(
            "\"Heron \"\"Fencing\"\"\",\"'+44 1632 960 111\"",
            $out,
            'no cell is a formula',
        );
        $back = $this->import('hirers', $out, 'preview')->assertOk();
        self::assertSame(
            ['refused' => 3],
            array_count_values(array_column($back->json('rows'), 'outcome')),
            'they are here already',
        );
    }

    public function test_the_table_of_another_yard_is_read_once_somebody_said_which_column_is_which(): void
    {
        $theirs = "Asset;Type;Serial number;Colour\nQ-1;dromvik_14c;QQ-1;red\nQ-2;dromvik_14c;QQ-1;blue\n";
        $asked = $this->import('machines', $theirs, 'preview')->assertStatus(422);
        $this->assertFits($asked, 'Problem');
        self::assertSame(['Asset', 'Type', 'Serial number', 'Colour'], $asked->json('table.headings'));
        $columns = array_column($asked->json('table.columns'), null, 'name');
        self::assertSame(
            [3, null],
            [$columns['serial']['place'], $columns['fleet_number']['place']],
            'a label is known',
        );

        $said = ['fleet_number' => 1, 'model' => 2, 'serial' => 3];
        $report = $this->import('machines', $theirs, 'each_row', $said)->assertOk();
        self::assertSame(['taken', 'refused'], array_column($report->json('rows'), 'outcome'), 'one serial twice');
        self::assertSame('QQ-1', Machine::query()->where('fleet_number', 'Q-1')->sole()->serial);
        // What comes back to be mended has our names, and needs no saying again.
        self::assertStringStartsWith('fleet_number,model,serial,what_is_wrong', (string) $report->json('mend'));

        foreach ([['colour' => 4] + $said, ['bay' => 9] + $said, ['bay' => 3] + $said] as $wrong) {
            $this->import('machines', $theirs, 'each_row', $wrong)->assertStatus(422)
                ->assertJsonPath('type', '/problems/table-has-no-such-column');
        }
        unset($said['serial']);
        $this->import('machines', $theirs, 'each_row', $said)->assertStatus(422)
            ->assertJsonPath('type', '/problems/table-lacks-columns');
    }

    public function test_a_table_that_lacks_a_column_or_has_a_strange_one_is_refused_as_a_whole(): void
    {
        $this->import(
            'machines',
            "fleet_number,model\nQ-1,dromvik_14c\n",
        )->assertStatus(422)->assertJsonPath('type', '/problems/table-lacks-columns');
        $this->import(
            'machines',
            self::HEAD.",colour\nQ-1,dromvik_14c,1,,,red\n",
        )->assertStatus(422)->assertJsonPath('type', '/problems/table-has-strange-columns');
        $this->import('machines', self::HEAD."\n")->assertStatus(422)->assertJsonPath(
            'type',
            '/problems/table-is-empty',
        );
        $this->assertFits($this->import('people', 'x')->assertNotFound(), 'Problem');
        $this->as(Role::Counter);
        $this->import('machines', self::HEAD."\nQ-1,dromvik_14c,QQ-1,,\n")->assertForbidden();
    }

    public function test_papers_come_in_with_the_day_in_either_form_and_go_out_as_those_that_count(): void
    {
        $number = $this->machine->fleet_number;
        $table =
            "fleet_number;paper;number;issued_on;valid_until\n{$number};Examination;EX 1;1.6.2026;2026-12-01\n".
            "{$number};examination;EX 2;2026-11-01;01/05/2027\n{$number};insurance;;;31.02.2027\n".
            "{$number};inspection;;2026-11-02;2026-11-01\n"
                ."NO-1;insurance;;;2027-01-01\n{$number};licence;;;2027-01-01\n";
        $some = $this->import('papers', $table, 'each_row')->assertOk();
        $this->assertFits($some, 'TableImport');

        self::assertSame(
            ['taken', 'taken', 'refused', 'refused', 'refused', 'refused'],
            array_column($some->json('rows'), 'outcome'),
        );
        self::assertStringContainsString('no machine "NO-1"', $some->json('rows.4.words'));
        $out = (string) $this->get('/api/tables/papers')->assertOk()->getContent();
        self::assertStringContainsString("{$number},examination,\"EX 2\",2026-11-01,2027-05-01", $out);
        self::assertStringNotContainsString('EX 1', $out);
    }

    public function test_hires_come_in_on_the_yards_clock_and_what_is_in_the_way_refuses_its_row(): void
    {
        $number = $this->machine->fleet_number;
        $table = "fleet_number,hirer,goes_out,comes_back,site\n"
            ."{$number},Saltmarsh Drainage,2027-07-05 07:30,2027-07-09 16:00,Slipway\n"
            ."{$number},Saltmarsh Drainage,08.07.2027 09:00,2027-07-12 16:00,\n"
            ."{$number},Nobody Known,2027-08-05 07:30,2027-08-09 16:00,\n"
            ."{$number},Saltmarsh Drainage,2027-08-09 07:30,2027-08-05 16:00,\n"
            ."{$number},Saltmarsh Drainage,2027-03-28 01:30,2027-03-30 16:00,\n";
        $some = $this->import('hires', $table, 'each_row')->assertOk();

        self::assertSame(
            ['taken', 'refused', 'refused', 'refused', 'refused'],
            array_column($some->json('rows'), 'outcome'),
            'two hires at once, a stranger, an end before the beginning, and the hour that summer time leaves out',
        );
        $booked = Hire::query()->where('site', 'Slipway')->firstOrFail();
        self::assertSame(
            '2027-07-05 06:30',
            $booked->goes_out_at->utc()->format('Y-m-d H:i'),
            'half past seven in summer time',
        );
        $out = (string) $this->get('/api/tables/hires')->assertOk()->getContent();
        self::assertStringContainsString(
            "{$number},\"Saltmarsh Drainage\",\"2027-07-05 07:30\",\"2027-07-09 16:00\"",
            $out,
        );
    }

    public function test_machines_that_are_out_on_the_first_day_come_in_as_out(): void
    {
        $this->travelTo(CarbonImmutable::parse('2027-07-07T08:00:00Z'));
        $this->hire->update(['cancelled_at' => now()]);
        $other = Machine::query()->create([
            'fleet_number' => 'E-9002', 'model_id' => 'dromvik_14c', 'serial' => 'DV-9002',
        ]);
        $table = "fleet_number,hirer,goes_out,comes_back,out_already\n"
            ."{$this->machine->fleet_number},Saltmarsh Drainage,2027-07-05 07:30,2027-07-09 16:00,from the old book\n"
            ."E-9002,Saltmarsh Drainage,2027-07-08 07:30,2027-07-09 16:00,from the old book\n";
        self::assertSame(
            ['held_back', 'refused'],
            array_column($this->import('hires', $table, 'preview')->assertOk()->json('rows'), 'outcome'),
        );
        self::assertSame(
            0,
            LedgerEntry::query()->where('kind', 'hire.out_already')->count(),
            'a preview writes nothing',
        );
        $some = $this->import('hires', $table, 'each_row')->assertOk();

        self::assertSame(['taken', 'refused'], array_column($some->json('rows'), 'outcome'));
        self::assertStringContainsString('begins later', $some->json('rows.1.words'));
        self::assertSame(
            [MachineStanding::Out, null],
            [$this->machine->refresh()->state?->standing, $other->refresh()->state?->standing],
        );
    }

    public function test_a_machine_that_was_bought_used_brings_its_hours_and_what_was_done_to_it(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->as(Role::Lead);
        $machines = self::HEAD.",hours\nQ-7,dromvik_14c,QQ-7,bay 1,2020,\"1204,5\"\nQ-8,dromvik_14c,QQ-8,,,123456.7\n";
        self::assertSame(['taken', 'refused'], $this->outcomes('machines', $machines));
        self::assertSame(['1204.5'], MachineStatus::query()->pluck('smr_hours')->all());
        self::assertSame(
            0,
            Machine::query()->where('fleet_number', 'Q-8')->count(),
            'with its hours, or not at all',
        );

        $this->as(Role::Mechanic);
        $meters = "fleet_number;read_on;hours\nQ-7;1.9.2026;900,0\nQ-7;2026-10-01;1010\nQ-7;2026-11-01;1000\n"
            ."Q-7;2027-01-01;1300\n";
        self::assertSame(['taken', 'taken', 'refused', 'refused'], $this->outcomes('meters', $meters));
        $service = "fleet_number,point,done_on,hours,words\nQ-7,svc-oil,2026-10-01,1010,Filter\n"
            ."Q-7,svc-blades,2026-10-01,,\nQ-7,svc-500,31.02.2026,,\nQ-7,SVC-OIL,2026-10-01,1010,twice\n";
        self::assertSame(['taken', 'refused', 'refused', 'refused'], $this->outcomes('service', $service));

        self::assertStringContainsString(
            'Q-7,svc-oil,2026-10-01,1010.0,Filter',
            (string) $this->get('/api/tables/service')->getContent(),
        );
        self::assertStringContainsString(
            "Q-7,2026-09-01,900.0\r\nQ-7,2026-10-01,1010.0\r\nQ-7,2026-12-01,1204.5",
            (string) $this->get('/api/tables/meters')->getContent(),
        );
        $machine = Machine::query()->where('fleet_number', 'Q-7')->firstOrFail();
        $points = $this->getJson("/api/machines/{$machine->id}/service")->json('points');
        $oil = array_column($points, null, 'id')['svc-oil'];
        self::assertSame(['1260.0', '55.5'], [$oil['due_hours'], $oil['hours_left']]);
        $this->as(Role::Counter);
        $this->import('service', "fleet_number,point,done_on\nQ-7,svc-oil,2026-10-02\n")->assertForbidden();
    }

    public function test_who_may_take_which_table(): void
    {
        $this->as(Role::Technician);
        foreach (['machines', 'hirers', 'hires', 'papers'] as $table) {
            $this->import($table, 'fleet_number')->assertForbidden();
            $this->get("/api/tables/{$table}")->assertForbidden();
        }
    }

    /** @return list<string> what became of each row */
    private function outcomes(string $table, string $csv): array
    {
        return array_column($this->import($table, $csv, 'each_row')->assertOk()->json('rows'), 'outcome');
    }

    /** @param  array<string, int>|null  $places */
    private function import(
        string $table,
        string $csv,
        string $mode = 'all_or_nothing',
        ?array $places = null,
    ): TestResponse {
        $said = $places === null ? [] : ['places' => $places];

        return $this->postJson("/api/tables/{$table}", ['csv' => $csv, 'mode' => $mode] + $said);
    }
}
