<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

/** Whether somebody may be handed a machine of a category, by what was seen of them. */
enum OperatorStanding: string
{
    case Valid = 'valid';
    case ProofEnded = 'proof_ended';
    case NotEvaluated = 'not_evaluated';
    case EvaluationEnded = 'evaluation_ended';
}
