<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Instrument;
use JadeLedger\Core\Reading\Limits;
use JadeLedger\Core\Reading\NoJudgeFor;
use JadeLedger\Core\Reading\StatedFigure;

/** A maker's model with its own features and limits. */
final readonly class MachineModel
{
    /**
     * @param array<string, Limits> $limits by the name that checks ask for
     * @param array<string, non-empty-list<string>> $servicePlaces where a service point is on this model, by its id
     * @param array<string, string> $places where a place, or a single check, is on this model: another place
     */
    public function __construct(
        public string $id,
        public string $familyId,
        public string $maker,
        public string $name,
        public string $describes,
        public int $massKilograms,
        public Features $features,
        public array $limits,
        public ?Plate $plate = null,
        public array $servicePlaces = [],
        private array $places = [],
    ) {
    }

    /** @return list<string> where a check is done on this model */
    public function placesOf(Check $check): array
    {
        return isset($this->places[$check->id]) ? [$this->places[$check->id]] : $this->here($check->places);
    }

    /**
     * @param list<string> $places as its family has them
     * @return list<string> where they are on this model
     */
    public function here(array $places): array
    {
        $here = array_map(fn (string $place): string => $this->places[$place] ?? $place, $places);

        return array_values(array_unique($here));
    }

    /** @return array<string, string> places and checks that are elsewhere than on other models of the family */
    public function moved(): array
    {
        return $this->places;
    }

    /**
     * Figures that the steps of a test name.
     *
     * @param list<string> $names
     * @return array<string, Quantity> by name
     *
     * @throws LimitNotKnown
     */
    public function stated(array $names): array
    {
        $figures = [];
        foreach ($names as $name) {
            $limit = $this->limit($name);
            $figures[$name] = $limit instanceof StatedFigure
                ? $limit->figure
                : throw LimitNotKnown::ofModel($this->id, $name);
        }

        return $figures;
    }

    /** @throws LimitNotKnown when the model has no such limit: it is asked for, never guessed */
    public function limit(string $name): Limits
    {
        return $this->limits[$name] ?? throw LimitNotKnown::ofModel($this->id, $name);
    }

    /**
     * What is read on it under this name.
     *
     * @throws LimitNotKnown when the model has none
     * @throws NoJudgeFor when it is something else than an instrument: a mistake of the catalogue
     */
    public function instrument(string $name): Instrument
    {
        $limits = $this->limit($name);

        return $limits instanceof Instrument ? $limits : throw NoJudgeFor::limits($limits);
    }
}
