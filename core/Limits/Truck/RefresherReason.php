<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

/** What asks for training again. Source: 29 CFR 1910.178(l)(4)(ii)(A) to (E). */
enum RefresherReason: string
{
    case UnsafeOperation = 'unsafe_operation';
    case AccidentOrNearMiss = 'accident_or_near_miss';
    case UnsatisfactoryEvaluation = 'unsatisfactory_evaluation';
    case DifferentTruck = 'different_truck_type';
    case ChangedWorkplace = 'workplace_condition_change';
}
