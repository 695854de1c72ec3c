<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Source\Source;

/**
 * A small calculation of the tailgate: what it asks, how it is computed, on whose authority, and what to be careful
 * of.
 */
final readonly class LimitSheet
{
    /**
     * @param int $order in which sheets of a machine stand: what is asked most first
     * @param list<Field> $fields
     * @param array<string, string> $example values by field, as they are typed
     * @param string $gives what the example comes to, as its source says it
     */
    public function __construct(
        public string $id,
        public SheetKind $kind,
        public int $order,
        public string $title,
        public string $formula,
        public string $caution,
        public Source $source,
        public Applicability $applies,
        public array $fields,
        public array $example,
        public string $gives,
    ) {
    }

    /** @throws NoSuchField */
    public function field(string $name): Field
    {
        foreach ($this->fields as $field) {
            if ($field->name === $name) {
                return $field;
            }
        }

        throw NoSuchField::named($this->id, $name);
    }

    /**
     * @param SheetInputs $inputs of this sheet
     *
     * @throws InputRefused
     */
    public function compute(SheetInputs $inputs): SheetResult
    {
        return $this->kind->formula()->compute($inputs);
    }
}
