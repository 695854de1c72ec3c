<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Equipment\Features;

/** What a yard does where somebody shows no proof, or one that has ended. The house rule says which. */
enum WithoutProof: string
{
    /** The machine stays. */
    case Refused = 'refused';
    /** It goes where somebody by name stands beside who works it. */
    case Supervised = 'supervised';
    /** It goes where the lead hands it over and says why. */
    case ByLead = 'by_lead';

    public static function of(Features $features): self
    {
        return match (true) {
            $features->has('rule_without_proof_supervised') => self::Supervised,
            $features->has('rule_without_proof_lead') => self::ByLead,
            default => self::Refused,
        };
    }
}
