<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserTestCase;
use Tests\Support\WalksInTheBrowser;

/** A service point that is due is found on the horizon, done at the machine, and gone from both. */
final class ServiceStoryTest extends BrowserTestCase
{
    use WalksInTheBrowser;

    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_a_point_is_seen_coming_done_and_due_again_later(): void
    {
        $this->signIn('moss');
        $this->tapOn('.tabs a[href$="/service"]');
        $this->wait(self::named('horizon-E-16'));
        $this->tap('clashes-first');
        $this->picture('horizon');
        $this->assertAccessible();
        $this->tapOn('[data-testid="horizon-E-16"] a');
        $this->wait(self::named('point-svc-track-bolts'));
        $this->waitForText('.service-scale', 'Track bolts');

        // The meter is read first: a slip is told, the right figure is taken.
        $this->tap('read-meter');
        $this->type('meter-hours', '44300');
        $this->tap('meter-read');
        $this->waitForText('.problem', 'cannot have shown that');
        $this->picture('meter-slip');
        $this->typeAnew('meter-hours', '4426,0');
        $this->tap('meter-read');
        $this->waitForText(self::named('meter-of-machine'), '426.0');

        $this->tap('point-svc-track-bolts');
        $this->waitForText('.service-facts', 'counted from when it was done');
        $this->type('service-hours', '9999999');
        $this->tap('service-done');
        $this->waitForText('.problem', 'not run that long');
        $this->picture('service-point');
        $this->assertAccessible();
        $this->web->manage()->getLog('browser');
        $this->typeAnew('service-hours', '4426');
        $this->type('service-words', 'Two were loose on the left.');
        $this->tap('service-done');
        $this->wait(self::named('do-svc-track-bolts'));
        $this->tap('do-svc-track-bolts');
        $this->waitForText('.service-facts', 'Moss Ackerley');
        $this->waitForText('.service-facts', '676');
        $this->tapOn('.leaf-close');
        $this->picture('machine-serviced');
        $this->tap('other-leaf');
        $this->waitForText('.trail', 'Two were loose on the left.');
        $this->assertConsoleIsClean();
    }

    public function test_work_is_planned_into_a_day_and_done_without_a_network(): void
    {
        $this->signIn('moss');
        $this->tapOn('.tabs a[href$="/service"]');
        $this->wait(self::named('horizon-E-07'));
        $this->tap('plan-service');
        $this->tap('plan-E-07-svc-slew-ring');
        $this->tap('plan-these');
        $this->waitForText('.planned-day', 'E-07');
        $this->waitForText('.planned-day', 'Grease: slew ring');
        $this->assertAccessible();
        $this->picture('service-planned');
        $this->tapOn('.leaf-close');

        $this->tapOn('[data-testid="horizon-E-07"] a');
        $this->tap('service-points');
        $this->wait('.numbered-plan');
        $this->network(false);
        $this->tap('do-svc-slew-ring');
        $this->tap('service-done');
        $this->waitForText(self::named('do-svc-slew-ring'), 'kept on this tablet');
        $this->tapOn('.leaf-close');
        $this->waitForText(self::named('machine-waits'), '1 entry waits');
        $this->picture('service-kept');
        $this->network(true);
        $this->waitUntil(
            fn (): bool => ! $this->exists(self::named('machine-waits')),
            'the entry still waits on the tablet',
        );
        $this->tap('service-points');
        $this->waitForText(self::named('do-svc-slew-ring'), 'Done today');
        $this->tapOn('.leaf-close');
        // What is recorded is planned no more.
        $this->tapOn('.tabs a[href$="/service"]');
        $this->tap('plan-service');
        $this->waitForText('.leaf-body', 'Nothing is planned yet');
    }
}
