<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Fault\Lamp;

/** Lamps that are lit and codes that are active. */
final readonly class DashboardReadPayload extends LineAnswer
{
    /** @var list<Lamp> */
    public array $lamps;

    /** @var list<ActiveCode> */
    public array $codes;

    protected function __construct(JsonObject $json)
    {
        parent::__construct($json);
        $this->lamps = array_map(Lamp::from(...), array_values(array_unique($json->strings('lamps'))));
        $this->codes = array_map(ActiveCode::read(...), $json->objects('codes'));
    }
}
