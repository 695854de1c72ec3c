<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserTestCase;

/** Limits of a hire by finger: the site, the sheets of four machines, what is kept, and what is refused in words. */
final class LimitsStoryTest extends BrowserTestCase
{
    protected static function isTouched(): bool
    {
        return true;
    }

    public function test_a_boom_reaches_the_ridge_clear_of_a_line_and_comes_down_in_wind(): void
    {
        $this->signIn('ines');
        $this->openLimits('A-20');
        $this->tap('site-lines-yes');
        $this->waitForText('.limits-cautions', 'owner of the line');

        $this->tap('sheet-reach');
        $this->tap('set-job');
        $this->wait(self::named('reach'));
        $this->typeAnew('field-job_out', '6');
        $this->typeAnew('field-job_up', '14,5');
        // The site has a line: where it hangs is asked for before anything is clear.
        $this->waitForText('.limits-says', 'where it hangs');
        $this->tapOn('[data-testid="step-out"] button:last-child');
        $this->waitForText('[data-testid="step-out"] b', '6.5');
        // A line twelve metres out, of which nobody knows the voltage, leaves nothing of the reach there.
        $this->typeAnew('field-line_out', '12');
        $this->typeAnew('field-line_up', '11');
        $this->waitForText('.limits-says', 'Nothing comes nearer than 13.8 m');
        $this->typeAnew('field-voltage', '11');
        $this->waitForText('.limits-says', 'Inside');
        $this->assertAccessible();
        $this->picture('limits-reach');
        $this->tap('set-limits');
        $this->waitForText(self::named('set-limits'), 'set by Ines Okafor');

        $this->tap('sheet-wind');
        $this->typeAnew('field-gusts', '10.4');
        $this->waitForText('.limits-says', 'Down now');
        $this->tap('site-sheets-no');
        $this->waitForText('.limits-says', 'down at 12.5 m/s');
        // What was typed stays when the site is answered.
        self::assertSame('10.4', $this->wait(self::named('field-gusts'))->getAttribute('value'));
        $this->tap('site-indoors-yes');
        $this->waitForText(self::named('unsuitable'), 'Scissor lift');
        $this->tap('site-indoors-no');
        $this->tap('set-limits');
        $this->waitForText(self::named('set-limits'), 'set by Ines Okafor');
        $this->openLimits('A-20');
        $this->waitForText(self::named('sheet-wind'), 'set');
        $this->assertConsoleIsClean();
    }

    public function test_a_gas_truck_with_an_attachment_carries_less_and_a_slip_is_told(): void
    {
        $this->signIn('ines');
        $this->openLimits('F-25');
        $this->tap('sheet-load-centre');
        $this->typeAnew('field-load', '1800');
        $this->waitForText('.limits-right', 'Its centre from the forks');
        $this->typeAnew('field-load_centre', '600');
        $this->waitForText('.limits-says', 'at most 2268');
        $this->typeAnew('field-attachment_mass', '120');
        $this->typeAnew('field-attachment_depth', '150');
        $this->waitForText('.limits-ledger', '871');
        $this->typeAnew('field-load', '3968');
        $this->waitForText('.limits-advice', 'Was it pounds?');
        $this->typeAnew('field-load', '-3');
        $this->waitForText('.sheet-fields', 'cannot be less than nothing');
        $this->picture('limits-slip');
        $this->assertConsoleIsClean();
    }

    public function test_a_generator_runs_its_load_and_cannot_start_a_motor(): void
    {
        $this->signIn('ines');
        $this->openLimits('G-07');
        $this->tap('sheet-generator');
        $this->typeAnew('field-running', '20');
        $this->waitForText('.limits-says', 'It suits');
        $this->typeAnew('field-motor', '11');
        $this->waitForText('.limits-says', 'the start asks for');
        $this->typeAnew('field-altitude', '1500');
        $this->waitForText('.limits-ledger', 'thin air');
        $this->assertAccessible();
        $this->picture('limits-generator');
        $this->assertConsoleIsClean();
    }

    public function test_an_excavator_goes_on_a_lorry_with_chains_enough(): void
    {
        $this->signIn('ines');
        $this->openLimits('E-05');
        $this->tap('sheet-tie-down');
        $this->typeAnew('field-limit', '2994');
        $this->waitForText('.limits-says', 'Too weak');
        $this->typeAnew('field-count', '5');
        $this->waitForText('.limits-says', 'Enough');
        $this->waitForText('.limits-advice', 'four at least');
        $this->tap('sheet-loading-ramp');
        $this->typeAnew('field-deck', '1.1');
        $this->typeAnew('field-ramp', '1');
        $this->waitForText('.sheet-fields', 'stands upright');
        $this->typeAnew('field-ramp', '4.5');
        $this->waitForText('.limits-says', '14.1');
        $this->assertConsoleIsClean();
    }

    private function openLimits(string $number): void
    {
        $this->open('/app/fleet');
        $this->typeAnew('fleet-search', $number);
        $this->waitForText('.head-sub', '1 machine');
        $this->tap("machine-{$number}");
        $this->tap('limits');
        $this->wait('.limits-tabs');
    }
}
