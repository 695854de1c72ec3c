<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\AuditEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** Writes a line of the audit trail. Passwords and PINs never stand in it. */
final readonly class WriteAudit
{
    public function __construct(private Request $request)
    {
    }

    /**
     * @param User $of in whose yard it happened; the one who did it, unless nobody was recognised
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public function __invoke(AuditKind $kind, User $of, string $subject, array $before = [], array $after = [], ?User $actor = null): void
    {
        AuditEntry::query()->create([
            'yard_id' => $of->yard_id, 'kind' => $kind, 'actor_id' => in_array($kind, [AuditKind::SignInRefused, AuditKind::PinRefused, AuditKind::PinLocked], true) ? null : ($actor ?? $of)->id,
            'subject' => mb_substr($subject, 0, 120), 'before' => $before, 'after' => $after, 'address' => $this->request->ip(), 'at' => CarbonImmutable::now(),
        ]);
    }
}
