<?php

declare(strict_types=1);

namespace App\Hires;

use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Hire\HireEndsBeforeItBegins;
use JadeLedger\Core\Hire\HirePeriod;

/** A hire as the office asks for it: when, who takes it over, where to. */
final readonly class WantedHire
{
    /** @param  list<string>  $knowing kinds of conflicts that were read */
    private function __construct(
        public HirePeriod $period,
        public ?string $contact,
        public ?string $contactPhone,
        public ?string $site,
        public array $knowing,
        public ?CarbonImmutable $outOfReachAt = null,
    ) {
    }

    /** @throws ApiProblem */
    public static function read(JsonObject $asked, YardTime $time): self
    {
        $text = static function (string $name) use ($asked): ?string {
            $text = trim((string) $asked->optionalString($name));

            return $text === '' ? null : $text;
        };

        return new self(
            self::period($asked, $time),
            $text('contact'),
            $text('contact_phone'),
            $text('site'),
            $asked->has('knowing') ? $asked->strings('knowing') : [],
            $asked->has('out_of_reach_at') ? CarbonImmutable::parse($asked->string('out_of_reach_at'))->utc() : null,
        );
    }

    /** @throws ApiProblem where it ends before it begins, or at a time that the clock of the yard leaves out */
    private static function period(JsonObject $asked, YardTime $time): HirePeriod
    {
        try {
            return HirePeriod::between(
                $time->moment($asked->string('goes_out'), 'goes_out')->toDateTimeImmutable(),
                $time->moment($asked->string('comes_back'), 'comes_back')->toDateTimeImmutable(),
            );
        } catch (HireEndsBeforeItBegins) {
            throw ApiProblem::because(ProblemName::HireEndsBeforeItBegins, 422, [], [
                'comes_back' => [Words::say('problems.hire_ends_before_it_begins.title')],
            ]);
        }
    }

    public function over(): BookedOver
    {
        return $this->outOfReachAt === null ? BookedOver::knowing($this->knowing) : BookedOver::outOfReach();
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'goes_out_at' => $this->period->from,
            'comes_back_at' => $this->period->until,
            'contact' => $this->contact,
            'contact_phone' => $this->contactPhone,
            'site' => $this->site,
        ];
    }

    /** @return array<string, mixed> for the audit */
    public function record(): array
    {
        return [
            'goes_out_at' => $this->period->from->format('Y-m-d\TH:i:s\Z'),
            'comes_back_at' => $this->period->until->format('Y-m-d\TH:i:s\Z'),
        ] + array_filter([
            'knowing' => implode(', ', $this->knowing),
            'out_of_reach_at' => $this->outOfReachAt?->format('Y-m-d\TH:i:s\Z'),
        ]);
    }
}
