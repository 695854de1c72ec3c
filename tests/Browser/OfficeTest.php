<?php

declare(strict_types=1);

namespace Tests\Browser;

use Carbon\CarbonImmutable;
use Tests\Support\BrowserTestCase;
use Tests\Support\Tablet;

/** The counter books, changes and cancels; what is in the way is said. */
final class OfficeTest extends BrowserTestCase
{
    public function test_a_hire_is_booked_extended_swapped_and_cancelled(): void
    {
        $this->addExcavators('E-71', 'E-72');
        $this->signIn('juno');
        $this->tap('new-hire');
        $this->type('hirer-field', 'Orr');
        $this->tap('hirer-Orrery Yard Build');
        $this->type('machine-field', 'E-71');
        $this->tap('take-E-71');
        $this->waitForText(self::named('in-the-way'), 'Nothing');
        $this->tap('book');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('book')), 'The hire is not booked.');

        // The same machine in the same days: it is said, and another one is offered.
        $this->tap('new-hire');
        $this->type('hirer-field', 'Orr');
        $this->tap('hirer-Orrery Yard Build');
        $this->type('machine-field', 'E-71');
        $this->tap('take-E-71');
        $this->waitForText(self::named('in-the-way'), 'has it in these days');
        $this->picture('in-the-way');
        $this->assertAccessible();
        self::assertNotNull($this->wait(self::named('book'))->getAttribute('disabled'));
        $this->tap('instead-E-72');
        $this->waitForText(self::named('in-the-way'), 'Nothing');
        $this->tap('site-people-yes');
        $this->tap('site-soft-unknown');
        $this->tap('book');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('book')), 'The hire is not booked.');

        $this->open('/app/fleet');
        $this->tap('machine-E-72');
        $this->tap('add-paper');
        $this->type('paper-number', 'TE 4411');
        $this->tap('record-paper');
        $this->waitForText('.leaf', 'A date is missing');
        $this->web->manage()->getLog('browser');
        $this->tap('paper-manual');
        $this->picture('paper');
        $this->assertAccessible();
        $this->tap('record-paper');
        $this->waitForText(self::named('papers'), 'TE 4411');
        $this->picture('machine-papers');
        $this->press($this->wait('[data-testid^="change-"]'));
        $this->wait(self::named('keep-hire'));
        // What was said of the place at the booking is there, and what nobody knew is asked.
        $this->waitForText('.limits-cautions', 'Close the area off');
        $this->waitForText('.limits-cautions', 'Ask what the ground carries');
        $this->picture('change-hire');
        $this->assertAccessible();
        $this->type('why', 'Rain all week');
        $this->hold('cancel-hire');
        $this->waitForText('.machine-folios', 'cancelled');
        $this->assertConsoleIsClean();
    }

    public function test_a_machine_at_the_gate_gets_its_hirer_afterwards_and_another_one_in_its_place(): void
    {
        $this->addExcavators('E-73', 'E-74');
        $this->signIn('rafe', '/app/fleet');
        $this->tap('machine-E-73');
        $this->tap('report-found');
        $this->type('found-reason', 'A lorry left it at the gate at six');
        $this->assertAccessible();
        $this->hold('found');
        $this->waitForText('.machine-folios', 'Not known yet');

        $this->signIn('juno', '/app/fleet');
        $this->tap('machine-E-73');
        $this->press($this->wait('[data-testid^="change-"]'));
        $this->type('hirer-field', 'Orr');
        $this->tap('hirer-Orrery Yard Build');
        $this->tap('name-hirer');
        $this->waitForText('.leaf', 'Orrery Yard Build');
        $this->tap('replace-open');
        // It was due back when it was found: days for another one are said, or it is told that there are none.
        $this->type('machine-field', 'E-74');
        $this->tap('take-E-74');
        $this->waitForText('.leaf', 'The hire ends before it begins');
        $this->web->manage()->getLog('browser');
        $this->assertConsoleIsClean();
    }

    public function test_machines_come_from_a_table_and_what_is_refused_comes_back(): void
    {
        $file = sys_get_temp_dir().'/jade-machines.csv';
        file_put_contents(
            $file,
            "fleet_number,model,serial,bay,year\nQ-901,Dromvik 14C,QQ-901,bay 9,2020\nQ-902,Nobody 1,QQ-902,,\n",
        );
        $this->signIn('dilys', '/app/fleet');
        $this->tap('from-table');
        $this->wait(self::named('preview-table'));
        $this->web->findElement(
            \Facebook\WebDriver\WebDriverBy::cssSelector(self::named('table-file')),
        )->sendKeys($file);
        $this->tap('preview-table');
        $this->waitForText(self::named('table-report'), '0 taken, 1 would be, 1 refused');
        $this->picture('table');
        $this->assertAccessible();
        $this->tap('table-each_row');
        $this->hold('import-table');
        $this->waitForText(self::named('table-report'), '1 taken, 0 would be, 1 refused');
        self::assertStringContainsString(
            'what_is_wrong',
            urldecode((string) $this->wait(self::named('mend'))->getAttribute('href')),
        );
        // The table of another yard: which of its columns is which is said once, by hand.
        unlink($file);
        $file = sys_get_temp_dir().'/jade-machines-of-theirs.csv';
        file_put_contents($file, "Asset;Type;Serial number;Colour\nQ-903;Dromvik 14C;QQ-903;red\n");
        $this->web->findElement(
            \Facebook\WebDriver\WebDriverBy::cssSelector(self::named('table-file')),
        )->sendKeys($file);
        $this->tap('preview-table');
        foreach (['Fleet number' => 'Asset', 'Model' => 'Type'] as $ours => $theirs) {
            $this->tapOn("[role=\"combobox\"][aria-label=\"{$ours}\"]");
            $this->tapOn("[role=\"option\"][data-heading=\"{$theirs}\"]");
            $this->waitUntil(fn (): bool => ! $this->exists('[role="option"]'), 'The list stays.');
        }
        $this->waitForText(self::named('unread'), 'Not read: Colour.');
        $this->assertAccessible();
        // With no network it says so at once, and what was said of the columns stays.
        $this->network(false);
        $this->tap('preview-table');
        $this->waitForText('.leaf', 'No network');
        $this->network(true);
        $this->waitForText(self::named('unread'), 'Not read: Colour.');
        $this->hold('import-table');
        $this->waitForText(self::named('table-report'), '1 taken, 0 would be, 0 refused');
        unlink($file);
    }

    public function test_a_hirer_who_was_entered_twice_becomes_one(): void
    {
        $this->signIn('juno');
        $this->tapOn('.tabs a[href$="/hirers"]');
        $this->waitForText('h1', 'Hirers');
        $this->tap('add-hirer');
        $this->type('hirer-of-name', 'Salt Marsh Ltd');
        $this->type('hirer-of-phone', '01632 960 140');
        $this->tap('keep-hirer');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('keep-hirer')), 'The hirer is not entered.');
        $this->type('hirers-search', 'salt');
        self::assertSame('salt', $this->wait(self::named('hirers-search'))->getAttribute('value'), 'no letter is lost');
        $this->wait(self::named('open-hirer-Salt Marsh Ltd'));
        $this->picture('hirers');
        $this->assertAccessible();

        $this->tap('open-hirer-Salt Marsh Ltd');
        $this->waitForText('.leaf', 'Nothing was hired yet');
        $this->type('hirer-field', 'Saltm');
        $this->tap('hirer-Saltmarsh Drainage');
        $this->picture('hirer');
        $this->assertAccessible();
        $this->hold('merge-hirer');
        $this->waitForText(self::named('also'), 'Salt Marsh Ltd');
        $this->waitForText('.leaf h2', 'Saltmarsh Drainage');
        self::assertFalse($this->exists(self::named('open-hirer-Salt Marsh Ltd')));
        $this->assertConsoleIsClean();
    }

    public function test_a_stroke_on_the_keyboard_finds(): void
    {
        $this->signIn('juno');
        $this->web->getKeyboard()->sendKeys('/');
        $this->wait(self::named('find-field'));
        $this->type('find-field', 'saltm');
        $this->waitForText(self::named('found'), 'Saltmarsh Drainage');
        $this->picture('find');
        $this->assertAccessible();
        $this->typeAnew('find-field', 'E-14');
        $this->waitForText(self::named('found'), '14 t excavator');
        $this->tapOn('.found a');
        $this->waitForText('h1', 'E-14');
    }

    public function test_the_days_before_and_after_are_turned_to(): void
    {
        $this->signIn('juno');
        $today = $this->text('h1');
        $this->resize(800, 1280);
        $this->picture('day-portrait');
        $this->resize(1280, 800);
        $day = CarbonImmutable::now('Europe/London');
        $this->tap('day-after');
        $this->waitForText('h1', $day->addDay()->format('l j F'));
        $this->wait('.book');
        $this->picture('day-after');
        $this->assertAccessible();
        $this->tap('day-before');
        $this->waitForText('h1', $today);
        $step = $this->wait(self::named('day-before'))->getLocation()->getX();
        $this->tap('day-before');
        $this->waitForText('h1', $day->subDay()->format('l j F'));
        self::assertSame(
            $step,
            $this->wait(self::named('day-before'))->getLocation()->getX(),
            'the step went from under the finger',
        );
        $this->tap('day-today');
        $this->waitForText('h1', $today);
        if ($this->exists(self::named('before-today'))) {
            $this->picture('before-today');
        }
    }

    public function test_a_paper_is_kept_from_a_pdf_and_a_broken_one_is_told(): void
    {
        $this->addExcavators('E-75');
        $file = sys_get_temp_dir().'/jade-manual.pdf';
        file_put_contents($file, 'no paper at all');
        $this->tap('add-paper');
        $this->tap('paper-manual');
        $choose = fn () => $this->web->findElement(
            \Facebook\WebDriver\WebDriverBy::cssSelector(self::named('pdf')),
        )->sendKeys($file);
        $choose();
        $this->waitForText('.pdf-field', 'cannot be read');

        $paper = new \TCPDF;
        for ($page = 1; $page <= 8; $page++) {
            $paper->AddPage();
            $paper->Write(12, "Operator's manual, page {$page}");
        }
        file_put_contents($file, $paper->Output('', 'S'));
        $choose();
        $this->waitForText('.pdf-field', '2 pages were left out: 6 are kept.');
        $this->picture('paper-pdf');
        $this->assertAccessible();
        $this->tap('record-paper');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('record-paper')), 'The paper is not kept.');
        $this->waitUntil(
            fn (): bool => count($this->web->findElements(
                \Facebook\WebDriver\WebDriverBy::cssSelector('.paper-pages img'),
            )) === 6,
            'Its pages do not stand at the machine.',
        );
        $this->assertConsoleIsClean();
        unlink($file);
    }

    public function test_a_hire_promised_with_no_network_stands_beside_another_until_the_lead_settles_it(): void
    {
        $this->addExcavators('E-81');
        $this->signIn('juno');
        $this->tap('new-hire');
        $this->type('hirer-field', 'Orr');
        $this->tap('hirer-Orrery Yard Build');
        $this->type('machine-field', 'E-81');
        $this->wait(self::named('take-E-81'));
        $this->network(false);
        $this->tap('take-E-81');
        $this->waitForText(self::named('out-of-reach'), 'no network');
        $this->picture('booking-out-of-reach');
        $this->assertAccessible();
        $this->tap('book');
        $this->waitForText(self::named('kept-booking'), 'E-81 for Orrery Yard Build');
        $this->assertAccessible();

        $this->bookAtAnotherDesk('E-81');
        $this->web->manage()->getLog('browser');
        $this->network(true);
        $this->waitUntil(
            fn (): bool => ! $this->exists(self::named('kept-booking')),
            'What was kept is not booked.',
        );

        $this->signIn('dilys');
        $this->tap('day-after');
        $this->waitForText(self::named('open-out-E-81'), 'Two bookings');
        $this->tap('open-out-E-81');
        $this->waitForText(self::named('contested'), 'has this machine on the same days');
        $this->picture('two-bookings');
        $this->assertAccessible();
        $this->type('why', 'Rung, takes another day');
        $this->hold('cancel-hire');
        $this->waitUntil(
            fn (): bool => ! str_contains($this->text('.book'), 'Two bookings'),
            'It is still contested.',
        );
        $this->assertConsoleIsClean();
    }

    /** For tomorrow, as the form proposes it. */
    private function bookAtAnotherDesk(string $number): void
    {
        $desk = new Tablet((string) getenv('BROWSER_URL'));
        $desk->signIn('dilys', 'tern-quay');
        $read = static fn (string $path): array => (array) json_decode((string) $desk->get($path)->getBody(), true);
        $day = CarbonImmutable::now('Europe/London')->addDay()->format('Y-m-d');
        $booked = $desk->post('/api/hires', [
            'machine_id' => $read("/api/machines?search={$number}")['machines'][0]['id'],
            'hirer_id' => $read('/api/hirers?search=Plover')['hirers'][0]['id'],
            'goes_out' => "{$day}T09:00",
            'comes_back' => "{$day}T15:00",
        ]);
        self::assertSame(201, $booked->getStatusCode(), (string) $booked->getBody());
    }

    private function addExcavators(string ...$numbers): void
    {
        $this->signIn('dilys');
        foreach ($numbers as $number) {
            $this->open('/app/fleet');
            $this->tap('add-machine');
            $this->type('model-field', 'Dromvik 14C');
            $this->tap('model-dromvik_14c');
            $this->type('fleet_number', $number);
            $this->type('serial', "DV14-{$number}");
            $this->tap('keep-machine');
            $this->waitForText('h1', $number);
        }
    }
}
