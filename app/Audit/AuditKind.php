<?php

declare(strict_types=1);

namespace App\Audit;

/** What is written down beside the ledger: who came in, and who changed what everything else rests on. */
enum AuditKind: string
{
    case SignedIn = 'signed_in';
    case SignedInByPin = 'signed_in_by_pin';
    case SignInRefused = 'sign_in_refused';
    case PinRefused = 'pin_refused';
    case PinLocked = 'pin_locked';
    case SignedOut = 'signed_out';
    case SignedOutElsewhere = 'signed_out_elsewhere';
    case PasswordChanged = 'password_changed';
    case PinChosen = 'pin_chosen';
    case SecondFactorSet = 'second_factor_set';
    case SecondFactorRefused = 'second_factor_refused';
    case RecoveryCodeUsed = 'recovery_code_used';
    case TabletEnrolled = 'tablet_enrolled';
    case TabletRevoked = 'tablet_revoked';
    case MachineAdded = 'machine_added';
    case MachineChanged = 'machine_changed';
    case MachineLeft = 'machine_left';
    case PaperRecorded = 'paper_recorded';
    case HirerKept = 'hirer_kept';
    case HirersMerged = 'hirers_merged';
    case HireBooked = 'hire_booked';
    case HireChanged = 'hire_changed';
    case MachineSwapped = 'machine_swapped';
    case MachineFound = 'machine_found';
    case HirerNamed = 'hirer_named';
    case HireCancelled = 'hire_cancelled';
    case YardOpened = 'yard_opened';
    case PersonAdded = 'person_added';
    case RoleChanged = 'role_changed';
    case PersonLeft = 'person_left';
    case PersonCameBack = 'person_came_back';
    case OutboxTakenOver = 'outbox_taken_over';
    case SecretsReset = 'secrets_reset';
    case ReceiptDiffers = 'receipt_differs';
    case ShiftChanged = 'shift_changed';
    case QualificationRecorded = 'qualification_recorded';
    case HouseRuleChosen = 'house_rule_chosen';
    case ModelKept = 'model_kept';
    case ServiceIntervalSet = 'service_interval_set';
    case ServicePlanned = 'service_planned';
    case ModelPlateSet = 'model_plate_set';
    case CalendarFeedMade = 'calendar_feed_made';
    case CalendarFeedRevoked = 'calendar_feed_revoked';
    case HirerLinkMade = 'hirer_link_made';
    case HirerLinkRevoked = 'hirer_link_revoked';
    case HirerMailed = 'hirer_mailed';
    case YardChanged = 'yard_changed';
    case StepNoteSet = 'step_note_set';
}
