<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Ledger\DeviceClock;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use JadeLedger\Core\Check\Movement;

final class OpenWalkRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('openWalk', $this->route('hire')) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'movement' => ['required', Rule::enum(Movement::class)],
            'recorded_at' => ['required', 'date'],
        ];
    }

    public function walkId(): string
    {
        return Str::lower($this->string('id')->value());
    }

    public function movement(): Movement
    {
        return Movement::from($this->string('movement')->value());
    }

    public function recordedAt(): CarbonImmutable
    {
        return DeviceClock::of($this, CarbonImmutable::now())->corrected(
            CarbonImmutable::parse($this->string('recorded_at')->value())->utc(),
        );
    }
}
