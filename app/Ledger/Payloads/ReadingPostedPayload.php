<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Reading\Fluids\Face;

/** What an instrument showed. */
final readonly class ReadingPostedPayload extends LineAnswer
{
    /** Nothing where it is read at several points. */
    public ?string $value;

    /** @var list<string> */
    public array $points;

    public string $unit;

    public ?Face $face;

    /** Asked once more: it lies beyond what the instrument is drawn with, and it is so. */
    public bool $isBeyondScale;

    public ?string $look;

    /** @var list<SeenCondition> */
    public array $observed;

    public string $reason;

    /** Digest. */
    public ?string $photo;

    protected function __construct(JsonObject $json)
    {
        parent::__construct($json);
        $this->value = $json->optionalString('value');
        $this->points = $json->strings('points');
        $this->unit = $json->string('unit');
        $this->face = $json->has('face') ? Face::from($json->string('face')) : null;
        $this->isBeyondScale = $json->flag('beyond_scale');
        $this->look = $json->optionalString('look');
        $this->observed = array_map(SeenCondition::read(...), $json->objects('observed'));
        $this->reason = trim($json->optionalString('reason') ?? '');
        $this->photo = $json->optionalString('photo');
    }
}
