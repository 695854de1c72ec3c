<?php

declare(strict_types=1);

namespace App\Hires;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;

/** Times as the office writes them: day and time on the yard's own clock. */
final readonly class YardTime
{
    public const FORMAT = 'Y-m-d\TH:i';

    public function __construct(private CurrentYard $yard)
    {
    }

    /**
     * @param string $field of the request, for what is said of it
     *
     * @throws ApiProblem where the clock never shows this time: in spring an hour is left out
     */
    public function moment(string $text, string $field): CarbonImmutable
    {
        $moment = CarbonImmutable::createFromFormat('!'.self::FORMAT, $text, $this->yard->timezone());
        if ($moment === null || $moment->format(self::FORMAT) !== $text) {
            $problem = ProblemName::NoSuchHour;

            throw ApiProblem::because(
                $problem,
                422,
                ['time' => $text],
                [$field => [\App\Words::say("problems.{$problem->value}.title")]],
            );
        }

        return $moment->utc();
    }
}
