<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Technician = 'technician';
    case Lead = 'lead';
    case Mechanic = 'mechanic';
    case Counter = 'counter';
    case Auditor = 'auditor';

    /** Those who go round machines and write down what they find. */
    public function walks(): bool
    {
        return in_array($this, [self::Technician, self::Lead, self::Mechanic], true);
    }

    /** Those who may be the second person: whoever works in the yard. */
    public function standsBy(): bool
    {
        return $this !== self::Auditor;
    }

    /** Those who may come in with a PIN on a shared tablet; a lead's powers ask for a password. */
    public function mayUsePin(): bool
    {
        return in_array($this, [self::Technician, self::Mechanic, self::Counter], true);
    }

    /** Those whose powers ask for more than a password. */
    public function asksSecondFactor(): bool
    {
        return in_array($this, [self::Lead, self::Auditor], true);
    }

    public function readsTheAudit(): bool
    {
        return in_array($this, [self::Lead, self::Auditor], true);
    }

    /** Those who mend what stopped a machine. */
    public function repairs(): bool
    {
        return in_array($this, [self::Mechanic, self::Lead], true);
    }

    /** Those who stand with the customer. */
    public function handsOver(): bool
    {
        return in_array($this, [self::Technician, self::Lead, self::Counter], true);
    }

    public function settles(): bool
    {
        return in_array($this, [self::Lead, self::Counter], true);
    }
}
