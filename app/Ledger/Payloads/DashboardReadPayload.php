<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Fault\Lamp;
use JadeLedger\Core\Fault\PanelSignal;
use JadeLedger\Core\Fault\SignalColour;
use JadeLedger\Core\Fault\SignalRhythm;

/** Lamps that are lit and codes that are active. */
final readonly class DashboardReadPayload extends LineAnswer
{
    /** @var list<Lamp> */
    public array $lamps;

    /** @var list<ActiveCode> */
    public array $codes;

    /** @var list<PanelSignal> lamps and words of a panel that has others than the four */
    public array $signals;

    protected function __construct(JsonObject $json)
    {
        parent::__construct($json);
        $this->lamps = array_map(Lamp::from(...), array_values(array_unique($json->strings('lamps'))));
        $this->codes = array_map(ActiveCode::read(...), $json->objects('codes'));
        $this->signals = array_map(self::signal(...), $json->has('signals') ? $json->objects('signals') : []);
    }

    private static function signal(JsonObject $json): PanelSignal
    {
        return new PanelSignal(
            SignalColour::from($json->string('colour')),
            SignalRhythm::from($json->string('rhythm')),
            trim($json->string('words')),
        );
    }
}
