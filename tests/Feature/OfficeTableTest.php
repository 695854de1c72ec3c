<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Machine;
use App\Models\Role;
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
        self::assertStringStartsWith(self::HEAD."\r\n", $out);
        self::assertStringContainsString('Q-002,dromvik_14c,QQ-00002,"bay 2, left",2019', $out);
    }

    public function test_bad_rows_are_told_one_by_one_and_come_back_as_a_table_to_mend(): void
    {
        $table = self::HEAD."\nQ-1,dromvik_14c,QQ-1,bay 1,2020\nQ-2,no such,QQ-2,,\nQ-1,dromvik_14c,QQ-3,,\nQ-4,dromvik_14c,QQ-1,,\nQ-5,dromvik_14c,QQ-5,,twenty\n,dromvik_14c,QQ-6,,\n";
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
        $table = "\xEF\xBB\xBFName;Phone;Mail;Address;Notes\r\n\"Heron \"\"Fencing\"\"\";\"'+44 1632 960 111\";heron@fencing.example;Weir Lane;\"Pays late;\nrings first\"\r\nÞóra Ségur;;;;\r\n";
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

    private function import(string $table, string $csv, string $mode = 'all_or_nothing'): TestResponse
    {
        return $this->postJson("/api/tables/{$table}", ['csv' => $csv, 'mode' => $mode]);
    }
}
