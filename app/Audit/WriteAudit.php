<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\User;
use App\Models\Yard;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Writes a line of the audit trail. Passwords and PINs never stand in it. */
final readonly class WriteAudit
{
    /** In these nobody was recognised: somebody tried. */
    private const OF_NOBODY = [
        AuditKind::SignInRefused,
        AuditKind::PinRefused,
        AuditKind::PinLocked,
        AuditKind::SecondFactorRefused,
    ];

    public function __construct(private Request $request)
    {
    }

    /**
     * @param User $of in whose yard it happened; the one who did it, unless nobody was recognised
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public function __invoke(
        AuditKind $kind,
        User $of,
        string $subject,
        array $before = [],
        array $after = [],
        ?User $actor = null,
    ): void {
        $row = [
            'yard_id' => $of->yard_id, 'kind' => $kind->value,
            'actor_id' => in_array($kind, self::OF_NOBODY, true)
                ? null
                : ($actor ?? $of)->id,
            'subject' => mb_substr($subject, 0, 120), 'before' => json_encode($before, JSON_THROW_ON_ERROR),
            'after' => json_encode($after, JSON_THROW_ON_ERROR),
            'address' => $this->request->ip(), 'at' => CarbonImmutable::now()->utc()->format('Y-m-d H:i:s.u'),
        ];
        DB::transaction(static function () use ($row): void {
            // One line after the other: the yard is held, so that two that come at once are one behind the other.
            Yard::query()->whereKey($row['yard_id'])->lockForUpdate()->first();
            $last = DB::table('audit_entries')
                ->where('yard_id', $row['yard_id'])->orderByDesc('id')->lockForUpdate()->value('hash');
            $previous = is_string($last) ? $last : AuditChain::GENESIS;
            DB::table('audit_entries')->insert(
                $row + ['previous_hash' => $previous, 'hash' => AuditChain::hash($row, $previous)],
            );
        }, 3);
    }
}
