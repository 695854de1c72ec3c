<?php

declare(strict_types=1);

namespace App\People\SecondFactor;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Ten codes on paper, each good once, for whoever lost the device. Kept only as what cannot be turned back. */
final class RecoveryCodes
{
    private const COUNT = 10;

    /** Random bytes of a code: 80 bits, sixteen letters. */
    private const BYTES = 10;

    /** @return list<string> in clear, this once */
    public function renew(User $user): array
    {
        $codes = array_map(
            static fn (): string => implode('-', str_split(strtolower(Base32::of(random_bytes(self::BYTES))), 4)),
            range(1, self::COUNT),
        );
        $this->forget($user);
        DB::table('recovery_codes')->insert(array_map(
            static fn (string $code): array => ['user_id' => $user->id, 'hash' => self::hash($code)],
            $codes,
        ));

        return $codes;
    }

    /** Whether this is one that was not used before; from now on it is. */
    public function use(User $user, string $code): bool
    {
        return DB::table('recovery_codes')
            ->where('user_id', $user->id)->where('hash', self::hash($code))->whereNull('used_at')
            ->update(['used_at' => CarbonImmutable::now()]) === 1;
    }

    public function left(User $user): int
    {
        return DB::table('recovery_codes')->where('user_id', $user->id)->whereNull('used_at')->count();
    }

    public function forget(User $user): void
    {
        DB::table('recovery_codes')->where('user_id', $user->id)->delete();
    }

    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^a-z2-7]/', '', strtolower($code)));
    }
}
