<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Filesystem\Filesystem;
use Tests\Support\ApartStack;
use Tests\Support\BrowserTestCase;

/** From an installation with nobody and nothing in it to the first walk, without a command line. */
final class FirstDayTest extends BrowserTestCase
{
    private static ApartStack $yard;

    private static string $before;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        $folder = dirname(__DIR__, 2).'/storage/test-first-day';
        (new Filesystem)->deleteDirectory($folder);
        self::$yard = ApartStack::start($folder, 8298, 23298);
        self::$before = (string) getenv('BROWSER_URL');
        putenv('BROWSER_URL='.self::$yard->url);
    }

    public static function tearDownAfterClass(): void
    {
        putenv('BROWSER_URL='.self::$before);
        self::$yard->stop();
        parent::tearDownAfterClass();
    }

    public function test_a_yard_is_opened_entered_and_walked(): void
    {
        $this->open('/app');
        $this->wait('.open-yard');
        $this->assertAccessible();
        foreach ([
            'name' => 'Heron Reach Hire',
            'place' => 'Heron Reach',
            'lead.name' => 'Orla Quill',
            'lead.initials' => 'OQ',
            'lead.login' => 'orla',
            'lead.password' => 'password12',
        ] as $field => $text) {
            $this->type($field, $text);
        }
        $this->type('currency', 'EUR');
        $this->tapOn('[role="option"]');
        $this->tap('law-eu');
        $this->picture('open-yard');
        $this->tap('open-yard');
        $this->waitForText('.open-yard', 'one of the passwords that are tried first');
        // The browser writes every answer of that kind down.
        $this->web->manage()->getLog('browser');
        $this->typeAnew('lead.password', 'heron over the weir');
        $this->tap('open-yard');
        // The password was typed a moment ago; what it is for may wait for a week, and is done at once here.
        $this->wait(self::named('later'));
        $this->picture('open-yard-codes');
        $this->assertAccessible();
        $this->tap('propose-device');
        $this->wait(self::named('device-letters'));
        $letters = str_replace(' ', '', $this->text(self::named('device-letters')));
        $this->type('device-code', self::codeOf($letters));
        $this->tap('confirm-device');
        $this->wait(self::named('recovery-codes'));
        self::assertFalse($this->exists(self::named('later')), 'the codes are read before');
        $this->tap('written-down');
        $this->wait(self::named('first-steps'));
        $this->picture('first-steps');
        $this->assertAccessible();

        // Who walks.
        $this->tap('step-people');
        $this->tap('add');
        foreach ([
            'name' => 'Bram Ketel',
            'initials' => 'BK',
            'login' => 'bram',
            'password' => 'ebb and slack',
        ] as $field => $text) {
            $this->type("new-{$field}", $text);
        }
        $this->tap('add-person');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('add-person')), 'Nobody is added.');

        // What is walked.
        $this->open('/app');
        $this->tap('step-machines');
        $this->type('model-field', 'Dromvik 14C');
        $this->tap('model-dromvik_14c');
        $this->type('fleet_number', 'E-01');
        $this->type('serial', 'DV14-0001');
        $this->type('machine-bay', 'bay 1');
        $this->picture('add-machine');
        $this->assertAccessible();
        $this->tap('keep-machine');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('keep-machine')), 'The machine is not entered.');

        // For whom.
        $this->tap('step-hires');
        $this->type('hirer-field', 'Saltmarsh Drainage');
        $this->tap('new-hirer');
        $this->type('machine-field', 'E-0');
        $this->tap('take-E-01');
        $this->waitForText(self::named('in-the-way'), 'Nothing');
        $this->type('contact', 'Ada Finch');
        $this->type('phone', '01632 960 222');
        $this->picture('new-hire');
        $this->assertAccessible();
        $this->resize(800, 1280);
        $this->picture('new-hire-portrait');
        $this->resize(1280, 800);
        $this->tap('book');
        $this->waitUntil(fn (): bool => ! $this->exists(self::named('book')), 'The hire is not booked.');
        $this->open('/app/fleet');
        $this->tap('machine-E-01');
        $this->waitForText('.machine-folios', 'Saltmarsh Drainage');
        $this->signOut();

        // The technician walks it, before its day.
        $this->type('login', 'bram');
        $this->type('password', 'ebb and slack');
        $this->tap('sign-in');
        $this->wait(self::named('my-name'));
        $this->open('/app/fleet');
        $this->tap('machine-E-01');
        $this->tap('next-act');
        $this->wait('.walk');
        $this->assertConsoleIsClean();
    }
}
